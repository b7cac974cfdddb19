/**
 * Molar extinction of haemoglobin, decadic, cm⁻¹/M per tetramer of 64 500 g/mol.
 * 36 values, 380–730 nm by 10 nm.
 * Source: recalled from Prahl's compilation (Oregon Medical Laser Center), from memory:
 * peaks 415/541/577 and 433/555 nm and eight isosbestic points in place; ±10–15% at 380–390 nm.
 */
export const extinctionHbO2: readonly number[] = [
  109564, 167748, 266232, 466840, 480360, 246072, 102580, 62816, 44480, 33209.2, 26629.2, 23684.4,
  20932.8, 20035.2, 24202.4, 39956.8, 53236, 43016, 32613.2, 44496, 50104, 14400.8, 3200, 1506, 942,
  610, 442, 368, 319.6, 294, 277.6, 276, 290, 314, 348, 390,
]

export const extinctionHb: readonly number[] = [
  145232, 167780, 223296, 303956, 407560, 528600, 413280, 103292, 23388.8, 16156.4, 14550, 16684,
  20862, 25773.6, 31589.6, 39036.4, 46592, 53412, 53788, 45072, 37020, 28324.4, 14677.2, 9443.6,
  6509.6, 5148.8, 4345.2, 3750.12, 3226.56, 2795.12, 2407.92, 2051.96, 1794.28, 1540.48, 1325.88,
  1102.2,
]
