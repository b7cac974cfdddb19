import type { Lab } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'

/** One reading of an instrument as files carry it: a name and a reflectance, a Lab colour or both. */
export interface Measurement {
  name: string
  /** 36 values 0–1, 380–730 nm by 10 nm. */
  reflectance?: Spectrum
  lab?: Lab
}

/** What a measurement file gave, and in plain words what of it could not be held as it was. */
export interface MeasurementFile {
  measurements: Measurement[]
  notes: string[]
}
