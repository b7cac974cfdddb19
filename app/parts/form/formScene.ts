import {
  BufferAttribute,
  BufferGeometry,
  DataTexture,
  Mesh,
  PerspectiveCamera,
  Raycaster,
  Scene,
  ShaderMaterial,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import { AMBIENT } from '../../../core'

/** A form as the scene takes it. */
interface FormGeometry {
  positions: Float32Array
  normals: Float32Array
  occlusion: Float32Array
  curvature: Float32Array
  triangles: Uint32Array
}

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
const vertexShader = `
  attribute float occlusion;
  attribute float curvature;
  attribute float placed;
  uniform vec3 key;
  uniform float hollow;
  uniform float ridges;
  varying float level;
  varying float inside;
  void main() {
    inside = placed;
    float lambert = max(0.0, dot(normal, key));
    float open = 1.0 - occlusion;
    level = ${(1 - AMBIENT).toFixed(3)} * lambert * (0.35 + 0.65 * open)
      + ${AMBIENT.toFixed(3)} * open * (0.6 + 0.4 * normal.y);
    // Of the whole, which is 2 across, a ridge is what bends in a sixth.
    level += ridges * 0.22 * open * smoothstep(5.0, 12.0, curvature);
    // A hollow that faces up takes the middle tone.
    level = mix(level, max(level, hollow), smoothstep(0.0, 0.2, normal.y));
    gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
  }
`
/** Colours by level of light stand in a strip, so that a pixel costs one look. */
const fragmentShader = `
  uniform sampler2D ramp;
  uniform float masked;
  varying float level;
  varying float inside;
  void main() {
    vec3 paint = texture2D(ramp, vec2(level, 0.5)).rgb;
    // What is not meant turns to the grey of the ground, a little shaded so that the form is still seen.
    vec3 ground = vec3(0.52 + 0.26 * level);
    gl_FragColor = vec4(mix(paint, ground, masked * (1.0 - smoothstep(0.4, 0.6, inside))), 1.0);
  }
`
const RAMP = 1024

const smooth = (low: number, high: number, x: number): number => {
  const t = Math.max(0, Math.min(1, (x - low) / (high - low)))
  return t * t * (3 - 2 * t)
}

/** Fills the strip: one colour a step, joined over half the way to the next edges as far as blended. */
function fillRamp(data: Uint8Array, { colours, edges, blend }: FormLook): void {
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

const SOFTWARE = /swiftshader|llvmpipe|softpipe|software|basic render/i
function drawnInSoftware(context: WebGLRenderingContext | WebGL2RenderingContext): boolean {
  const names = context.getExtension('WEBGL_debug_renderer_info')
  return (
    names !== null && SOFTWARE.test(String(context.getParameter(names.UNMASKED_RENDERER_WEBGL)))
  )
}

export interface FormScene {
  show(geometry: FormGeometry): void
  paint(look: FormLook): void
  resize(width: number, height: number): void
  /** Only these points are painted, 0 or 1 each; all of them when nothing is given. */
  mask(placed: Float32Array | undefined): void
  /** The point that is nearest to a place on the canvas, −1 to 1 each way; nothing beside the form. */
  pointAt(x: number, y: number): number | undefined
  /** Turns to this angle round the upright axis, radians. */
  turnTo(angle: number): void
  /** Whether it is drawn without a graphics processor, so that every triangle counts. */
  software: boolean
  /** What is seen now, drawn at once, as the address of a picture. */
  picture(): string
  /** Frames drawn so far. */
  frames(): number
  dispose(): void
}

/** A canvas with one painted form that can be turned; throws where there is no WebGL. */
export function formScene(canvas: HTMLCanvasElement): FormScene {
  const renderer = new WebGLRenderer({ canvas, antialias: false, alpha: true })
  renderer.setPixelRatio(Math.min(devicePixelRatio, 1.5))
  const camera = new PerspectiveCamera(28, 1, 0.1, 20)
  camera.position.set(0, 0, 4.6)
  const scene = new Scene()
  const strip = new Uint8Array(4 * RAMP)
  const ramp = new DataTexture(strip, RAMP, 1)
  const material = new ShaderMaterial({
    vertexShader,
    fragmentShader,
    uniforms: {
      key: { value: new Vector3(0, 1, 0) },
      hollow: { value: 0 },
      ridges: { value: 0 },
      masked: { value: 0 },
      ramp: { value: ramp },
    },
  })
  const mesh = new Mesh(new BufferGeometry(), material)
  // Always in view: its bounds need not be worked out.
  mesh.frustumCulled = false
  scene.add(mesh)
  const caster = new Raycaster()
  let frames = 0
  let waiting = 0
  const draw = (): void => {
    waiting = 0
    frames++
    renderer.render(scene, camera)
  }
  const later = (): void => {
    waiting ||= requestAnimationFrame(draw)
  }
  const controls = new OrbitControls(camera, canvas)
  controls.enablePan = false
  controls.minDistance = 2.5
  controls.maxDistance = 9
  controls.addEventListener('change', later)
  return {
    software: drawnInSoftware(renderer.getContext()),
    show({ positions, normals, occlusion, curvature, triangles }) {
      const geometry = new BufferGeometry()
      geometry.setAttribute('position', new BufferAttribute(positions, 3))
      geometry.setAttribute('normal', new BufferAttribute(normals, 3))
      geometry.setAttribute('occlusion', new BufferAttribute(occlusion, 1))
      geometry.setAttribute('curvature', new BufferAttribute(curvature, 1))
      geometry.setAttribute(
        'placed',
        new BufferAttribute(new Float32Array(occlusion.length).fill(1), 1),
      )
      geometry.setIndex(new BufferAttribute(triangles, 1))
      mesh.geometry.dispose()
      mesh.geometry = geometry
      later()
    },
    paint(look) {
      const { uniforms } = material
      fillRamp(strip, look)
      ramp.needsUpdate = true
      uniforms.hollow!.value = look.hollow
      uniforms.ridges!.value = look.ridges
      ;(uniforms.key!.value as Vector3).set(...look.key)
      later()
    },
    mask(placed) {
      material.uniforms.masked!.value = placed ? 1 : 0
      if (placed) mesh.geometry.setAttribute('placed', new BufferAttribute(placed, 1))
      later()
    },
    pointAt(x, y) {
      caster.setFromCamera(new Vector2(x, y), camera)
      return caster.intersectObject(mesh)[0]?.face?.a
    },
    resize(width, height) {
      renderer.setSize(width, height, false)
      camera.aspect = width / height
      // The whole form fits, upright or across.
      camera.fov = camera.aspect < 0.9 ? 28 / Math.max(0.5, camera.aspect) ** 0.9 : 28
      camera.updateProjectionMatrix()
      later()
    },
    turnTo(angle) {
      const distance = Math.hypot(camera.position.x, camera.position.z)
      camera.position.set(distance * Math.sin(angle), camera.position.y, distance * Math.cos(angle))
      controls.update()
      later()
    },
    picture() {
      draw()
      return canvas.toDataURL()
    },
    frames: () => frames,
    dispose() {
      cancelAnimationFrame(waiting)
      controls.dispose()
      mesh.geometry.dispose()
      material.dispose()
      ramp.dispose()
      renderer.dispose()
    },
  }
}
