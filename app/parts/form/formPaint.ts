import { AMBIENT } from '../../../core'

/**
 * Edges of a step as a brush leaves them: over how much of the way to the next they are blended, how far strokes stray,
 * and whether they are clean where the form bends sharply.
 */
export const brushEdges = {
  painted: { name: 'as painted', blend: 0.6, stray: 0, ridged: true },
  hard: { name: 'hard', blend: 0, stray: 0, ridged: false },
  feathered: { name: 'feathered', blend: 0.1, stray: 0.075, ridged: false },
  glazed: { name: 'glazed', blend: 1, stray: 0, ridged: false },
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
export type FormNeed = 'SECOND' | 'LIFE' | 'COATED' | 'MASKED' | 'STRAY' | 'LIT' | 'RIDGED'

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
#ifdef RIDGED
  varying float bent;
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
    // Strokes are pulled across the edge of a step, from light to shade along the form.
    vec3 aside = normalize(cross(normal, key) + 1e-3);
    brush = vec2(0.9 * dot(position, cross(aside, normal)), 3.4 * dot(position, aside));
#endif
#ifdef RIDGED
    bent = smoothstep(9.0, 22.0, abs(curvature));
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
/** Colours by level of light stand in four strips: of each light as its edges are blended, and clean. */
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
    float at = level + off;
    float row = 0.125;
#ifdef SECOND
    if (at < meets && level2 + off > meets) {
      at = level2 + off;
      row = 0.625;
    }
#endif
    // An edge is as wide as a pixel at least: three looks side by side.
    float wide = min(0.34 * fwidth(at), 0.02);
    vec3 paint = (texture2D(ramp, vec2(at, row)).rgb + texture2D(ramp, vec2(at - wide, row)).rgb
      + texture2D(ramp, vec2(at + wide, row)).rgb) / 3.0;
#ifdef RIDGED
    paint = mix(paint, texture2D(ramp, vec2(at, row + 0.25)).rgb, bent);
#endif
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

/** Fills the strips: one colour a step, joined over half the way to the next edges as far as they are blended; then clean. */
export function fillRamp(data: Uint8Array, { colours, levels, edges, second }: FormLook): void {
  const { blend } = brushEdges[edges]
  const row = (n: number): Uint8Array => data.subarray(4 * RAMP * n, 4 * RAMP * (n + 1))
  fillRow(row(0), colours, levels, blend)
  fillRow(row(1), colours, levels, 0)
  if (!second) return
  fillRow(row(2), second.colours, levels, blend)
  fillRow(row(3), second.colours, levels, 0)
}
