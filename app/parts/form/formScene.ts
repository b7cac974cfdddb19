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
  Vector4,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import { harmonics } from '../../../core'
import type { Reach } from '../../../core'
import { fillRamp, fragmentShader, RAMP, vertexShader } from './formPaint'
import type { FormLook } from './formPaint'

/** A form as the scene takes it. */
interface FormGeometry {
  positions: Float32Array
  normals: Float32Array
  occlusion: Float32Array
  curvature: Float32Array
  reach: Reach
  triangles: Uint32Array
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
  /** Every point in a colour of its own, three numbers 0–1; the ladder's when nothing is given. */
  coat(colours: Float32Array | undefined): void
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
      from: { value: [0, 1, 2, 3].map(() => new Vector4()) },
      hollow: { value: 0 },
      ridges: { value: 0 },
      masked: { value: 0 },
      coated: { value: 0 },
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
  // A browser that took the context away and gives it back: the renderer sets itself up anew, and it is drawn again.
  canvas.addEventListener('webglcontextrestored', later)
  return {
    software: drawnInSoftware(renderer.getContext()),
    show({ positions, normals, occlusion, curvature, reach, triangles }) {
      const geometry = new BufferGeometry()
      geometry.setAttribute('position', new BufferAttribute(positions, 3))
      geometry.setAttribute('normal', new BufferAttribute(normals, 3))
      geometry.setAttribute('occlusion', new BufferAttribute(occlusion, 1))
      geometry.setAttribute('curvature', new BufferAttribute(curvature, 1))
      const { terms, values } = reach
      for (const k of [0, 1, 2, 3]) {
        const four = new Float32Array(4 * occlusion.length)
        for (let p = 0; p < occlusion.length; p++)
          four.set(
            values.subarray(p * terms + 4 * k, p * terms + Math.min(terms, 4 * k + 4)),
            4 * p,
          )
        geometry.setAttribute(`reach${k}`, new BufferAttribute(four, 4))
      }
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
      const from = harmonics(...look.key)
      ;(uniforms.from!.value as Vector4[]).forEach((four, k) => four.fromArray(from, 4 * k))
      later()
    },
    mask(placed) {
      material.uniforms.masked!.value = placed ? 1 : 0
      if (placed) mesh.geometry.setAttribute('placed', new BufferAttribute(placed, 1))
      later()
    },
    coat(colours) {
      material.uniforms.coated!.value = colours ? 1 : 0
      if (colours) mesh.geometry.setAttribute('coat', new BufferAttribute(colours, 3))
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
      canvas.removeEventListener('webglcontextrestored', later)
      mesh.geometry.dispose()
      material.dispose()
      ramp.dispose()
      renderer.dispose()
    },
  }
}
