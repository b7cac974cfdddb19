import { ref } from 'vue'

/** Another window has gone over to a newer version: files of this one's may be gone. */
export const replaced = ref(false)

const keeper = typeof navigator === 'undefined' ? undefined : navigator.serviceWorker
if (keeper?.controller)
  keeper.addEventListener('controllerchange', () => (replaced.value = true), { once: true })
