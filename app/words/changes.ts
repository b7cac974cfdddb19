import type { Figure, Project } from '../../core'

/** What each part of a plan is called. */
export const ofPlan: Readonly<Record<string, string>> = {
  steps: 'steps',
  contrast: 'contrast',
  warmth: 'light warmth',
  turn: 'turn of the shadow',
  shadow: 'school of shadow',
  light: 'school of light',
  sheen: 'sheen',
  softness: 'softness',
  bounce: 'bounced light',
  spacing: 'spacing',
  way: 'way of mixing',
  puddles: 'puddles',
  maxPaints: 'most paints',
  maxDrops: 'most drops',
  moved: 'a step’s aim',
  form: 'form',
  key: 'where the light comes from',
  seenFrom: 'where it is judged from',
}
export const ofFigure: Readonly<Record<string, string>> = {
  name: 'name',
  note: 'note',
  tone: 'tone',
  size: 'size',
  many: 'number',
  group: 'people',
  stack: 'coats',
  accents: 'accents',
  bottles: 'bottles',
  picture: 'picture',
  versions: 'versions',
}
export const ofProject: Readonly<Record<string, string>> = {
  name: 'name of the commission',
  palette: 'bottles on the table',
  puddles: 'a mix',
  out: 'bottles that are in',
  bottles: 'a bottle',
  box: 'paints of the box',
  tones: 'kept tones',
  done: 'moves at the bench',
  bench: 'the bench',
  log: 'the log',
  groups: 'peoples',
  figure: 'figure that is open',
}

/** Names of what differs between two records. */
const differing = (one: object, other: object): string[] =>
  [...new Set([...Object.keys(one), ...Object.keys(other)])].filter(
    (key) => one[key as never] !== other[key as never],
  )

function figureWords(one: Figure, other: Figure): string {
  const [short] = other.name.split(',')
  const [first] = differing(one, other)
  const [inPlan] = first === 'plan' ? differing(one.plan, other.plan) : []
  const what = inPlan === undefined ? ofFigure[first ?? ''] : ofPlan[inPlan]
  return what === undefined ? short! : `${what} of ${short}`
}

/**
 * What a change was about, shortly: “contrast of Isaura”, “bottles on the table”.
 * @example changeWords(before, after) // "steps of Tunde"
 */
export function changeWords(before: Project, after: Project): string {
  if (before.figures !== after.figures) {
    if (before.figures.length !== after.figures.length) return 'figures of the commission'
    const changed = after.figures.filter((one, i) => one !== before.figures[i])
    const [only, ...more] = changed
    const had = only && before.figures.find(({ id }) => id === only.id)
    if (only && had && more.length === 0) return figureWords(had, only)
    if (changed.length > 0) return `${changed.length} figures`
  }
  const [first] = differing(before, after).filter((key) => key !== 'figures')
  return ofProject[first ?? ''] ?? 'the commission'
}
