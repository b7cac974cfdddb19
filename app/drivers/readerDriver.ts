import type { Measurement } from '../../core'

/** What the painter has put under the reader. */
export type ReaderSample =
  | { kind: 'masstone'; paint: string }
  | { kind: 'tint'; paint: string; white: string; share: number }
  | { kind: 'film'; paint: string; thicknessUm: number; over: 'black' | 'white' }
  | { kind: 'mix'; parts: { paint: string; drops: number }[] }

/** Why a reader did not read. */
export type ReaderTrouble =
  'away' | 'slow' | 'uncalibrated' | 'out-of-range' | 'unknown-paint' | 'unreadable'

export class ReaderFailure extends Error {
  constructor(
    readonly trouble: ReaderTrouble,
    message: string,
  ) {
    super(message)
  }
}

/** All that a colour reader has to do; another instrument needs another of these and nothing else. */
export interface ReaderDriver {
  readonly name: string
  /** Whether it is there and has seen its white tile. @throws ReaderFailure when it is away. */
  state(): Promise<{ calibrated: boolean }>
  calibrate(): Promise<void>
  /** @throws ReaderFailure saying why there is no reading. */
  measure(sample: ReaderSample): Promise<Measurement>
  /** Readings as they come, whoever asked for them; returns what ends it. */
  listen(heard: (reading: Measurement) => void, away: () => void): () => void
}
