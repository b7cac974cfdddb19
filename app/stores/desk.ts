import { BOTH_CHANGED, SILENT } from '../words/desk'
import { failureWords } from '../words/failure'
import { defineStore } from 'pinia'
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { differences, formatProject, mergeProjects, parseProject, salvageProject } from '../../core'
import type { Project } from '../../core'
import { DEMO_ID } from '../../demo/lowTide'
import { starterIds } from './paints'
import { useGone } from './deskGone'
import { useJournal } from './journal'
import { useProject } from './project/project'
import { issueWords } from './shelf/issueWords'
import { summarised } from './shelf/summarised'
import { putTogether } from './putTogether'
import { shippedDemo } from './shippedDemo'
import { askToKeep } from '../vault/storing'
import { renewSummary } from '../vault/summaries'
import { setAside } from '../vault/aside'
import { noteOpened } from '../vault/lastOpened'
import { journalKept, journalsRecalled } from '../vault/journal'
import { WorkGone, onOthers, readWork, tellOthers, writeWork } from '../vault/works'

const WAIT_MS = 200
/** What goes on changing is stored this often all the same. */
const AT_MOST_MS = 1000
/** After storage refused it is tried again. */
const AGAIN_MS = 10_000

/** Storage that has not answered by then is said not to. */
const SILENT_MS = 8000

export type SaveState = 'opening' | 'saved' | 'saving' | 'failed'
export type Opened = 'opened' | 'missing' | 'broken'

/** Which commission lies open; what was stored is opened, and every change saved. */
export const useDesk = defineStore('desk', () => {
  const store = useProject()
  const openId = shallowRef<string>()
  const state = ref<SaveState>('opening')
  const trouble = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined
  /** When the first of the changes was made that are not on their way to storage. */
  let since = 0
  /** What this tab knows to be stored. */
  let seen: string | null = null
  const journal = useJournal()
  const { gone, look, keepAll } = useGone({
    openId: () => openId.value,
    wasStored: () => seen !== null,
    storeAnew: () => {
      seen = null
      return save()
    },
  })
  let writing: Promise<void> | undefined
  /** The last write failed: once one goes well there is nothing to tell any more. */
  let refusedBefore = false
  /** Another tab told of something while this one had changes of its own. */
  let missed = false
  /** What another tab wrote is being taken over. */
  let following = false
  /** Counts what was asked to be opened: the newest is. */
  let opening = 0
  /** What other tabs have told of since it was read. */
  const meanwhile = new Set<string>()

  /** What another tab has written becomes what this one works on, with what was changed here since `base`. */
  function takeOver(base: Project, text: string): void {
    const theirs = JSON.parse(text) as Project
    following = true
    store.takeOver(mergeProjects(base, store.project, theirs).project)
    following = false
    journal.begin(text, theirs)
    // With nothing left there is nothing to be made again, and the journal is dropped.
    journal.note(theirs.id, differences(theirs, store.project))
  }

  async function write(): Promise<void> {
    clearTimeout(timer)
    timer = undefined
    const { project } = store
    try {
      const text = formatProject(project)
      if (text !== seen) {
        journal.send(project.id, text)
        await journalKept()
        const met = await writeWork(project.id, text, seen, (there) => {
          // The demo is stored a moment after it is opened: another tab has begun with the same.
          const base = seen ?? (project.id === DEMO_ID ? formatProject(shippedDemo()) : null)
          const made = putTogether(base, text, there)
          journal.send(project.id, made.text)
          return made
        })
        seen = met?.text ?? text
        if (met) takeOver(project, met.text)
        askToKeep()
        // The work is stored: that the file for its summary does not come must not say otherwise.
        const summary = await summarised(project, Date.now()).catch(() => undefined)
        if (summary) await renewSummary(summary)
        tellOthers(project.id)
        if (met?.loses) trouble.value = BOTH_CHANGED
        else if (refusedBefore) trouble.value = ''
        refusedBefore = false
        if (!met) journal.stored(project.id, text, project)
      } else journal.stored(project.id, text, project)
      if (timer === undefined) state.value = 'saved'
    } catch (error) {
      if (error instanceof WorkGone) {
        gone.value = 'for good'
        state.value = 'failed'
        return
      }
      refusedBefore = true
      state.value = 'failed'
      trouble.value = `This browser would not store the work (${failureWords(error)}). It is tried again by itself; save a project file before you close the tab.`
      timer ??= setTimeout(() => void save(), AGAIN_MS)
    }
  }
  /** One write after the other, so that each knows what the one before has stored. */
  function save(): Promise<void> {
    const mine = (writing ?? Promise.resolve()).then(write)
    writing = mine
    void mine.then(() => {
      if (writing !== mine) return
      writing = undefined
      // Not before: what is being written counts as this tab's own.
      if (missed) void follow()
    })
    return mine
  }
  /** Stores what is not stored yet. */
  async function flush(): Promise<void> {
    if (timer !== undefined) await save()
    else await writing
  }

  function show(project: Project, stored: string | null): void {
    store.restore(project)
    seen = stored
    journal.begin(stored, project)
    openId.value = project.id
    gone.value = undefined
    void look(project.id)
    state.value = 'saved'
    noteOpened(project.id)
    if (meanwhile.has(project.id)) void follow()
  }

  /** Stored work that the schema refuses is opened as far as it can be; the text is put aside unchanged. */
  async function openDamaged(id: string, text: string): Promise<Opened> {
    const { project, left } = salvageProject(text, starterIds, id)
    await setAside(text, new Date(), id)
    if (!project) {
      trouble.value = `The stored work could not be read (${issueWords(left)}). It was put aside unchanged and is still stored; the menu Files of any commission has it.`
      return 'broken'
    }
    show({ ...project, id }, text)
    trouble.value = `Parts of the stored work could not be read and were left out or mended (${issueWords(left)}). The whole was put aside unchanged; the menu Files has it.`
    await save()
    return 'opened'
  }

  /** Opens a commission by its id; what was open is saved first. */
  async function open(id: string): Promise<Opened> {
    if (openId.value === id) return 'opened'
    const mine = ++opening
    await flush()
    meanwhile.clear()
    let text: string | null
    const silent = setTimeout(() => (trouble.value = SILENT), SILENT_MS)
    try {
      await journalsRecalled(id)
      text = await readWork(id)
    } catch (error) {
      show(shippedDemo(), null)
      openId.value = id
      state.value = 'failed'
      trouble.value = `This browser gives no storage (${failureWords(error)}). Work on, and save a project file before you close the tab.`
      return 'opened'
    } finally {
      clearTimeout(silent)
    }
    // What was changed while it was read is saved before the other takes its place.
    while (timer !== undefined) await flush()
    // Another was asked for meanwhile: that one is opened.
    if (mine !== opening) return 'opened'
    trouble.value = ''
    if (text === null) {
      if (id !== DEMO_ID) return 'missing'
      // A page may have gone before the demo was stored: what was changed in it is made again on the demo as it is shipped.
      const { project, forget } = journal.replay(shippedDemo(), null)
      show(project, null)
      // It can be looked at before it is stored: as it is shipped it is not lost.
      void save().then(() => {
        if (state.value !== 'failed') forget()
      })
      return 'opened'
    }
    const reading = parseProject(text, starterIds)
    if (!reading.ok) return openDamaged(id, text)
    const stored = { ...reading.value, id }
    const { project, strange, forget } = journal.replay(stored, text)
    show(project, text)
    // What a page had still in hand when it went is stored now.
    if (project !== stored) {
      if (strange) await setAside(text, new Date(), id)
      await save()
    }
    if (state.value !== 'failed') forget()
    return 'opened'
  }

  watch(
    () => store.changed,
    (patches) => {
      // What another tab has stored need not be stored again: two tabs would answer each other for ever.
      if (following) return
      journal.note(store.project.id, patches)
      state.value = 'saving'
      if (timer === undefined) since = Date.now()
      clearTimeout(timer)
      const wait = Math.min(WAIT_MS, since + AT_MOST_MS - Date.now())
      timer = setTimeout(() => void save(), wait)
    },
    // At once, so that what is opened next finds this to be saved first.
    { flush: 'sync' },
  )

  /** Another tab has written: this one shows the same. What it has not stored itself it puts together as it does. */
  async function follow(): Promise<void> {
    const own = (): boolean => timer !== undefined || writing !== undefined
    missed = own()
    const id = openId.value
    if (missed || id === undefined || seen === null) return
    const text = await readWork(id).catch(() => null)
    if (text === null || text === seen || openId.value !== id) return
    missed = own()
    if (missed || !parseProject(text, starterIds).ok) return
    seen = text
    takeOver(store.project, text)
  }
  onOthers((id) => {
    meanwhile.add(id)
    if (id !== openId.value) return
    void follow()
    void look(id)
  })
  const late = (): void => void flush()
  addEventListener('pagehide', late)
  document.addEventListener('visibilitychange', late)
  onScopeDispose(() => {
    removeEventListener('pagehide', late)
    document.removeEventListener('visibilitychange', late)
  })
  return { openId, state, trouble, gone, keepAll, open, flush }
})
