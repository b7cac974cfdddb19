/** How deep a spot lies: in the deepest recesses, in a recess, where skin meets an object, on the flat, on a ridge. */
export const reliefPlaces = ['deepest', 'recess', 'join', 'flat', 'ridge'] as const
export type ReliefPlace = (typeof reliefPlaces)[number]

/** How the light falls there. */
export const lightPlaces = ['deep-shadow', 'shadow', 'middle', 'light', 'glint'] as const
export type LightPlace = (typeof lightPlaces)[number]

/** On which side, as the painter sees the figure. */
export const sides = ['left', 'right'] as const
export type Side = (typeof sides)[number]

/** What has to be true of a spot for paint to go there, all of it; what is not named may be anything. */
export interface Where {
  /** One of these. */
  relief?: readonly ReliefPlace[]
  /** One of these. */
  light?: readonly LightPlace[]
  side?: Side
  /** It faces down: no light from above reaches it. */
  down?: boolean
  /** One of these places of life. */
  zones?: readonly string[]
  /** None of these places of life. */
  but?: readonly string[]
}

/** Where paint goes: wherever one of these holds. */
export type Place = readonly Where[]

/** Everywhere: nothing has to be true. */
export const EVERYWHERE: Place = [{}]

/** One spot of a figure. */
export interface Spot {
  relief: ReliefPlace
  light: LightPlace
  side?: Side
  down?: boolean
  /** The place of life it belongs to. */
  zone?: string
}

const oneOf = <T>(wanted: readonly T[] | undefined, has: T | undefined): boolean =>
  wanted === undefined || wanted.length === 0 || (has !== undefined && wanted.includes(has))

/**
 * Whether paint goes where one looks.
 * @example liesAt([{ light: ['shadow'], side: 'left' }], { relief: 'flat', light: 'shadow', side: 'right' }) // false
 */
export const liesAt = (place: Place, { relief, light, side, down = false, zone }: Spot): boolean =>
  place.some(
    (where) =>
      oneOf(where.relief, relief) &&
      oneOf(where.light, light) &&
      (where.side === undefined || where.side === side) &&
      (where.down === undefined || where.down === down) &&
      oneOf(where.zones, zone) &&
      !(zone !== undefined && where.but?.includes(zone)),
  )

/**
 * Whether paint goes everywhere.
 * @example isEverywhere([{ light: [] }]) // true
 */
export const isEverywhere = (place: Place): boolean =>
  place.some(
    ({ relief = [], light = [], side, down, zones = [], but = [] }) =>
      [relief, light, zones, but].every(({ length }) => length === 0) &&
      side === undefined &&
      down === undefined,
  )

/**
 * Places of life that a place names, to go there or to stay off them.
 * @example zonesNamed([{ zones: ['lower-lip'] }, { but: ['nose'] }]) // ["lower-lip","nose"]
 */
export const zonesNamed = (place: Place): string[] => [
  ...new Set(place.flatMap(({ zones = [], but = [] }) => [...zones, ...but])),
]
