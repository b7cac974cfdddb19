import { createRouter, createWebHistory } from 'vue-router'

/** The rooms that work, in the order of the work. */
export const rooms = [
  { name: 'Box', path: '/box', component: () => import('./views/box/BoxView.vue') },
  {
    name: 'Tone',
    path: '/tone/:way(skin|hide|picture|number)?',
    link: '/tone',
    component: () => import('./views/tone/ToneView.vue'),
  },
  { name: 'Ladder', path: '/ladder', component: () => import('./views/ladder/LadderView.vue') },
]

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/ladder' },
    ...rooms,
    { path: '/:rest(.*)*', redirect: '/ladder' },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.name)} · Cobaltfinch`
})
