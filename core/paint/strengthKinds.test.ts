import { describe, expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { contrastRatio, opacityOf } from './hiding'
import { opaqueReflectance } from './opaque'
import { featuresOf } from './pigment'
import { starterPaints } from './starter'
import { filledAs, hobbyLoad, strengthKinds } from './strengthKinds'
import { tintingStrength } from './strength'

const white = starterPaints[0]!
const pigments = starterPaints.filter(
  ({ id, pigments: [name] }) => featuresOf(id) && !name!.startsWith('PW'),
)

describe('what a bottle is filled as', () => {
  it('keeps the masstone of hobby and artists’ paint, and only the strength differs', () => {
    for (const paint of pigments) {
      const tube = filledAs(paint, 'artists')
      const [one, other] = [paint, tube].map((of) => labOf(opaqueReflectance(of)))
      expect(deltaE00(one!, other!), paint.id).toBeLessThan(1e-6)
      expect(tintingStrength(tube, white)).toBeGreaterThanOrEqual(tintingStrength(paint, white))
    }
  })

  it('the strongest pigments are dosed down most, whites not at all (common practice, no source)', () => {
    const load = (id: string): number => hobbyLoad(starterPaints.find((p) => p.id === id)!.pigments)
    expect(load('titanium-white')).toBe(1)
    for (const id of [
      'phthalo-blue-red',
      'phthalo-green',
      'dioxazine-violet',
      'quinacridone-magenta',
    ])
      expect(load(id)).toBeLessThan(0.65 * load('yellow-ochre'))
    // No bottle of the starter box colours white more than a black does.
    const strengths = pigments.map((paint) => tintingStrength(paint, white))
    const black = tintingStrength(
      starterPaints.find(({ id }) => id === 'carbon-black')!,
      white,
    )
    expect(Math.max(...strengths)).toBeLessThanOrEqual(black)
  })

  it('translucent paint and ink hide less than hobby paint, each kind another bottle', () => {
    for (const paint of pigments) {
      const hides = strengthKinds.map((kind) => contrastRatio(filledAs(paint, kind), 10))
      const [hobby, , translucent] = hides
      expect(translucent).toBeLessThan(hobby! + 1e-9)
      expect(new Set(strengthKinds.map((kind) => filledAs(paint, kind).S[17])).size).toBe(4)
      expect(filledAs(paint, 'hobby')).toBe(paint)
    }
  })

  it('the opacity word of every starter is what the model says of it', () => {
    for (const paint of starterPaints) expect(paint.opacity, paint.id).toBe(opacityOf(paint))
  })
})
