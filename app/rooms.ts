import { hasLastMixes } from './vault/lastMixes'
import type { RoomName } from './words/help'

/** The rooms that work, in the order of the work; those `under` another are reached from it. */
export interface Room<Name extends string = string> {
  name: Name
  /** Within a commission. */
  path: string
  under?: string
  /** It works on a figure: a commission without one has something else to say. */
  ofFigure?: boolean
  component: () => Promise<unknown>
  /** It takes the whole screen: no other room beside it, but a way out. */
  whole?: boolean
  /** It looks for mixes as soon as it stands: the thread that finds them begins beside the room. */
  mixes?: boolean
}

/** Where one comes in to a commission. */
export const FIRST = '/ladder'

export const rooms: Room<RoomName>[] = [
  {
    name: 'Range',
    path: '/range',
    ofFigure: true,
    mixes: true,
    component: () => import('./views/range/RangeView.vue'),
  },
  {
    name: 'Figures',
    path: '/figures',
    component: () => import('./views/figures/FiguresView.vue'),
  },
  { name: 'Box', path: '/box', component: () => import('./views/box/BoxView.vue') },
  {
    name: 'Add a paint',
    path: '/box/add',
    under: 'Box',
    component: () => import('./views/box/add/AddView.vue'),
  },
  {
    name: 'Swatch card',
    path: '/box/card',
    under: 'Box',
    component: () => import('./views/box/card/CardView.vue'),
  },
  {
    name: 'Tone',
    path: '/tone/:way(skin|hide|picture|number)?',
    ofFigure: true,
    component: () => import('./views/tone/ToneView.vue'),
  },
  {
    name: 'Recipe',
    path: '/ladder/:step',
    under: 'Ladder',
    ofFigure: true,
    mixes: true,
    component: () => import('./views/recipe/RecipeView.vue'),
  },
  {
    name: 'Ladder',
    path: '/ladder',
    ofFigure: true,
    mixes: true,
    component: () => import('./views/ladder/LadderView.vue'),
  },
  {
    name: 'Coats',
    path: '/coats',
    ofFigure: true,
    component: () => import('./views/coats/CoatsView.vue'),
  },
  {
    name: 'Accents',
    path: '/accents',
    ofFigure: true,
    component: () => import('./views/accents/AccentsView.vue'),
  },
  {
    name: 'Bench',
    path: '/bench',
    whole: true,
    ofFigure: true,
    component: () => import('./views/bench/BenchView.vue'),
  },
  { name: 'Log', path: '/log', component: () => import('./views/log/LogView.vue') },
  { name: 'Eye', path: '/eye', component: () => import('./views/eye/EyeView.vue') },
]

/** What lies outside every commission. */
export const entrance: Room[] = [
  { name: 'Shelf', path: '/', component: () => import('./views/shelf/ShelfView.vue') },
  { name: 'Begin', path: '/new', component: () => import('./views/begin/BeginView.vue') },
  { name: 'Given', path: '/given', component: () => import('./views/given/GivenView.vue') },
]

/** Whether a room looks for mixes before it has anything to show: what the ladder shows first may be known already. */
export const mixesAtOnce = (room: Room | undefined, commission: string): boolean =>
  room?.mixes === true && !(room.path === FIRST && hasLastMixes(commission))

/** The address of a room without its commission: `/c/low-tide/ladder` is `/ladder`. */
const withinCommission = (address: string): string => address.replace(/^\/c\/[^/]+/, '') || '/'

/** The room of an address; the ladder where none has it. */
export function roomAt(address: string): Room {
  if (!address.startsWith('/c/')) {
    const outside = entrance.find(({ path }) => path === address)
    if (outside) return outside
  }
  const within = withinCommission(address)
  const stem = (room: Room): string => room.path.split('/:')[0]!
  return (
    rooms.find(({ path }) => within === path) ??
    rooms.find((room) => room.path.endsWith(')?') && within === stem(room)) ??
    rooms.find((room) => room.path.includes('/:') && within.startsWith(`${stem(room)}/`)) ??
    rooms.find(({ path }) => path === FIRST)!
  )
}
