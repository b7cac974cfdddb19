import { onScopeDispose, ref, watch } from 'vue'
import { formatProject, parseProject } from '../../core'
import { starterIds } from './paints'
import { useProject } from './project'
import { onOthers, readWork, setAside, tellOthers, writeWork } from './vault'

const WAIT_MS = 200

export type SaveState = 'opening' | 'saved' | 'saving' | 'failed'

/** Opens what was stored, then saves every change; call once, from the application's root. */
export function useAutosave() {
  const store = useProject()
  const state = ref<SaveState>('opening')
  const trouble = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined
  /** What this tab knows to be stored. */
  let seen: string | null = null
  let writing = false
  /** Another tab told of something while this one had changes of its own. */
  let missed = false

  async function save(): Promise<void> {
    clearTimeout(timer)
    timer = undefined
    writing = true
    try {
      const text = formatProject(store.project)
      if (text !== seen) {
        const strange = await writeWork(text, seen)
        seen = text
        tellOthers()
        trouble.value = strange
          ? 'Another tab had changed the work meanwhile. What it had was put aside unchanged; the menu Files has it.'
          : ''
      }
      if (timer === undefined) state.value = 'saved'
    } catch (error) {
      state.value = 'failed'
      trouble.value = `This browser would not store the work (${(error as Error).message}). Save a project file before you close the tab.`
    }
    writing = false
    if (missed) void follow()
  }

  async function open(): Promise<void> {
    try {
      const text = await readWork()
      seen = text
      if (text !== null) {
        const reading = parseProject(text, starterIds)
        if (reading.ok) store.restore(reading.value)
        else {
          await setAside(text, new Date())
          const [first] = reading.issues
          trouble.value = `The stored work could not be read (${first!.place}: ${first!.message}). It was put aside unchanged; the demo is open instead.`
        }
      }
      state.value = 'saved'
    } catch (error) {
      state.value = 'failed'
      trouble.value = `This browser gives no storage (${(error as Error).message}). Work on, and save a project file before you close the tab.`
    }
    watch(
      () => store.changes,
      () => {
        state.value = 'saving'
        clearTimeout(timer)
        timer = setTimeout(() => void save(), WAIT_MS)
      },
    )
  }

  /** Another tab has written: this one shows the same, unless it has changes of its own to write. */
  async function follow(): Promise<void> {
    const own = (): boolean => timer !== undefined || writing
    missed = own()
    if (missed) return
    const text = await readWork().catch(() => null)
    if (text === null || text === seen || own()) return
    const reading = parseProject(text, starterIds)
    if (!reading.ok) return
    seen = text
    store.replace(reading.value)
  }
  onOthers(() => void follow())

  const flush = (): void => {
    if (timer !== undefined) void save()
  }
  addEventListener('pagehide', flush)
  document.addEventListener('visibilitychange', flush)
  onScopeDispose(() => {
    removeEventListener('pagehide', flush)
    document.removeEventListener('visibilitychange', flush)
  })
  return { state, trouble, opened: open() }
}
