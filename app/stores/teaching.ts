import { computed, toRaw } from 'vue'
import { teachingReadings } from '../../core'
import { useEye } from './eye/eye'
import { isKnown } from './paints'
import { useProject } from './project/project'
import { useReader } from './reader'

/** Entries of the log whose bottles are all there, and what of them can teach. */
export function useTeaching() {
  const store = useProject()
  const eye = useEye()
  const reader = useReader()
  const known = computed(() =>
    toRaw(store.log).filter(({ parts }) => parts.every(({ paint }) => isKnown(paint))),
  )
  const readings = computed(() =>
    teachingReadings(known.value, { standIns: reader.trying, eye: eye.tolerance }),
  )
  return { known, readings, trying: computed(() => reader.trying) }
}
