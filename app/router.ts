import { toRaw } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import type { RouteComponent } from 'vue-router'
import { mostDropsOf } from '../core'
import { entrance, FIRST, mixesAtOnce, rooms } from './rooms'
import { DEMO_ID } from '../demo/lowTide'
import { useDesk } from './stores/desk'
import { lastNoted } from './vault/lastOpened'
import { smallBox } from './stores/palette/smallBox'
import { useProject } from './stores/project/project'
import { useShelf } from './stores/shelf/shelf'
import { threads } from './workers/threads'

/** Every room of a commission has its address under it, so that a bookmark leads back to the same work. */
const COMMISSION = '/c/:commission'

const lazy = (component: () => Promise<unknown>) => component as () => Promise<RouteComponent>

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    ...entrance.map(({ name, path, component }) => ({ name, path, component: lazy(component) })),
    { path: COMMISSION, redirect: ({ path }) => path.replace(/\/$/, '') + FIRST },
    ...rooms.map(({ name, path, component }) => ({
      name,
      path: COMMISSION + path,
      component: lazy(component),
    })),
    // Addresses from before there were commissions lead to the one that was open last.
    ...rooms.map(({ path }) => ({
      path,
      redirect: (to: { path: string; query: object }) => ({
        path: `/c/${lastNoted() ?? DEMO_ID}${to.path}`,
        query: to.query as Record<string, string>,
      }),
    })),
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

/** What the open figure is mixed from is laid out while its room is still on its way. */
function makeReady(): void {
  const { figures, figure, project, tableFor } = useProject()
  if (figures.length === 0) return
  const { paints } = smallBox(tableFor(figure).map(toRaw), project.puddles ?? [])
  threads
    .recipe()
    .lay({ paints, maxPaints: figure.plan.maxPaints, maxDrops: mostDropsOf(figure) })
    // The room's own question will say it.
    .catch(() => undefined)
}

/** A commission is opened before its room is shown. */
router.beforeEach(async (to) => {
  const shelf = useShelf()
  await shelf.begin()
  const id = to.params.commission
  if (typeof id !== 'string') return true
  const opened = await useDesk().open(id)
  if (opened === 'opened') {
    const { figure, ...query } = to.query
    if (typeof figure !== 'string') {
      const room = rooms.find(({ name }) => name === to.name)
      if (mixesAtOnce(room, id)) makeReady()
      return true
    }
    useProject().chooseFigure(figure)
    return { ...to, query }
  }
  if (opened === 'missing')
    shelf.trouble = `There is no commission “${id}” in this browser. What there is stands below; a file brings in others.`
  return '/'
})
