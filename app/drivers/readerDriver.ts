import type { Measurement, ReaderSample, ReaderTrouble } from '../../core'

export class ReaderFailure extends Error {
  constructor(
    readonly trouble: ReaderTrouble,
    message: string,
  ) {
    super(message)
  }
}

/** All that a colour reader has to do; another instrument needs another of these, named in `drivers.ts`. */
export interface ReaderDriver {
  readonly name: string
  /** It only stands in for a reader: what it reads is made up. */
  readonly standIn: boolean
  /** Whether it is there and has seen its white tile. @throws ReaderFailure when it is away. */
  state(): Promise<{ calibrated: boolean }>
  calibrate(): Promise<void>
  /** @throws ReaderFailure saying why there is no reading. */
  measure(sample: ReaderSample): Promise<Measurement>
  /** Readings as they come, whoever asked for them; returns what ends it. */
  listen(heard: (reading: Measurement) => void, away: () => void): () => void
}
