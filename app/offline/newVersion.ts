import { registerSW } from 'virtual:pwa-register'
import { replaced } from './replaced'

/** A page that stays open asks this often whether there is a newer version, ms. */
const ASK_MS = 60 * 60 * 1000
const STAYS = 0

/**
 * Has the browser keep the application, so that it opens without the server; says when a newer version lies ready, and
 * goes over to it only when the painter wants to.
 */
export function keepApplication(): void {
  let offered = false
  let kept: ServiceWorkerRegistration | undefined
  const goOver = (): void => {
    // Another window has gone over already: nothing waits any more, and this one only has to be read anew.
    if (replaced.value || (kept && !kept.waiting)) return location.reload()
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
      once: true,
    })
    void update(false)
  }
  const update = registerSW({
    immediate: true,
    onNeedRefresh: () => {
      // The browser may say it more than once.
      if (offered) return
      offered = true
      const over = { name: 'Go over to it now', run: goOver }
      void import('../messages/say').then(({ say }) =>
        say('A newer version is ready; your work is saved.', over, STAYS),
      )
    },
    onRegisteredSW: (_, registration) => {
      kept = registration
      if (registration) setInterval(() => void registration.update().catch(() => undefined), ASK_MS)
    },
  })
}
