import { ellipsoid, joined, pressed, taper } from './distance'
import type { Distance } from './distance'

/** A figure part to see a ladder on. All are our own, made from distance functions. */
export interface Form {
  name: string
  distance: Distance
}

const mirrored = (x: number, make: (side: number) => Distance): Distance[] => [make(-x), make(x)]

const head = (): Distance => {
  const skull = joined(
    0.12,
    ellipsoid(0, 0.5, -0.06, 0.34, 0.38, 0.38),
    ellipsoid(0, 0.28, 0.08, 0.25, 0.3, 0.26),
    taper([0, 0.06, 0.2], [0, 0.06, 0.22], 0.1, 0.08),
    ...mirrored(0.17, (x) => ellipsoid(x, 0.32, 0.19, 0.09, 0.08, 0.08)),
  )
  const face = pressed(
    joined(0.05, skull, taper([0, 0.45, 0.3], [0, 0.27, 0.4], 0.035, 0.06)),
    0.05,
    ...mirrored(0.125, (x) => ellipsoid(x, 0.44, 0.36, 0.075, 0.05, 0.06)),
    ellipsoid(0, 0.14, 0.37, 0.11, 0.018, 0.05),
  )
  const features = joined(
    0.025,
    face,
    ...mirrored(0.12, (x) => ellipsoid(x, 0.435, 0.255, 0.055, 0.045, 0.05)),
    taper([-0.2, 0.53, 0.25], [0.2, 0.53, 0.25], 0.035, 0.035),
    ellipsoid(0, 0.185, 0.31, 0.075, 0.022, 0.045),
    ellipsoid(0, 0.105, 0.3, 0.07, 0.027, 0.045),
    ...mirrored(0.345, (x) => ellipsoid(x, 0.4, -0.04, 0.035, 0.1, 0.06)),
  )
  const trunk = joined(
    0.14,
    taper([0, -0.2, -0.06], [0, 0.1, -0.02], 0.19, 0.17),
    taper([-0.62, -0.5, -0.06], [0.62, -0.5, -0.06], 0.2, 0.2),
    ellipsoid(0, -0.72, 0, 0.6, 0.38, 0.28),
    taper([-0.06, -0.34, 0.16], [-0.4, -0.3, 0.1], 0.05, 0.05),
    taper([0.06, -0.34, 0.16], [0.4, -0.3, 0.1], 0.05, 0.05),
  )
  return joined(0.07, features, trunk)
}

const forearm = (): Distance =>
  joined(
    0.1,
    taper([-0.1, 0.9, 0], [0.04, -0.42, 0], 0.26, 0.15),
    ellipsoid(-0.2, 0.48, 0.08, 0.2, 0.42, 0.18),
    ellipsoid(0.06, 0.5, 0.02, 0.19, 0.36, 0.2),
    ellipsoid(0.06, -0.66, 0.02, 0.2, 0.24, 0.11),
    taper([0.2, -0.56, 0.08], [0.3, -0.86, 0.14], 0.07, 0.055),
    ...[-0.08, 0.01, 0.1, 0.18].map((x, i) =>
      taper([x, -0.8, 0.04], [x + 0.02, -0.96 + 0.03 * Math.abs(i - 1.5), 0.1], 0.055, 0.045),
    ),
  )

/** Scales in staggered rows on a bellied flank. */
const flank = (): Distance => {
  const body = ellipsoid(0, 0, -0.5, 0.95, 0.85, 0.85)
  return (x, y, z) => {
    const row = Math.floor(y / 0.16 + 0.5)
    const u = x / 0.19 + (row % 2 === 0 ? 0 : 0.5)
    const [du, dv] = [u - Math.floor(u) - 0.5, y / 0.16 + 0.5 - row - 0.62]
    const scale = Math.max(0, 1 - 3.2 * (du * du + 0.8 * dv * dv))
    return 0.6 * (body(x, y, z) - 0.055 * Math.sqrt(scale))
  }
}

export const forms = {
  head: { name: 'head and shoulders', distance: head() },
  egg: { name: 'egg', distance: ellipsoid(0, 0, 0, 0.62, 0.86, 0.62) },
  forearm: { name: 'forearm', distance: forearm() },
  flank: { name: 'scaled flank', distance: flank() },
} satisfies Record<string, Form>
export type FormKey = keyof typeof forms
