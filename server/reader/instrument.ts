import { drawdownCard, flatSpectrum, normals, seeded } from '../../core'
import type { Mixture, ReaderSample, ReaderTrouble, Spectrum } from '../../core'
import { exactCoats, exactGround } from '../../tests/reference/addingDoubling'
import { opaque, plainWorld } from '../../tests/world/physics'
import type { World } from '../../tests/world/physics'

/** Why this reader does not read, by the words of the contract. */
type InstrumentTrouble = Extract<ReaderTrouble, 'uncalibrated' | 'unknown-paint' | 'out-of-range'>

export class ReaderError extends Error {
  constructor(
    readonly trouble: InstrumentTrouble,
    message: string,
  ) {
    super(message)
  }
}

/** The white calibration lasts so many readings and so long. */
export const READINGS_A_CALIBRATION = 60
const CALIBRATION_MS = 30 * 60 * 1000

/** A hand-held spectrophotometer that is not there: hidden bottles, seeded noise of about 0.2 ΔE00. */
export class Instrument {
  private readonly normal: () => number
  private left = 0
  private calibratedAt = -Infinity

  constructor(
    private readonly bottles: ReadonlyMap<string, Mixture>,
    seed: number,
    private readonly now: () => number,
    private readonly noise = 1,
    private readonly world: World = plainWorld,
  ) {
    this.normal = normals(seeded(seed))
  }

  /** The painter puts the reader on its white tile. */
  calibrate(): void {
    this.left = READINGS_A_CALIBRATION
    this.calibratedAt = this.now()
  }

  get calibrated(): boolean {
    return this.left > 0 && this.now() - this.calibratedAt < CALIBRATION_MS
  }

  /** @throws ReaderError when the white calibration is due or the sample cannot be read. */
  measure(sample: ReaderSample): Spectrum {
    if (!this.calibrated)
      throw new ReaderError('uncalibrated', 'the reader wants its white tile before it reads on')
    const truth = this.truth(sample)
    this.left--
    const common = 0.002 * this.normal()
    return truth.map((r) =>
      Math.max(
        0,
        r * (1 + this.noise * (common + 0.0025 * this.normal())) +
          this.noise * 0.0005 * this.normal(),
      ),
    )
  }

  /** What a perfect reader would say. */
  truth(sample: ReaderSample): Spectrum {
    const within = (name: string, value: number, least: number, most: number): void => {
      if (!(value >= least && value <= most))
        throw new ReaderError('out-of-range', `${name} is ${value}; allowed is ${least} to ${most}`)
    }
    if (sample.kind === 'masstone')
      return opaque([{ bottle: this.bottle(sample.paint), share: 1 }], this.world)
    if (sample.kind === 'film') {
      within('thicknessUm', sample.thicknessUm, 0.1, 500)
      const coat = { paint: this.bottle(sample.paint), thicknessUm: sample.thicknessUm }
      return exactCoats([coat], [exactGround(flatSpectrum(drawdownCard[sample.over]))])[0]!
    }
    const parts =
      sample.kind === 'mix'
        ? sample.parts
        : [
            { paint: sample.paint, drops: sample.share },
            { paint: sample.white, drops: 1 - sample.share },
          ]
    if (sample.kind === 'tint') within('share', sample.share, 0.001, 1)
    if (parts.length === 0) throw new ReaderError('out-of-range', 'a mix needs at least one paint')
    for (const { drops } of parts) within('drops', drops, 0, 1000)
    return opaque(
      parts.map(({ paint, drops }) => ({ bottle: this.bottle(paint), share: drops })),
      this.world,
    )
  }

  private bottle(id: string): Mixture {
    const bottle = this.bottles.get(id)
    if (!bottle)
      throw new ReaderError('unknown-paint', `there is no paint "${id}" under the reader`)
    return bottle
  }
}
