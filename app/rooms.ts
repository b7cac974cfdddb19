/** The rooms that work, in the order of the work; those `under` another are reached from it. */
export interface Room {
  name: string
  path: string
  link?: string
  under?: string
  component: () => Promise<unknown>
}

/** Where one comes in. */
export const FIRST = '/ladder'

export const rooms: Room[] = [
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
    link: '/tone',
    component: () => import('./views/tone/ToneView.vue'),
  },
  {
    name: 'Recipe',
    path: '/ladder/:step',
    under: 'Ladder',
    component: () => import('./views/recipe/RecipeView.vue'),
  },
  { name: 'Ladder', path: '/ladder', component: () => import('./views/ladder/LadderView.vue') },
  { name: 'Coats', path: '/coats', component: () => import('./views/coats/CoatsView.vue') },
  { name: 'Accents', path: '/accents', component: () => import('./views/accents/AccentsView.vue') },
  { name: 'Bench', path: '/bench', component: () => import('./views/bench/BenchView.vue') },
  { name: 'Log', path: '/log', component: () => import('./views/log/LogView.vue') },
]

/** The room of an address; the ladder where none has it. */
export function roomAt(address: string): Room {
  const under = (room: Room): boolean =>
    room.path.includes('/:') && address.startsWith(`${room.path.split('/:')[0]}/`)
  return (
    rooms.find(({ path, link }) => address === path || address === link) ??
    rooms.find(under) ??
    rooms.find(({ path }) => path === FIRST)!
  )
}
