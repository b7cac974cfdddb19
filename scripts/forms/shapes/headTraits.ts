import type { Distance } from '../../../core/ladder/form/distance'
import type { Move } from './face/face'

/** What makes one head another; lengths in cm. */
export interface HeadTraits {
  /** What is moved on the face, one after another. */
  moves?: readonly Move[]
  /** How far the eyes are opened more than at rest. */
  opened?: number
  /** How the skull is wider, higher and deeper than usual, as factors. */
  skull?: readonly [number, number, number]
  /** How thick the neck is, and how broad the shoulders, as factors. */
  neck?: number
  shoulders?: number
  /** How strongly muscles, windpipe and collar bones stand out, 0–1. */
  lean?: number
  /** A ball of an eye: its radius, and how far it sinks back. */
  eye?: number
  sunk?: number
  ear?: EarTraits
  /** What is pressed into the whole, and what grows out of it, cm. */
  hollows?: readonly Distance[]
  grown?: readonly Distance[]
  /** A tusk: points from its root, each with its radius; it grows out of the lip. */
  tusk?: readonly (readonly [number, number, number, number])[]
  /** Flesh that flows into what it lies on. */
  full?: readonly Distance[]
  /** Lines and scales: how far the surface is raised at a place, cm. */
  relief?: Distance
  /** All of it so much larger or smaller in the picture. */
  scale?: number
}

export interface EarTraits {
  /** As factors of a usual ear. */
  size?: number
  /** How far its top is drawn out to a point, cm, and where that points. */
  drawn?: number
  way?: readonly [number, number, number]
  none?: boolean
}
