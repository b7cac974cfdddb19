import { methodsForAnyone } from './anyone'
import { deadMethods } from './dead'
import { hideMethods } from './hides'
import { hidesApart } from './hidesApart'
import type { Method } from './method'
import { skinMethods } from './skins'
import { skinsByUndercoat } from './skinsByUndercoat'

/** Every way to start from: for living skin, for hides, for the dead. */
export const methods: readonly Method[] = [
  ...skinMethods,
  ...skinsByUndercoat,
  ...methodsForAnyone,
  ...hideMethods,
  ...hidesApart,
  ...deadMethods,
]
