import { computed, reactive } from 'vue'
import type { Ref } from 'vue'
import type { Finish, OpacityClass, SwatchReading, TintStep } from '../../../../core'
import { useDraft } from '../../../parts/useDraft'
import type { ToldBy } from './solveJob'

/** How a new paint is told: by what, and what was answered and read so far. */
interface Told {
  way: Ref<ToldBy>
  opacity: Ref<OpacityClass>
  tintStep: Ref<TintStep | undefined>
  finish: Ref<Finish>
  film: { thicknessUm: number }
  tint: { white: string; whiteParts: number }
  readings: Record<'neat' | 'tint' | 'black' | 'white', SwatchReading | undefined>
}
type Written = Record<string, Omit<SwatchReading, 'reflectance'> & { reflectance?: number[] }>

/** A part of a form that is changed in place, as one that is put there whole. */
const whole = <T extends object>(part: T) =>
  computed({ get: () => ({ ...part }), set: (found: T) => void Object.assign(part, found) })

/**
 * Keeps how a paint is told, letter by letter, until it is in the box.
 * @returns lets it go.
 */
export function useToldDraft({ way, film, tint, readings, ...plain }: Told): () => void {
  // A list is no way of one paint: the next one begins as usual.
  const wayOfOne = computed({
    get: () => (way.value === 'list' ? 'eye' : way.value),
    set: (found) => void (way.value = found),
  })
  const written = computed({
    get: (): Written => {
      const made: Written = {}
      for (const [name, one] of Object.entries(readings)) {
        if (!one) continue
        const { reflectance, ...rest } = one
        made[name] = { ...rest, ...(reflectance ? { reflectance: [...reflectance] } : {}) }
      }
      return made
    },
    set: (found) => {
      for (const name of Object.keys(readings) as (keyof typeof readings)[]) {
        const one = found[name]
        readings[name] = one && {
          ...one,
          reflectance: one.reflectance && Float64Array.from(one.reflectance),
        }
      }
    },
  })
  return useDraft(
    'how a new paint is told',
    reactive({ ...plain, way: wayOfOne, film: whole(film), tint: whole(tint), readings: written }),
  )
}
