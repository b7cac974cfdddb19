import { ref, shallowRef } from 'vue'
import type { Measurement } from '../../../core'
import { readFile } from './readFile'

/** A file of readings that was opened: what is wrong with it or was passed over, and what there is to choose from. */
export function useReadingsFile() {
  const trouble = ref('')
  const choices = shallowRef<Measurement[]>([])
  /** @returns the readings in it; none where it was refused. */
  async function open(file: File): Promise<Measurement[]> {
    const found = await readFile(file, 'measurements')
    trouble.value = found.ok
      ? found.value.notes.join('; ')
      : `“${file.name}”, ${found.issues.map(({ place, message }) => `${place}: ${message}`).join('; ')}`
    return (choices.value = found.ok ? found.value.measurements : [])
  }
  return { trouble, choices, open }
}
