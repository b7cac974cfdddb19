import { AMBIENT } from '../../../core'

/** How a ladder lies on a form. */
export interface FormLook {
  /** Screen colour of every step, dark to light, 0–1 each. */
  colours: readonly (readonly [number, number, number])[]
  /** Levels of light where one step ends and the next begins. */
  edges: readonly number[]
  hollow: number
  key: readonly [number, number, number]
  /** 0 hard edges to 1 blended. */
  blend: number
  /** Ridges are lit so much more, as an edge is picked out with the brush. */
  ridges: number
}

/** The level of light is that of core/ladder/form/lightLevel.ts; it is painted on, so it turns with the form. */
export const vertexShader = `
  attribute float occlusion;
  attribute float curvature;
  attribute float placed;
  attribute vec3 coat;
  attribute vec4 reach0;
  attribute vec4 reach1;
  attribute vec4 reach2;
  attribute vec4 reach3;
  uniform vec4 from[4];
  uniform vec3 key;
  uniform float hollow;
  uniform float ridges;
  varying float level;
  varying float inside;
  varying vec3 laid;
  void main() {
    inside = placed;
    laid = coat;
    float lambert = max(0.0, dot(normal, key));
    float open = 1.0 - occlusion;
    float through = clamp(dot(reach0, from[0]) + dot(reach1, from[1]) + dot(reach2, from[2]) + dot(reach3, from[3]), 0.0, 1.0);
    level = ${(1 - AMBIENT).toFixed(3)} * lambert * through
      + ${AMBIENT.toFixed(3)} * open * (0.6 + 0.4 * normal.y);
    // Of the whole, which is 2 across, a ridge is what bends in a sixth.
    level += ridges * 0.22 * open * smoothstep(5.0, 12.0, curvature);
    // A hollow that faces up takes the middle tone.
    level = mix(level, max(level, hollow), smoothstep(0.0, 0.2, normal.y));
    gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
  }
`
/** Colours by level of light stand in a strip, so that a pixel costs one look. */
export const fragmentShader = `
  uniform sampler2D ramp;
  uniform float masked;
  uniform float coated;
  varying float level;
  varying float inside;
  varying vec3 laid;
  void main() {
    vec3 paint = mix(texture2D(ramp, vec2(level, 0.5)).rgb, laid, coated);
    // What is not meant turns to the grey of the ground, a little shaded so that the form is still seen.
    vec3 ground = vec3(0.52 + 0.26 * level);
    gl_FragColor = vec4(mix(paint, ground, masked * (1.0 - smoothstep(0.4, 0.6, inside))), 1.0);
  }
`
export const RAMP = 1024

const smooth = (low: number, high: number, x: number): number => {
  const t = Math.max(0, Math.min(1, (x - low) / (high - low)))
  return t * t * (3 - 2 * t)
}

/** Fills the strip: one colour a step, joined over half the way to the next edges as far as blended. */
export function fillRamp(data: Uint8Array, { colours, edges, blend }: FormLook): void {
  for (let i = 0; i < RAMP; i++) {
    const level = (i + 0.5) / RAMP
    let colour = [...colours[0]!]
    for (let k = 1; k < colours.length; k++) {
      const edge = edges[k - 1]!
      const low = k > 1 ? edges[k - 2]! : edge - 0.1
      const high = k < edges.length ? edges[k]! : edge + 0.1
      const half = 0.5 * Math.min(edge - low, high - edge) * blend + 0.001
      const share = smooth(-half, half, level - edge)
      colour = colour.map((c, a) => c + share * (colours[k]![a]! - c))
    }
    data.set([...colour.map((c) => Math.round(255 * c)), 255], 4 * i)
  }
}
