import { curvatureOf } from './curvature'
import type { FormKey } from './forms'
import { points } from './points'
import type { Mesh } from './surfaceNet'

/** Points of a form with how they lie and how much of it the eye sees from the front. */
export interface FormSamples {
  /** Outward normals, three numbers a point. */
  normals: Float32Array
  /** 0 open to 1 closed. */
  occlusion: Float32Array
  /** Mean curvature, 1/units of length, positive on ridges; nothing where it was not kept. */
  curvature?: Float32Array
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
  return { normals, occlusion, curvature, areas }
}

/**
 * Every so-manieth point, for shares that have to be measured within a frame.
 * @example thinned(formSamples(), 100).areas.length <= 100 // true
 */
export function thinned(form: FormSamples, most: number): FormSamples {
  const { normals, occlusion, curvature, areas } = form
  const step = Math.max(1, Math.ceil(occlusion.length / most))
  const kept = [...occlusion.keys()].filter((p) => p % step === 0)
  return {
    normals: Float32Array.from(
      { length: 3 * kept.length },
      (_, i) => normals[3 * kept[Math.floor(i / 3)]! + (i % 3)]!,
    ),
    occlusion: Float32Array.from(kept, (p) => occlusion[p]!),
    ...(curvature ? { curvature: Float32Array.from(kept, (p) => curvature[p]!) } : {}),
    areas: Float32Array.from(kept, (p) => areas[p]!),
  }
}

/** Bytes of a packed point: normal (signed), occlusion, area (two), curvature (signed). */
const POINT = 7
/** Curvature is kept by quarters, up to 31 either way. */
const CURVATURE = 4

/** Points that are seen from the front, packed into base64: a degree, a percent and 1/65535 of the largest area. */
export function packSamples({ normals, occlusion, curvature, areas }: FormSamples): string {
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
  })
  return btoa(String.fromCharCode(...bytes))
}

function unpackSamples(text: string): FormSamples {
  const bytes = Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0))
  const view = new DataView(bytes.buffer)
  const many = bytes.length / POINT
  const normals = new Float32Array(3 * many)
  for (let i = 0; i < 3 * many; i++)
    normals[i] = view.getInt8(Math.floor(i / 3) * POINT + (i % 3)) / 127
  return {
    normals,
    occlusion: Float32Array.from({ length: many }, (_, i) => view.getUint8(i * POINT + 3) / 255),
    areas: Float32Array.from({ length: many }, (_, i) => view.getUint16(i * POINT + 4) / 65535),
    curvature: Float32Array.from(
      { length: many },
      (_, i) => view.getInt8(i * POINT + 6) / CURVATURE,
    ),
  }
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
