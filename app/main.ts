import { blockedPage, mayKeep } from './blocked'
import { roomAt } from './rooms'

if (mayKeep()) {
  // The room comes beside the application, not after it; a room that fails to come is the router's to tell.
  const room = roomAt(location.pathname)
  if (room.mixes)
    import('./workers/threads')
      .then(({ threads }) => threads.recipe().warm())
      // The room's own question will say it.
      .catch(() => undefined)
  room.component().catch(() => undefined)
  void import('./start')
} else document.querySelector('#app')!.append(blockedPage())
