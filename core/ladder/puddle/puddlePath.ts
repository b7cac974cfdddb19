import { dropsIn } from '../../recipe/recipe'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { nextPuddle } from './nextPuddle'

/** A step that a puddle is wanted for. */
export interface PuddleStep {
  key: string
  parts: readonly Part<Paint>[]
  /** Drops wanted, those kept for glazes with them. */
  need: number
}

export type Move =
  /** A fresh puddle. */
  | { kind: 'mix'; step: string; add: Part<Paint>[] }
  /** Drops of a puddle go to a well of their own, to become another step. */
  | { kind: 'lift'; step: string; drops: number; to: string; share: number }
  /** Drops added to what was lifted: now it is that step. */
  | { kind: 'add'; step: string; add: Part<Paint>[] }
  /** Painted with; what is kept stays for later glazes. */
  | { kind: 'paint'; step: string; drops: number; keep: number }

export interface PuddlePath {
  moves: Move[]
  /** Drops out of bottles in all. */
  total: number
  /** Drops without which the steps cannot be painted, the least possible total. */
  least: number
  /** Drops out of every bottle. */
  bottles: Part<Paint>[]
}

/** Share of every puddle that stays for glazes at the joins; common practice, no source. */
const KEPT_FOR_GLAZES = 0.15

interface Node {
  step: PuddleStep
  children: Node[]
  parent?: Node
  /** Drops the puddle has to hold, and those it does before anything is lifted. */
  wanted: number
  size: number
  lifted: number
  add: Part<Paint>[]
}

/** Share of a step's puddle that another's paint may make up at most: nothing can be taken out again. */
function mostCarried(from: PuddleStep, to: PuddleStep): number {
  const share = ({ parts }: PuddleStep, id: string): number =>
    (parts.find(({ paint }) => paint.id === id)?.drops ?? 0) / dropsIn(parts)
  return Math.min(...from.parts.map(({ paint }) => share(to, paint.id) / share(from, paint.id)), 1)
}

/** Less than this of a puddle is not worth lifting. */
const WORTH_LIFTING = 0.15

/** From which puddle each is made: the nearest toward the start that leaves something to carry. */
function treeOf(steps: readonly PuddleStep[], start: number): Node[] {
  const nodes = steps.map((step): Node => ({
    step,
    children: [],
    wanted: 0,
    size: 0,
    lifted: 0,
    add: [],
  }))
  const outward = steps.map((_, i) => i).sort((a, b) => Math.abs(a - start) - Math.abs(b - start))
  for (const i of outward) {
    const toward = i > start ? -1 : 1
    for (let p = i + toward; i !== start && (p - start) * toward <= 0; p += toward) {
      if (mostCarried(steps[p]!, steps[i]!) < WORTH_LIFTING) continue
      nodes[i]!.parent = nodes[p]
      nodes[p]!.children.push(nodes[i]!)
      break
    }
  }
  return nodes
}

/**
 * The order of mixing that wastes nothing and never has to take anything out: the start puddle (the
 * base), what is lifted from which puddle, what is added. Each puddle is as large as what is painted and
 * kept of it and what goes on to others, so the total is the sum of needs but for the rounding to whole
 * drops (halves, quarters or tenths where a small puddle asks for them).
 * @param start place of the step that is mixed first.
 * @throws RangeError when a step has no paint in it or needs nothing.
 * @example puddlePath(puddles, 0).total
 */
export function puddlePath(steps: readonly PuddleStep[], start: number): PuddlePath {
  for (const { key, parts, need } of steps) {
    if (parts.length === 0) throw new RangeError(`the step ${key} has no paint in it`)
    if (!(need > 0))
      throw new RangeError(`the step ${key} needs ${need} drops; more than 0 are needed`)
  }
  const nodes = treeOf(steps, start)
  const plan = (node: Node): void => {
    node.children.forEach(plan)
    const wanted = node.step.need + node.children.reduce((sum, child) => sum + child.lifted, 0)
    node.lifted = nextPuddle(node.step.parts, wanted, node.parent?.step.parts).lifted
    node.wanted = wanted
  }
  /** From the start outward, each from what its source really holds, so that roundings do not add up. */
  const mix = (node: Node, source?: Part<Paint>[]): void => {
    const lifted = source && node.lifted
    const { add, size } = nextPuddle(node.step.parts, node.wanted, source, lifted)
    node.size = size
    node.add = add
    const total = source ? dropsIn(source) : 1
    const holds = [
      ...add,
      ...(source ?? []).map(({ paint, drops }) => ({
        paint,
        drops: (drops / total) * node.lifted,
      })),
    ]
    for (const child of node.children) mix(child, holds)
  }
  const roots = nodes.filter(({ parent }) => !parent)
  roots.forEach(plan)
  for (const root of roots) mix(root)
  const moves: Move[] = []
  const write = (node: Node): void => {
    const { key, need } = node.step
    moves.push({ kind: node.parent ? 'add' : 'mix', step: key, add: node.add })
    let left = node.size
    for (const child of node.children) {
      moves.push({
        kind: 'lift',
        step: key,
        drops: child.lifted,
        to: child.step.key,
        share: child.lifted / left,
      })
      left -= child.lifted
    }
    const keep = KEPT_FOR_GLAZES * need
    moves.push({ kind: 'paint', step: key, drops: left - keep, keep })
    node.children.forEach(write)
  }
  // The start puddle first, then what has to be mixed fresh, dark to light.
  roots
    .sort((one, other) => Number(other === nodes[start]) - Number(one === nodes[start]))
    .forEach(write)
  const used = new Map<string, Part<Paint>>()
  for (const { add } of nodes)
    for (const { paint, drops } of add)
      used.set(paint.id, { paint, drops: (used.get(paint.id)?.drops ?? 0) + drops })
  const bottles = [...used.values()]
  return {
    moves,
    bottles,
    total: dropsIn(bottles),
    least: steps.reduce((sum, { need }) => sum + need, 0),
  }
}
