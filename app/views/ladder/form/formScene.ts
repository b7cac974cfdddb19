import {
  BufferAttribute,
  BufferGeometry,
  Mesh,
  PerspectiveCamera,
  Scene,
  ShaderMaterial,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import { AMBIENT } from '../../../../core'

/** A form as the scene takes it. */
export interface FormGeometry {
  positions: Float32Array
  normals: Float32Array
  occlusion: Float32Array
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
}

const MOST_STEPS = 12

/** The level of light is that of core/ladder/form/lightLevel.ts; it is painted on, so it turns with the form. */
const vertexShader = `
  attribute float occlusion;
  uniform vec3 key;
  uniform float hollow;
  varying float level;
  void main() {
    float lambert = max(0.0, dot(normal, key));
    float open = 1.0 - occlusion;
    level = ${(1 - AMBIENT).toFixed(3)} * lambert * (0.35 + 0.65 * open)
      + ${AMBIENT.toFixed(3)} * open * (0.6 + 0.4 * normal.y);
    // A hollow that faces up takes the middle tone.
    level = mix(level, max(level, hollow), smoothstep(0.0, 0.2, normal.y));
    gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
  }
`
const fragmentShader = `
  uniform vec3 colours[${MOST_STEPS}];
  uniform float edges[${MOST_STEPS}];
  uniform int many;
  uniform float blend;
  varying float level;
  void main() {
    vec3 colour = colours[0];
    for (int i = 1; i < ${MOST_STEPS}; i++) {
      if (i >= many) break;
      float low = i > 1 ? edges[i - 2] : edges[0] - 0.1;
      float high = i + 1 < many ? edges[i] : edges[i - 1] + 0.1;
      float half_ = 0.5 * min(edges[i - 1] - low, high - edges[i - 1]) * blend + 0.0015;
      colour = mix(colour, colours[i], smoothstep(-half_, half_, level - edges[i - 1]));
    }
    gl_FragColor = vec4(colour, 1.0);
  }
`

export interface FormScene {
  show(geometry: FormGeometry): void
  paint(look: FormLook): void
  resize(width: number, height: number): void
  /** Turns to this angle round the upright axis, radians. */
  turnTo(angle: number): void
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
  const material = new ShaderMaterial({
    vertexShader,
    fragmentShader,
    uniforms: {
      key: { value: new Vector3(0, 1, 0) },
      hollow: { value: 0 },
      colours: { value: Array.from({ length: MOST_STEPS }, () => new Vector3()) },
      edges: { value: new Array<number>(MOST_STEPS).fill(2) },
      many: { value: 1 },
      blend: { value: 0 },
    },
  })
  const mesh = new Mesh(new BufferGeometry(), material)
  scene.add(mesh)
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
    show({ positions, normals, occlusion, triangles }) {
      const geometry = new BufferGeometry()
      geometry.setAttribute('position', new BufferAttribute(positions, 3))
      geometry.setAttribute('normal', new BufferAttribute(normals, 3))
      geometry.setAttribute('occlusion', new BufferAttribute(occlusion, 1))
      geometry.setIndex(new BufferAttribute(triangles, 1))
      mesh.geometry.dispose()
      mesh.geometry = geometry
      later()
    },
    paint({ colours, edges, hollow, key, blend }) {
      const { uniforms } = material
      colours.forEach((colour, i) => (uniforms.colours!.value as Vector3[])[i]!.set(...colour))
      edges.forEach((edge, i) => ((uniforms.edges!.value as number[])[i] = edge))
      uniforms.many!.value = colours.length
      uniforms.hollow!.value = hollow
      ;(uniforms.key!.value as Vector3).set(...key)
      uniforms.blend!.value = blend
      later()
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
    frames: () => frames,
    dispose() {
      cancelAnimationFrame(waiting)
      controls.dispose()
      mesh.geometry.dispose()
      material.dispose()
      renderer.dispose()
    },
  }
}
