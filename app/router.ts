import { createRouter, createWebHistory } from 'vue-router'
import { FIRST, rooms } from './rooms'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: FIRST },
    ...rooms.map(({ name, path, component }) => ({ name, path, component: component as never })),
    { path: '/:rest(.*)*', redirect: FIRST },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.name)} · Cobaltfinch`
})
