import { AMBIENT } from '../../../core'

/** Edges of a step as a brush leaves them: blended over half the way to the next, and how far strokes stray. */
export const brushEdges = {
  hard: { name: 'hard', blend: 0, stray: 0 },
  feathered: { name: 'feathered', blend: 0.1, stray: 0.075 },
  glazed: { name: 'glazed', blend: 1, stray: 0 },
} as const
export type BrushEdge = keyof typeof brushEdges

/** How a ladder lies on a form. */
export interface FormLook {
  /** Screen colour of every step, dark to light, 0–1 each. */
  colours: readonly (readonly [number, number, number])[]
  /** Levels of light where one step ends and the next begins. */
  levels: readonly number[]
  hollow: number
  key: readonly [number, number, number]
  /** How the brush leaves edges between steps. */
  edges: BrushEdge
  /** Ridges are lit so much more, as an edge is picked out with the brush. */
  ridges: number
  /** A second light, its own colours, and where they begin. */
  second?: {
    key: readonly [number, number, number]
    colours: readonly (readonly [number, number, number])[]
    meets: number
  }
}

/** What a picture of a form may need; what it does not costs no pixel anything. */
export type FormNeed = 'SECOND' | 'LIFE' | 'COATED' | 'MASKED' | 'STRAY' | 'LIT'

const shared = `
  varying float level;
#ifdef SECOND
  varying float level2;
#endif
#ifdef MASKED
  varying float inside;
#endif
#ifdef COATED
  varying vec3 laid;
#endif
#ifdef LIFE
  varying vec3 shift;
  varying vec4 part;
#endif
#ifdef STRAY
  varying vec2 brush;
#endif
`

/** The level of light is that of core/ladder/form/lightLevel.ts; it is painted on, so it turns with the form. */
export const vertexShader = `${shared}
  attribute float occlusion;
  attribute float curvature;
  attribute float placed;
  attribute vec3 coat;
  attribute vec3 glazed;
  attribute vec4 over;
  attribute vec4 reach0;
  attribute vec4 reach1;
  attribute vec4 reach2;
  attribute vec4 reach3;
  uniform vec4 from[4];
  uniform vec4 from2[4];
  uniform vec3 key;
  uniform vec3 key2;
  uniform float hollow;
  uniform float ridges;
  float lit(vec3 way, vec4 a, vec4 b, vec4 c, vec4 d) {
    float through = clamp(dot(reach0, a) + dot(reach1, b) + dot(reach2, c) + dot(reach3, d), 0.0, 1.0);
    return ${(1 - AMBIENT).toFixed(3)} * max(0.0, dot(normal, way)) * through
      + ${AMBIENT.toFixed(3)} * (1.0 - occlusion) * (0.6 + 0.4 * normal.y);
  }
  void main() {
#ifdef MASKED
    inside = placed;
#endif
#ifdef COATED
    laid = coat;
#endif
#ifdef LIFE
    shift = glazed;
    part = over;
#endif
#ifdef STRAY
    // Strokes follow the form: across where it faces the eye, round it at its sides.
    brush = vec2(1.4 * position.x + 0.9 * position.z, 3.2 * position.y + 0.6 * position.z);
#endif
#ifdef SECOND
    level2 = lit(key2, from2[0], from2[1], from2[2], from2[3]);
#endif
    level = lit(key, from[0], from[1], from[2], from[3]);
    // Of the whole, which is 2 across, a ridge is what bends in a sixth.
    level += ridges * 0.22 * (1.0 - occlusion) * smoothstep(5.0, 12.0, curvature);
    // A hollow that faces up takes the middle tone.
    level = mix(level, max(level, hollow), smoothstep(0.0, 0.2, normal.y));
    gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
  }
`
/** Colours by level of light stand in two strips, one a light, so that a pixel costs one look. */
export const fragmentShader = `${shared}
  uniform sampler2D ramp;
  uniform sampler2D grain;
  uniform float stray;
  uniform float meets;
  uniform vec3 lit;
  void main() {
    float off = 0.0;
#ifdef STRAY
    off = stray * (texture2D(grain, brush).r - 0.5);
#endif
#ifdef COATED
    vec3 paint = laid;
#else
    vec2 at = vec2(level + off, 0.25);
#ifdef SECOND
    if (at.x < meets && level2 + off > meets) at = vec2(level2 + off, 0.75);
#endif
    vec3 paint = texture2D(ramp, at).rgb;
#endif
#ifdef LIFE
    paint = mix(paint + shift, part.rgb, part.a);
#endif
#ifdef LIT
    float here = 1.0;
#ifdef MASKED
    here = smoothstep(0.35, 0.65, inside);
#endif
    // What is painted so far stays to be seen, greyed, and darker or lighter than what is laid: the place stands out in
    // that, whatever its colour, with a line round it.
    const vec3 LUMA = vec3(0.3, 0.59, 0.11);
    float dark = step(0.4, dot(lit, LUMA));
    vec3 rest = mix(vec3(0.56 + 0.3 * level), vec3(0.16 + 0.26 * level), dark);
    rest += 0.22 * (mix(vec3(dot(paint, LUMA)), paint, 0.5) - 0.5);
    paint = mix(rest, min(vec3(1.0), lit * (0.84 + 0.26 * level)), here);
#ifdef MASKED
    float line = 1.0 - smoothstep(0.7, 1.5, abs(inside - 0.5) / max(fwidth(inside), 1e-4));
    paint = mix(paint, mix(vec3(0.05), vec3(0.95), dark), 0.55 * line);
#endif
#elif defined(MASKED)
    // What is not meant turns to the grey of the ground, a little shaded so that the form is still seen.
    paint = mix(paint, vec3(0.52 + 0.26 * level), 1.0 - smoothstep(0.4, 0.6, inside));
#endif
    gl_FragColor = vec4(paint, 1.0);
  }
`
export const RAMP = 1024

const smooth = (low: number, high: number, x: number): number => {
  const t = Math.max(0, Math.min(1, (x - low) / (high - low)))
  return t * t * (3 - 2 * t)
}

type Colours = FormLook['colours']

function fillRow(
  data: Uint8Array,
  colours: Colours,
  levels: readonly number[],
  blend: number,
): void {
  for (let i = 0; i < RAMP; i++) {
    const level = (i + 0.5) / RAMP
    let colour = [...colours[0]!]
    for (let k = 1; k < colours.length; k++) {
      const edge = levels[k - 1]!
      const low = k > 1 ? levels[k - 2]! : edge - 0.1
      const high = k < levels.length ? levels[k]! : edge + 0.1
      const half = 0.5 * Math.min(edge - low, high - edge) * blend + 0.001
      const share = smooth(-half, half, level - edge)
      colour = colour.map((c, a) => c + share * (colours[k]![a]! - c))
    }
    data.set([...colour.map((c) => Math.round(255 * c)), 255], 4 * i)
  }
}

/** Fills the strips: one colour a step, joined over half the way to the next edges as far as they are blended. */
export function fillRamp(data: Uint8Array, { colours, levels, edges, second }: FormLook): void {
  const { blend } = brushEdges[edges]
  fillRow(data.subarray(0, 4 * RAMP), colours, levels, blend)
  if (second) fillRow(data.subarray(4 * RAMP), second.colours, levels, blend)
}
