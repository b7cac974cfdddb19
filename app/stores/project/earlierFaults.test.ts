import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { mostOf, parseBox } from '../../../core'
import { starterIds } from '../paints'
import { begin, entry, paint, readsBack, stack } from '../../../tests/fixtures/hostile'
import type { useProject } from './project'

describe('what an earlier version stored and could not open again', () => {
  const refusedAt = (store: ReturnType<typeof useProject>, place: string, what: string): void => {
    expect(store.refused[0]).toMatchObject({ place: expect.stringContaining(place) as string })
    expect(store.refused[0]!.message).toContain(what)
    readsBack(store, place)
  }

  it('a box file whose paints are named as starters are: they come in beside them', () => {
    const store = begin()
    const box = parseBox(readFileSync('docs/formats/box.json', 'utf8'))
    if (!box.ok) throw new Error('unreadable')
    const shared = box.value.paints.filter(({ id }) => starterIds.has(id))
    expect(shared.length).toBeGreaterThan(0)
    expect(store.addPaints(box.value.paints, box.value.bottles)).toBe(true)
    expect(store.project.box).toHaveLength(box.value.paints.length)
    expect(store.project.box!.some(({ id }) => starterIds.has(id))).toBe(false)
    readsBack(store, 'box.json')
    // A second time they take the place of the first.
    store.addPaints(box.value.paints, box.value.bottles)
    expect(store.project.box).toHaveLength(box.value.paints.length)
  })

  it('a pigment word over twenty letters is refused at its place', () => {
    const store = begin()
    const before = store.project
    expect(store.addPaints([{ ...paint('long'), pigments: ['P'.repeat(21)] }])).toBe(false)
    refusedAt(store, 'pigments[0]', 'longer than 20')
    expect(store.project).toBe(before)
  })

  it('an emptied number: ml of a bottle, thinner in a note', () => {
    const store = begin()
    expect(store.setBottle('ultramarine', { ml: '' as never })).toBe(false)
    refusedAt(store, 'bottles.ultramarine.ml', '0.1 to 5000')
    expect(store.addPaints([paint('mine')], { mine: { ml: Number.NaN, leftMl: 3 } })).toBe(false)
    refusedAt(store, 'bottles.mine.ml', '0.1 to 5000')
    expect(store.addToLog({ ...entry('a'), thinner: '' as never })).toBe(false)
    refusedAt(store, 'log[0].thinner', '0 to 40')
    expect(store.log).toHaveLength(0)
  })

  it('one more than a list may hold: versions, coats, tones, paints, entries', () => {
    const store = begin()
    const version = (n: number) => ({ name: `v${n}`, at: '2026', plan: store.plan, steps: [] })
    for (let n = 0; n < mostOf.versions; n++) expect(store.keepVersion(version(n))).toBe(true)
    expect(store.keepVersion(version(99))).toBe(false)
    refusedAt(store, 'versions', 'more than 50')

    expect(store.setStack(stack(mostOf.coats) as never)).toBe(true)
    expect(store.setStack(stack(mostOf.coats + 1) as never)).toBe(false)
    refusedAt(store, 'coats', 'more than 30')

    const tone = store.figure.tone
    const tones = (many: number, from = 0) =>
      Array.from({ length: many }, (_, n) => ({ name: `tone ${from + n}`, tone }))
    expect(store.keepTones(tones(mostOf.tones))).toBe(true)
    expect(store.keepTones(tones(1, 900))).toBe(false)
    refusedAt(store, 'tones', 'more than 200')

    const paints = (many: number) => Array.from({ length: many }, (_, n) => paint(`own${n}`))
    expect(store.addPaints(paints(mostOf.paints + 1))).toBe(false)
    refusedAt(store, 'box', 'more than 1000')
    expect(store.addPaints(paints(mostOf.paints))).toBe(true)

    const full = {
      ...store.project,
      log: Array.from({ length: mostOf.log }, (_, n) => entry(`e${n}`)),
    }
    store.restore(full)
    expect(store.addToLog(entry('one more'.replace(' ', '-').replace(' ', '-')))).toBe(false)
    refusedAt(store, 'log', 'more than 5000')
  })
})
