import { createRouter, createWebHistory } from 'vue-router'

/** The rooms that work, in the order of the work; those `under` another are reached from it. */
interface Room {
  name: string
  path: string
  link?: string
  under?: string
  component: () => Promise<unknown>
}

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

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/ladder' },
    ...rooms.map(({ name, path, component }) => ({ name, path, component: component as never })),
    { path: '/:rest(.*)*', redirect: '/ladder' },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.name)} · Cobaltfinch`
})
