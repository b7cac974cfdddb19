import { useProject } from '../stores/project/project'
import { changeWords } from '../words/changes'

/** Goes a change back or forth and says which it was. */
function go(way: 'undo' | 'redo'): void {
  const store = useProject()
  const before = store.project
  store[way]()
  if (store.project === before) return
  const what = changeWords(before, store.project)
  void import('../messages/say').then(({ say }) =>
    say(`${way === 'undo' ? 'Undone' : 'Done again'}: ${what}.`, undefined, 2500),
  )
}
export const undo = (): void => go('undo')
export const redo = (): void => go('redo')
