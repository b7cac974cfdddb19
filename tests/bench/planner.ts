import { parentPort } from 'node:worker_threads'
import { ClosestRecipes } from '../../core'
import { bottles, figures, mixed } from './plan'

/** Bottles on the table, and which of the figures are mixed from them: every second from the first or the second. */
export interface Planned {
  table: readonly number[]
  from: number
  step: number
  to: number
}

/** A thread that mixes figures, its table kept from one question to the next. */
const closest = new ClosestRecipes()
parentPort!.on('message', ({ table, from, step, to }: Planned) => {
  for (let i = from; i < to; i += step) mixed(figures[i]!, bottles(table), closest)
  parentPort!.postMessage('mixed')
})
