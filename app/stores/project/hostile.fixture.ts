import { createPinia, setActivePinia } from 'pinia'
import { isDeepStrictEqual } from 'node:util'
import { expect } from 'vitest'
import { formatProject, parseProject, recordOf, starterPaints } from '../../../core'
import type { OwnPaint } from '../../../core'
import { starterIds } from '../paints'
import { useProject } from './project'

/** Whatever is stored can be opened again, equal: the text that would be saved is read and written anew. */
export function readsBack(store: ReturnType<typeof useProject>, when: string): void {
  const text = formatProject(store.project)
  const reading = parseProject(text, starterIds)
  expect(reading.ok ? [] : reading.issues, when).toEqual([])
  if (reading.ok && !isDeepStrictEqual(reading.value, JSON.parse(text)))
    expect(reading.value, when).toEqual(JSON.parse(text))
}
export const paint = (id: string): OwnPaint => ({
  ...recordOf(starterPaints.find((one) => one.id === 'yellow-ochre')!),
  id,
  name: `Bottle ${id}`,
  origin: 'estimated',
})
export const lab = { L: 50, a: 1, b: 2 }
export const entry = (id: string) => ({
  id,
  at: '2026-01-01T19:00:00.000Z',
  who: 'Mei',
  what: 'glaze',
  parts: [{ paint: 'titanium-white', drops: 1 }],
  predicted: lab,
})
export const coat = (id: string) => ({ id, kind: 'glaze', mix: 'base' }) as const
export const stack = (many: number) =>
  ({
    under: { kind: 'flat', paint: 'carbon-black' },
    coats: Array.from({ length: many }, (_, i) => coat(`c${i}`)),
  }) as const

export function begin(): ReturnType<typeof useProject> {
  setActivePinia(createPinia())
  return useProject()
}
