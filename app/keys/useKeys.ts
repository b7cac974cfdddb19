import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { rooms } from '../rooms'
import { useProject } from '../stores/project/project'
import { helpShown } from '../parts/helpShown'
import { redo, undo } from '../parts/history'

/** Where keys are letters of a text or steps of a number, not orders. */
const TAKES_KEYS =
  'input, textarea, select, [contenteditable=true], [role=spinbutton], [role=slider], [role=application]'

/** Keys that work in every room of a commission. */
export function useKeys() {
  const store = useProject()
  const route = useRoute()
  const router = useRouter()
  const commands = ref(false)

  function figure(by: number): void {
    const { figures } = store.project
    const at = figures.findIndex(({ id }) => id === store.figure.id)
    const next = figures[(at + by + figures.length) % figures.length]
    if (next) store.chooseFigure(next.id)
  }
  function orders(key: string): boolean {
    const lower = key.toLowerCase()
    if (lower === 'k') commands.value = true
    else if (lower === 's')
      void import('../parts/files/takeAway').then(({ takeAway }) => takeAway.zip())
    else if (lower === 'y') redo()
    else if (lower === 'z') undo()
    else return false
    return true
  }
  function plain(key: string): boolean {
    if (key === '?') helpShown.value = true
    else if (key === '[') figure(-1)
    else if (key === ']') figure(1)
    else if (/^[1-9]$/.test(key)) {
      const room = rooms.filter(({ under }) => !under)[Number(key) - 1]
      if (!room) return false
      void router.push({ name: room.name })
    } else return false
    return true
  }
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (typeof route.params.commission !== 'string' || event.altKey) return
    const { key, shiftKey } = event
    if (event.ctrlKey || event.metaKey) {
      const done = shiftKey && key.toLowerCase() === 'z' ? (redo(), true) : orders(key)
      if (done) event.preventDefault()
      return
    }
    if (commands.value || helpShown.value || (event.target as HTMLElement).closest(TAKES_KEYS))
      return
    if (plain(key)) event.preventDefault()
  })
  return { commands }
}
