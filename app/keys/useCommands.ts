import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { rooms } from '../rooms'
import { usePalette } from '../stores/palette/palette'
import { useProject } from '../stores/project/project'
import { takeAway } from '../parts/files/takeAway'
import { redo, undo } from '../parts/history'

/** Something to go to or to do, found by its name. */
export interface Command {
  /** Before its name, so that alike names are told apart. */
  kind: 'room' | 'figure' | 'paint' | 'mix' | 'do'
  name: string
  run: () => unknown
}

const WORDS: Readonly<Record<Command['kind'], string>> = {
  room: 'Room',
  figure: 'Figure',
  paint: 'Paint',
  mix: 'Mix',
  do: 'Do',
}
export const kindWords = (kind: Command['kind']): string => WORDS[kind]

/** Whether every word that is typed begins a word of a name. */
export function namedBy(typed: string, name: string): boolean {
  const words = name.toLowerCase().split(/[\s,:·]+/)
  return typed
    .toLowerCase()
    .split(/\s+/)
    .filter((one) => one !== '')
    .every((one) => words.some((word) => word.startsWith(one)))
}

/** Everything that can be gone to or done from anywhere in a commission. */
export function useCommands() {
  const store = useProject()
  const palette = usePalette()
  const router = useRouter()
  /** A mix is taken up where its well stands. */
  function take(puddle: string): unknown {
    palette.inHand = { puddle }
    return router.push({ name: 'Ladder' })
  }
  return computed((): Command[] => [
    ...rooms
      .filter(({ path }) => !path.includes('/:step'))
      .map(({ name }): Command => ({ kind: 'room', name, run: () => router.push({ name }) })),
    ...store.project.figures.map(({ id, name }): Command => ({
      kind: 'figure',
      name,
      run: () => store.chooseFigure(id),
    })),
    ...store.paints.map(({ id, name }): Command => ({
      kind: 'paint',
      name,
      run: () => router.push({ name: 'Box', query: { paint: id } }),
    })),
    ...(store.project.puddles ?? []).flatMap(({ id, name }): Command[] =>
      name === undefined ? [] : [{ kind: 'mix', name, run: () => take(id) }],
    ),
    { kind: 'do', name: 'undo', run: undo },
    { kind: 'do', name: 'redo', run: redo },
    { kind: 'do', name: 'save the project to a file', run: takeAway.json },
    { kind: 'do', name: 'pack the whole commission', run: takeAway.zip },
    { kind: 'do', name: 'back to the shelf', run: () => router.push('/') },
  ])
}
