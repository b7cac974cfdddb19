import { NODES, skinField, skinReflectance, valueOnAxis, displayColour, labOf } from '../../core'
import { race } from './rate'
import type { Ratio } from './rate'

const WIDTH = 320
const HEIGHT = 240
/** Frames a second that leave a worker 30 ms for each. */
const WANTED_RATE = 1000 / 30

/** The field of skins against computing every pixel of it; a frame has to take under 30 ms. */
export function toneBench(): Ratio[] {
  let turn = 0
  const common = () => ({ oxygenation: 0.6 + 0.001 * (turn++ % 100), carotene: 10 })
  const fields = race(
    { items: 1, run: () => void skinField(common(), WIDTH, HEIGHT) },
    {
      items: NODES / (WIDTH * HEIGHT),
      run: () => {
        for (let i = 0; i < NODES; i++) {
          const melanin = valueOnAxis('melanin', i / NODES)
          void displayColour(labOf(skinReflectance({ ...common(), melanin, blood: 0.02 })))
        }
      },
    },
  )
  return [
    {
      what: 'skin field 320 × 240, per s',
      against: 'every pixel computed',
      wanted: 20,
      ...fields,
    },
    {
      what: 'skin field 320 × 240, per s',
      against: 'one every 30 ms',
      wanted: 1,
      ours: fields.ours,
      theirs: WANTED_RATE,
    },
  ]
}
