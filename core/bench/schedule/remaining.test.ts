import { expect, it } from 'vitest'
import { moveKey } from '../../project/move'
import type { MoveRef } from '../../project/move'
import { remainingMoves } from './remaining'
import { schedule } from './schedule'
import type { BenchMove } from './request'

const MINUTE = 60_000
const NOON = Date.UTC(2026, 10, 25, 12)
const ref = (copy: number, coat: string): MoveRef => ({
  figure: 'mei',
  copy,
  of: coat === 'undercoat' ? { kind: 'undercoat' } : { kind: 'coat', coat },
})
const chain = (copy: number): BenchMove[] =>
  ['undercoat', 'base', 'wash'].map((words, i) => ({
    ...ref(copy, words),
    id: moveKey(ref(copy, words)),
    words,
    workMin: 5,
    dryMin: 20 + i,
    ...(i > 0 ? { puddle: words } : {}),
  }))
const chains = [chain(1), chain(2)]

it('what is done falls away; what was done lately still dries, by the clock or by its timer', () => {
  const half = {
    done: [
      { ...ref(1, 'undercoat'), at: NOON - 50 * MINUTE },
      { ...ref(2, 'undercoat'), at: NOON - 12 * MINUTE },
      { ...ref(1, 'base'), at: NOON - 4 * MINUTE, mixed: true },
    ],
    timers: [{ ...ref(2, 'undercoat'), endsAt: NOON + 3 * MINUTE }],
  }
  const left = remainingMoves(chains, half, NOON)
  expect(left.chains.map((moves) => moves.map(({ words }) => words))).toEqual([
    ['wash'],
    ['base', 'wash'],
  ])
  // 21 minutes from four minutes ago; the timer of the other says three.
  expect(left.readyMin).toEqual([17, 3])
  expect(left.openedMin).toEqual({ base: -4 })
  const { moves } = schedule({ ...left, mixMin: 3, puddleLifeMin: 90 })
  expect(
    moves.map(({ move, mixes }) => `${move.copy} ${move.words}${mixes ? ', mixed' : ''}`),
  ).toEqual(['2 base', '1 wash, mixed', '2 wash'])
  expect(moves[0]!.startMin).toBe(3)
})

it('a well that was mixed ahead stands open, once all that stands in it do', () => {
  const eye: BenchMove = {
    ...ref(1, 'eye'),
    id: moveKey(ref(1, 'eye')),
    words: 'eye',
    workMin: 4,
    dryMin: 5,
    puddle: 'white and iris',
    wells: ['white', 'iris'],
  }
  const opened = (mixed: { well: string; at: number }[]) =>
    remainingMoves([[eye]], { done: [], timers: [], mixed }, NOON).openedMin
  const white = { well: 'white', at: NOON - 9 * MINUTE }
  expect(opened([white])).toEqual({})
  // As old as the older of the two; of one that was mixed twice the newer counts.
  expect(opened([white, { well: 'iris', at: NOON - 2 * MINUTE }])).toEqual({ 'white and iris': -9 })
  expect(
    opened([white, { well: 'iris', at: NOON - 99 * MINUTE }, { well: 'iris', at: NOON - MINUTE }]),
  ).toEqual({ 'white and iris': -9 })
  const moves = (mixed: { well: string; at: number }[]) =>
    schedule({
      ...remainingMoves([[eye]], { done: [], timers: [], mixed }, NOON),
      mixMin: 3,
      puddleLifeMin: 90,
    }).moves.map(({ mixes }) => mixes)
  expect(moves([white, { ...white, well: 'iris' }])).toEqual([false])
  // Dried up, it is mixed again.
  expect(moves([white, { well: 'iris', at: NOON - 99 * MINUTE }])).toEqual([true])
})

it('a month later everything is dry and no puddle is open', () => {
  const old = {
    done: [
      { ...ref(1, 'undercoat'), at: NOON - 31 * 24 * 60 * MINUTE },
      { ...ref(1, 'base'), at: NOON - 31 * 24 * 60 * MINUTE, mixed: true },
    ],
    timers: [],
  }
  const left = remainingMoves(chains, old, NOON)
  expect(left.readyMin).toEqual([0, 0])
  const { moves } = schedule({ ...left, mixMin: 3, puddleLifeMin: 90 })
  expect(moves.find(({ move }) => move.copy === 2 && move.words === 'base')!.mixes).toBe(true)
  expect(remainingMoves(chains, { done: [], timers: [] }, NOON)).toEqual({
    chains,
    readyMin: [0, 0],
    openedMin: {},
  })
  // Work of an earlier version does not say when things were done.
  const undated = { done: [{ ...ref(1, 'undercoat'), at: 0 }], timers: [] }
  expect(remainingMoves(chains, undated, NOON).readyMin).toEqual([0, 0])
})
