import { blockedPage, mayKeep } from './blocked'
import { FIRST, roomAt } from './rooms'
import { hasLastMixes } from './vault/lastMixes'
import { threads } from './workers/threads'

if (mayKeep()) {
  // The room comes beside the application, not after it; a room that fails to come is the router's to tell.
  const room = roomAt(location.pathname)
  const [, commission] = /^\/c\/([^/]+)/.exec(location.pathname) ?? []
  // What the ladder shows at first may be known from the last time; the thread can wait then.
  const known = room.path === FIRST && commission !== undefined && hasLastMixes(commission)
  if (room.mixes && !known) threads.recipe()
  room.component().catch(() => undefined)
  void import('./start')
} else document.querySelector('#app')!.append(blockedPage())
