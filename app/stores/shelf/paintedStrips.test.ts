import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import { toRaw } from 'vue'
import { hexOfLab } from '../../../core'
import { shippedDemo } from '../shippedDemo'
import { useProject } from '../project/project'
import { rowOf } from '../range/rowOf'
import { paintedStrips } from './paintedStrips'
import { summaryOf } from './summaryOf'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

it('a commission that is not open shows what it would be painted with, from its own bottles', async () => {
  setActivePinia(createPinia())
  const store = useProject()
  const open = shippedDemo()
  const [first, second, third] = open.figures
  const bare = (figure: typeof first) => ({ ...figure!, stack: undefined })
  const other = {
    ...open,
    id: 'other',
    // Strong ochre, no magenta: mixes are not those of the commission that is open.
    out: [...open.out, 'quinacridone-magenta'],
    bottles: { ...open.bottles, 'yellow-ochre': { strength: 'artists' as const } },
    figures: [
      bare(first),
      { ...second!, bottles: { without: ['titanium-white'] } },
      {
        ...third!,
        stack: {
          under: { kind: 'flat' as const, of: { bottle: 'carbon-black' } },
          coats: [{ id: 'c', kind: 'base' as const, passes: 4, of: { bottle: 'titanium-white' } }],
        },
      },
    ],
    figure: first!.id,
  }
  const { figures } = summaryOf(other, 0)
  const painted = (await paintedStrips(other, figures, () => true))!
  expect(painted.map(({ of }) => of)).toEqual(['mixes', second!.stack ? 'coats' : 'mixes', 'coats'])
  store.restore(other)
  for (const [i, figure] of other.figures.entries()) {
    const stored = (other.puddles ?? []).filter(({ figure: of }) => !of || of === figure.id)
    const row = await rowOf(toRaw(figure), store.tableFor(figure).map(toRaw), stored)
    const labs = row.coated ?? row.steps.map((step) => step.painted)
    expect(painted[i]!.strip).toEqual(labs.map(hexOfLab))
  }
  // White all over is white, whatever the ladder says.
  expect(parseInt(painted[2]!.strip![0]!.slice(1, 3), 16)).toBeGreaterThan(170)
  expect(await paintedStrips(other, figures, () => false)).toBeUndefined()
})
