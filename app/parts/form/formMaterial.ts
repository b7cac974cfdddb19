import { DataTexture, RedFormat, RepeatWrapping, ShaderMaterial, Vector3, Vector4 } from 'three'
import type { FormNeed } from './formPaint'
import { GRAIN, strokes } from './grain'
import { RAMP, fragmentShader, vertexShader } from './formPaint'

/** What paints a form: its textures, and what of it is compiled in. */
export function formMaterial() {
  const strip = new Uint8Array(4 * 4 * RAMP)
  const ramp = new DataTexture(strip, RAMP, 4)
  const grain = new DataTexture(strokes(), GRAIN, GRAIN, RedFormat)
  grain.wrapS = grain.wrapT = RepeatWrapping
  grain.needsUpdate = true
  const material = new ShaderMaterial({
    defines: {},
    vertexShader,
    fragmentShader,
    uniforms: {
      key: { value: new Vector3(0, 1, 0) },
      key2: { value: new Vector3(0, 1, 0) },
      from2: { value: [0, 1, 2, 3].map(() => new Vector4()) },
      meets: { value: 1 },
      stray: { value: 0 },
      grain: { value: grain },
      from: { value: [0, 1, 2, 3].map(() => new Vector4()) },
      hollow: { value: 0 },
      ridges: { value: 0 },
      lit: { value: new Vector3() },
      ramp: { value: ramp },
    },
  })
  /** What is needed is compiled in; what was needed once is kept compiled. */
  const need = (what: FormNeed, on: boolean): void => {
    if (what in material.defines === on) return
    if (on) material.defines[what] = ''
    else delete material.defines[what]
    material.needsUpdate = true
  }
  return { material, strip, ramp, grain, need }
}
