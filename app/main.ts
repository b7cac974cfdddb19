import { blockedPage, mayKeep } from './blocked'
import { mixesAtOnce, roomAt } from './rooms'
import { threads } from './workers/threads'

if (mayKeep()) {
  // The room comes beside the application, not after it; a room that fails to come is the router's to tell.
  const room = roomAt(location.pathname)
  const [, commission = ''] = /^\/c\/([^/]+)/.exec(location.pathname) ?? []
  if (mixesAtOnce(room, commission)) threads.recipe()
  room.component().catch(() => undefined)
  void import('./start')
} else document.querySelector('#app')!.replaceChildren(blockedPage())
