import {
  BufferAttribute,
  BufferGeometry,
  Color,
  Mesh,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  Vector4,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import { harmonics } from '../../../core'
import { brushEdges, fillRamp } from './formPaint'
import { viewOf } from './formView'
import { formGeometry } from './formGeometry'
import type { BareForm } from './formGeometry'
import { formMaterial } from './formMaterial'
import type { FormLook } from './formPaint'

/** Places of life in screen colours: three numbers a point that are added, four that cover. */
export interface FormLife {
  glazed: Float32Array
  over: Float32Array
}

const SOFTWARE = /swiftshader|llvmpipe|softpipe|software|basic render/i
function drawnInSoftware(context: WebGLRenderingContext | WebGL2RenderingContext): boolean {
  const names = context.getExtension('WEBGL_debug_renderer_info')
  return (
    names !== null && SOFTWARE.test(String(context.getParameter(names.UNMASKED_RENDERER_WEBGL)))
  )
}

export interface FormScene {
  show(form: BareForm): void
  paint(look: FormLook): void
  resize(width: number, height: number): void
  /** Only these points are painted, 0 or 1 each; all of them when nothing is given. */
  mask(placed: Float32Array | undefined): void
  /** Every point in a colour of its own, three numbers 0–1; the ladder's when nothing is given. */
  coat(colours: Float32Array | undefined): void
  /** Places of life on every point: what a glaze shifts, and what covers, with how much of it; none when not given. */
  live(life: FormLife | undefined): void
  /** What is masked stands out in this colour, and the rest is dimmed; as it is painted when none is given. */
  lit(rgb: readonly [number, number, number] | undefined): void
  /** Turns to these points, 0 or 1 each, and nearer where they are few; to the whole when nothing is given. */
  face(placed: Float32Array | undefined): void
  /** What stands behind the form; nothing, so that the page is seen, when none is given. */
  behind(colour: string | undefined): void
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
  const { material, strip, ramp, grain, need } = formMaterial()
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
  controls.minDistance = 1.5
  controls.maxDistance = 9
  controls.addEventListener('change', later)
  // A browser that took the context away and gives it back: the renderer sets itself up anew, and it is drawn again.
  canvas.addEventListener('webglcontextrestored', later)
  return {
    software: drawnInSoftware(renderer.getContext()),
    show(shown) {
      const geometry = formGeometry(shown)
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
      const { stray, ridged } = brushEdges[look.edges]
      uniforms.stray!.value = stray
      need('STRAY', stray > 0)
      need('RIDGED', ridged)
      const lit = (name: 'from' | 'from2', key: FormLook['key']): void => {
        const from = harmonics(...key)
        ;(uniforms[name]!.value as Vector4[]).forEach((four, k) => four.fromArray(from, 4 * k))
      }
      lit('from', look.key)
      const { second } = look
      need('SECOND', second !== undefined)
      if (second) {
        ;(uniforms.key2!.value as Vector3).set(...second.key)
        lit('from2', second.key)
        uniforms.meets!.value = second.meets
      }
      later()
    },
    mask(placed) {
      need('MASKED', placed !== undefined)
      if (placed) mesh.geometry.setAttribute('placed', new BufferAttribute(placed, 1))
      later()
    },
    coat(colours) {
      need('COATED', colours !== undefined)
      if (colours) mesh.geometry.setAttribute('coat', new BufferAttribute(colours, 3))
      later()
    },
    live(life) {
      need('LIFE', life !== undefined)
      if (!life) return later()
      const { glazed, over } = life
      if (glazed.length !== mesh.geometry.getAttribute('glazed')?.array.length) return
      mesh.geometry.setAttribute('glazed', new BufferAttribute(glazed, 3))
      mesh.geometry.setAttribute('over', new BufferAttribute(over, 4))
      later()
    },
    lit(rgb) {
      need('LIT', rgb !== undefined)
      if (rgb) (material.uniforms.lit!.value as Vector3).set(...rgb)
      later()
    },
    face(placed) {
      const { target, from } = viewOf(mesh.geometry, placed)
      controls.target.copy(target)
      camera.position.copy(from)
      controls.update()
      later()
    },
    behind(colour) {
      scene.background = colour === undefined ? null : new Color(colour)
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
      grain.dispose()
      renderer.dispose()
    },
  }
}
