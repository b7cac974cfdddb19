import { failureWords } from '../../words/failure'
import { defineStore } from 'pinia'
import { dequal } from 'dequal/lite'
import { computed, shallowRef } from 'vue'
import {
  blankCommission,
  formatProject,
  nextName,
  parseProject,
  photosOf,
  sculptsOf,
  secondCommission,
} from '../../../core'
import type { Project } from '../../../core'
import { DEMO_ID } from '../../../demo/lowTide'
import { useDesk } from '../desk'
import { newId } from '../../vault/newId'
import { starterIds } from '../paints'
import { useProject } from '../project/project'
import { shippedDemo } from '../shippedDemo'
import { dropLastMixes } from '../../vault/lastMixes'
import { dropSummary, writeSummary } from '../../vault/summaries'
import type { Summary } from '../../vault/summaries'
import {
  dropWork,
  noteMoved,
  onOthers,
  readWork,
  tellOthers,
  wasMoved,
  writeWork,
} from '../../vault/works'
import { othersAreOpen } from '../../vault/windows'
import { freeOf } from '../freePictures'
import { issueWords } from './issueWords'
import { moveFirst, storedSummaries } from './storedSummaries'
import { paintedStrips } from './paintedStrips'
import { summarised } from './summarised'

/** Every commission there is, and what can be done with one as a whole. */
export const useShelf = defineStore('shelf', () => {
  const desk = useDesk()
  const open = useProject()
  const all = shallowRef<readonly Summary[]>([])
  const trouble = shallowRef('')
  const ready = shallowRef(false)
  let reading: Promise<void> | undefined

  const newestFirst = (list: readonly Summary[]) =>
    [...list].sort((one, other) => other.touchedAt - one.touchedAt)
  const onShelf = computed(() =>
    newestFirst(all.value.filter(({ archivedAt, deletedAt }) => !archivedAt && !deletedAt)),
  )
  const archived = computed(() =>
    newestFirst(all.value.filter(({ archivedAt, deletedAt }) => archivedAt && !deletedAt)),
  )
  const deleted = computed(() => newestFirst(all.value.filter(({ deletedAt }) => deletedAt)))

  let moved: Promise<void> | undefined
  /** What has to be done once before anything is opened. */
  const begin = (): Promise<void> =>
    (moved ??= wasMoved()
      ? Promise.resolve()
      : moveFirst(put).then(
          (told) => {
            if (told) trouble.value = told
            noteMoved()
          },
          (error: unknown) => {
            trouble.value = `This browser gives no storage (${failureWords(error)}).`
          },
        ))

  async function read(): Promise<void> {
    await begin()
    try {
      all.value = await storedSummaries()
    } catch (error) {
      trouble.value = `This browser gives no storage (${failureWords(error)}). A commission can be begun, but save it as a file before you close the tab.`
    }
    ready.value = true
  }
  /** Looks at what is stored, from now on. */
  const refresh = (): Promise<void> => (reading = read())
  /** … unless that is under way already. */
  const look = (): Promise<void> => (ready.value || !reading ? refresh() : reading)
  onOthers(() => {
    if (ready.value) void refresh()
  })

  async function put(project: Project): Promise<void> {
    await writeWork(project.id, formatProject(project), null)
    await writeSummary(await summarised(project, Date.now()))
    tellOthers(project.id)
  }
  /** The demo as it is shipped makes way for one that was worked on. */
  async function replacesDemo(project: Project): Promise<boolean> {
    if (project.id !== DEMO_ID) return false
    await desk.flush()
    const there = await readWork(DEMO_ID)
    // As it is shipped, in whatever order its keys were written.
    if (there === null || !dequal(JSON.parse(there), shippedDemo())) return false
    if (desk.openId === DEMO_ID) {
      open.replace(project)
      await desk.flush()
      return true
    }
    await writeWork(DEMO_ID, formatProject(project), there)
    await writeSummary(await summarised(project, Date.now()))
    tellOthers(DEMO_ID)
    return true
  }
  /** Puts a commission on the shelf under an id and a name that no other has; hands back its id. */
  async function add(project: Project): Promise<string> {
    if (await replacesDemo(project)) {
      await refresh()
      return DEMO_ID
    }
    await refresh()
    const free = all.value.every(({ id }) => id !== project.id)
    const names = all.value.filter(({ deletedAt }) => !deletedAt).map(({ name }) => name)
    const made = {
      ...project,
      id: free ? project.id : newId(),
      name: names.includes(project.name) ? nextName(project.name, names) : project.name,
    }
    await put(made)
    await refresh()
    return made.id
  }

  /** A commission that is not open, from the text that is stored. */
  function closed(text: string | null): Project {
    const reading = text === null ? undefined : parseProject(text, starterIds)
    if (!reading?.ok) throw new Error('this commission cannot be read; open it to see why')
    return reading.value
  }
  async function projectOf(id: string): Promise<Project> {
    if (desk.openId === id) {
      await desk.flush()
      return open.project
    }
    return closed(await readWork(id))
  }
  async function rename(id: string, name: string): Promise<void> {
    if (desk.openId === id) {
      open.setCommissionName(name)
      await desk.flush()
    } else {
      const there = await readWork(id)
      const text = formatProject({ ...closed(there), name: name.trim() })
      const reading = parseProject(text, starterIds)
      if (!reading.ok) throw new Error(issueWords(reading.issues))
      await writeWork(id, text, there)
      const before = all.value.find((one) => one.id === id)
      await writeSummary({ ...before!, name: name.trim() })
      tellOthers(id)
    }
    await refresh()
  }
  async function mark(id: string, made: Partial<Summary>): Promise<void> {
    const before = all.value.find((one) => one.id === id)
    if (!before) return
    await writeSummary({ ...before, ...made })
    tellOthers(id)
    await refresh()
  }
  /** Strips of these as they would be painted, one commission after the other, until somebody stops it. */
  async function paint(ids: readonly string[], goesOn: () => boolean): Promise<void> {
    for (const id of ids) {
      const before = all.value.find((one) => one.id === id)
      if (!before || before.broken || !before.figures.some(({ strip, of }) => strip && !of))
        continue
      // What cannot be read or mixed stays as it is aimed at.
      const figures = await projectOf(id)
        .then((project) => paintedStrips(project, before.figures, goesOn))
        .catch(() => undefined)
      if (!goesOn()) return
      // It was worked on meanwhile, or there is nothing new.
      if (!figures || all.value.find((one) => one.id === id) !== before) continue
      const made = { ...before, figures }
      await writeSummary(made)
      all.value = all.value.map((one) => (one === before ? made : one))
    }
  }
  /** Removes a commission for good, and the pictures and sculpts that no other names. */
  async function purge(id: string): Promise<void> {
    const gone = await projectOf(id).catch(() => undefined)
    await dropWork(id)
    await dropSummary(id)
    dropLastMixes(id)
    // Where it may lie open still, or undo may lead back to one of them, they go when a window opens alone.
    if (gone && open.depth.undo + open.depth.redo === 0 && !(await othersAreOpen()))
      await freeOf({ photos: photosOf(gone), sculpts: sculptsOf(gone) })
    tellOthers(id)
    await refresh()
  }
  return {
    all,
    onShelf,
    archived,
    deleted,
    ready,
    trouble,
    begin,
    refresh,
    look,
    add,
    rename,
    duplicate: async (id: string): Promise<string> =>
      add(secondCommission(await projectOf(id), (await projectOf(id)).name, newId)),
    archive: (id: string, away: boolean) => mark(id, { archivedAt: away ? Date.now() : undefined }),
    remove: (id: string) => mark(id, { deletedAt: Date.now() }),
    bringBack: (id: string) => mark(id, { deletedAt: undefined, archivedAt: undefined }),
    paint,
    purge,
    addEmpty: (name: string) => add(blankCommission(newId(), name)),
    /** The demo as it is shipped, beside one that was changed. */
    addDemo: () => add({ ...shippedDemo(), id: DEMO_ID }),
    projectOf,
  }
})
