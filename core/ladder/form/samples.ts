import { curvatureOf } from './curvature'
import type { FormKey } from '../../project/forms'
import { points } from './points'
import type { Reach } from './reach'
import type { Mesh } from './surfaceNet'

/** Points of a form with how they lie and how much of it the eye sees from the front. */
export interface FormSamples {
  /** Outward normals, three numbers a point. */
  normals: Float32Array
  /** 0 open to 1 closed. */
  occlusion: Float32Array
  /** Mean curvature, 1/units of length, positive on ridges; nothing where it was not kept. */
  curvature?: Float32Array
  /** From where light reaches it; nothing where that was not worked out. */
  reach?: Reach
  /** Area a point stands for as seen from the front; 0 where it faces away. */
  areas: Float32Array
}

/**
 * The points of a mesh, weighed by the area of their triangles seen from the front (z).
 * @example samplesOf(mesh, new Float32Array(mesh.positions.length / 3)).areas.length
 */
export function samplesOf(
  mesh: Mesh,
  occlusion: Float32Array,
  curvature = curvatureOf(mesh),
  reach?: Reach,
): FormSamples {
  const { positions, normals, triangles } = mesh
  const areas = new Float32Array(occlusion.length)
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * triangles[t]!, 3 * triangles[t + 1]!, 3 * triangles[t + 2]!]
    // Twice the area of the triangle's shadow on the picture plane; turned away when below 0.
    const shadow =
      (positions[b]! - positions[a]!) * (positions[c + 1]! - positions[a + 1]!) -
      (positions[c]! - positions[a]!) * (positions[b + 1]! - positions[a + 1]!)
    if (shadow <= 0) continue
    for (const corner of [a, b, c]) areas[corner / 3]! += shadow / 6
  }
  return { normals, occlusion, curvature, areas, ...(reach ? { reach } : {}) }
}

/**
 * Every so-manieth point of those seen from the front, for shares that have to be measured within a frame.
 * @example everyNth(formSamples(), 100).areas.length <= 100 // true
 */
export function everyNth(form: FormSamples, most: number): FormSamples {
  const { normals, occlusion, curvature, areas, reach } = form
  const seen = [...occlusion.keys()].filter((p) => areas[p]! > 0)
  const step = Math.max(1, Math.ceil(seen.length / most))
  const kept = seen.filter((_, i) => i % step === 0)
  const values = (from: Float32Array, each: number): Float32Array =>
    Float32Array.from(kept.flatMap((p) => [...from.subarray(each * p, each * (p + 1))]))
  return {
    normals: values(normals, 3),
    occlusion: values(occlusion, 1),
    ...(curvature ? { curvature: values(curvature, 1) } : {}),
    ...(reach ? { reach: { terms: reach.terms, values: values(reach.values, reach.terms) } } : {}),
    areas: values(areas, 1),
  }
}

/** Harmonics that are packed: shares hang on where shadow falls, less on how sharp it is. */
export const PACKED_TERMS = 9
/** Bytes of a packed point: normal (signed), occlusion, area (two), curvature (signed), reach (signed). */
const POINT = 7 + PACKED_TERMS
/** Reach is kept by 64ths, up to 2 either way. */
export const REACH_UNIT = 64
/** Curvature is kept by quarters, up to 31 either way. */
const CURVATURE = 4

/** Points that are seen from the front, packed into base64: a degree, a percent and 1/65535 of the largest area. */
export function packSamples({ normals, occlusion, curvature, areas, reach }: FormSamples): string {
  const seen = [...areas.keys()].filter((p) => areas[p]! > 0)
  const largest = Math.max(...areas)
  const bytes = new Uint8Array(seen.length * POINT)
  const view = new DataView(bytes.buffer)
  seen.forEach((p, i) => {
    for (let a = 0; a < 3; a++) view.setInt8(i * POINT + a, Math.round(127 * normals[3 * p + a]!))
    view.setUint8(i * POINT + 3, Math.round(255 * occlusion[p]!))
    view.setUint16(i * POINT + 4, Math.round((65535 * areas[p]!) / largest))
    const bent = Math.round(CURVATURE * (curvature?.[p] ?? 0))
    view.setInt8(i * POINT + 6, Math.max(-127, Math.min(127, bent)))
    for (let k = 0; k < PACKED_TERMS; k++) {
      const term = Math.round(REACH_UNIT * reach!.values[p * PACKED_TERMS + k]!)
      view.setInt8(i * POINT + 7 + k, Math.max(-127, Math.min(127, term)))
    }
  })
  return btoa(String.fromCharCode(...bytes))
}

function unpackSamples(text: string): FormSamples {
  const packed = atob(text)
  const many = packed.length / POINT
  const view = new DataView(new ArrayBuffer(packed.length))
  for (let i = 0; i < packed.length; i++) view.setUint8(i, packed.charCodeAt(i))
  const normals = new Float32Array(3 * many)
  const occlusion = new Float32Array(many)
  const areas = new Float32Array(many)
  const curvature = new Float32Array(many)
  const values = new Float32Array(PACKED_TERMS * many)
  for (let p = 0, at = 0; p < many; p++, at += POINT) {
    for (let k = 0; k < 3; k++) normals[3 * p + k] = view.getInt8(at + k) / 127
    occlusion[p] = view.getUint8(at + 3) / 255
    areas[p] = view.getUint16(at + 4) / 65535
    curvature[p] = view.getInt8(at + 6) / CURVATURE
    for (let k = 0; k < PACKED_TERMS; k++)
      values[PACKED_TERMS * p + k] = view.getInt8(at + 7 + k) / REACH_UNIT
  }
  return { normals, occlusion, areas, curvature, reach: { terms: PACKED_TERMS, values } }
}

const known = new Map<FormKey, FormSamples>()

/**
 * The points of one of our own forms; head and shoulders when none is chosen.
 * @example formSamples('egg').areas.length
 */
export function formSamples(key: FormKey = 'head'): FormSamples {
  const made = known.get(key) ?? unpackSamples(points[key])
  known.set(key, made)
  return made
}
