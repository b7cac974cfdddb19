import type { Project } from '../../core'
import { lowTide } from '../../demo/lowTide'
import { starterIds } from './paints'

/** The demo as it is shipped. */
export const shippedDemo = (): Project => lowTide([...starterIds])
