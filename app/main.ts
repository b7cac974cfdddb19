import { roomAt } from './rooms'

// The room comes beside the application, not after it; a room that fails to come is the router's to tell.
roomAt(location.pathname)
  .component()
  .catch(() => undefined)
void import('./start')
