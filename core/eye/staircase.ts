/** A difference that was shown, and whether it was seen. */
export interface ShownLevel {
  level: number
  right: boolean
}

/** What is known before anybody has answered. */
export interface Procedure {
  /** So many stand to choose from: one in so many guesses is right. */
  options: number
  /** The difference one begins with; the threshold is taken to lie within a factor of about five of it. */
  from: number
  /** The least and the most difference that is shown. */
  least: number
  most: number
}

/** A threshold, and between what it lies nine times out of ten. */
export interface Threshold {
  threshold: number
  low: number
  high: number
}

/** Answers are asked for at this share of right ones, once guesses and lapses are taken off. */
const AIM = 0.8
/** Standard deviation of what is believed before the first answer, in powers of ten. */
const PRIOR_SD = 0.7
const STEPS = 61
/** Steepness of the Weibull curve and share of lapses are not known either: each pair is believed alike at first. */
const SLOPES = [1.4, 1.9, 2.6]
const LAPSES = [0.01, 0.05]

/**
 * Share of right answers at a difference: guesses, lapses and a Weibull curve between (Watson and Pelli 1983,
 * Perception & Psychophysics 33, 113). At the threshold 1 − 1/e of what is not guessed is seen.
 * @example shareRight(1, 1, 2, 0.25, 0) // about 0.724
 */
export function shareRight(
  level: number,
  threshold: number,
  slope: number,
  guess: number,
  lapse: number,
): number {
  const seen = 1 - Math.exp(-((level / threshold) ** slope))
  return guess + (1 - guess - lapse) * seen
}

/** The difference at which a share of what is not guessed is seen. */
const levelFor = (share: number, threshold: number, slope: number): number =>
  threshold * (-Math.log1p(-share)) ** (1 / slope)

/** Where a threshold can lie: powers of ten, evenly. */
function places({ from, least, most }: Procedure): number[] {
  const [low, high] = [
    Math.log10(Math.min(least, from / 30)),
    Math.log10(Math.max(most, from * 10)),
  ]
  return Array.from({ length: STEPS }, (_, i) => low + ((high - low) * i) / (STEPS - 1))
}

/** Where so much of the belief lies below. */
function quantile(at: readonly number[], weights: Float64Array, share: number): number {
  let sum = 0
  for (let i = 0; i < at.length; i++) {
    const next = sum + weights[i]!
    if (next >= share) {
      const within = weights[i]! > 0 ? (share - sum) / weights[i]! - 0.5 : 0
      return 10 ** (at[i]! + within * (at[1]! - at[0]!))
    }
    sum = next
  }
  return 10 ** at.at(-1)!
}

/**
 * What is believed of an eye's threshold, slope and lapses, answer by answer (Bayes on a grid; QUEST, Watson and Pelli
 * 1983), and the difference to show next.
 * @example new Staircase({ options: 6, from: 6, least: 0.2, most: 40 }).threshold().threshold // about 3
 */
export class Staircase {
  private readonly at: number[]
  private readonly thresholds: Float64Array
  private readonly guess: number
  /** Logarithms of what is believed: threshold after threshold for each slope and share of lapses. */
  private readonly logs: { slope: number; lapse: number; log: Float64Array }[]

  constructor(
    private readonly procedure: Procedure,
    answers: readonly ShownLevel[] = [],
  ) {
    this.at = places(procedure)
    this.thresholds = Float64Array.from(this.at, (place) => 10 ** place)
    this.guess = 1 / procedure.options
    const centre = Math.log10(procedure.from / 2)
    const prior = this.at.map((place) => -0.5 * ((place - centre) / PRIOR_SD) ** 2)
    this.logs = SLOPES.flatMap((slope) =>
      LAPSES.map((lapse) => ({ slope, lapse, log: Float64Array.from(prior) })),
    )
    for (const one of answers) this.note(one)
  }

  note({ level, right }: ShownLevel): void {
    const { guess, thresholds } = this
    for (const { slope, lapse, log } of this.logs)
      for (let i = 0; i < thresholds.length; i++) {
        const share = shareRight(level, thresholds[i]!, slope, guess, lapse)
        log[i]! += Math.log(right ? share : 1 - share)
      }
  }

  private belief() {
    const top = Math.max(...this.logs.map(({ log }) => Math.max(...log)))
    const weights = new Float64Array(this.at.length)
    let [all, slopes] = [0, 0]
    for (const { slope, log } of this.logs)
      log.forEach((one, i) => {
        const weight = Math.exp(one - top)
        weights[i]! += weight
        all += weight
        slopes += weight * slope
      })
    return { weights: weights.map((one) => one / all), slope: slopes / all }
  }

  /** The middle of what is believed, and the range that holds nine tenths of it. */
  threshold(): Threshold {
    const { weights } = this.belief()
    const [low, threshold, high] = [0.05, 0.5, 0.95].map((share) =>
      quantile(this.at, weights, share),
    )
    return { threshold: threshold!, low: low!, high: high! }
  }

  /**
   * The difference to show next, so that the eye hovers at its edge: where four fifths of what is not guessed would be
   * seen by the mean of what is believed (King-Smith et al. 1994, Vision Research 34, 885), a little to either side.
   * @param chance between 0 and 1.
   */
  next(chance: number): number {
    const { least, most } = this.procedure
    const { weights, slope } = this.belief()
    const mean = this.at.reduce((sum, place, i) => sum + place * weights[i]!, 0)
    const level = levelFor(AIM, 10 ** mean, slope) * 10 ** (0.2 * (chance - 0.5))
    return Math.min(most, Math.max(least, level))
  }
}
