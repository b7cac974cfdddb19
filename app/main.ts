import { blockedPage, mayKeep } from './blocked'
import { roomAt } from './rooms'

if (mayKeep()) {
  // The room comes beside the application, not after it; a room that fails to come is the router's to tell.
  roomAt(location.pathname)
    .component()
    .catch(() => undefined)
  void import('./start')
} else document.querySelector('#app')!.append(blockedPage())
