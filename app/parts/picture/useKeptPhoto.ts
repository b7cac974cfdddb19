import { getCurrentScope, onScopeDispose, ref, watch } from 'vue'
import { photoOf } from '../../vault/photos'

/**
 * A kept picture as an address for an image, and whether it is not in this browser.
 * @param id of the picture; nothing where there is none.
 */
export function useKeptPhoto(id: () => string | undefined) {
  const url = ref('')
  const missing = ref(false)
  const forget = (): void => URL.revokeObjectURL(url.value)
  watch(
    id,
    async (wanted) => {
      const found = wanted ? await photoOf(wanted).catch(() => null) : null
      if (wanted !== id()) return
      forget()
      url.value = found ? URL.createObjectURL(found) : ''
      missing.value = wanted !== undefined && !found
    },
    { immediate: true },
  )
  if (getCurrentScope()) onScopeDispose(forget)
  return { url, missing }
}
