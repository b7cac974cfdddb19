import type { Patch } from 'immer'
import { isTyped } from './typed'

interface Change {
  patches: Patch[]
  inverse: Patch[]
}

/** Whether one of two places is the other or lies in it; the length of a list is all of it. */
function meet(mine: Patch['path'], theirs: Patch['path']): boolean {
  const whole = mine.at(-1) === 'length' ? mine.slice(0, -1) : mine
  const [short, long] = whole.length < theirs.length ? [whole, theirs] : [theirs, whole]
  return short.every((step, i) => step === long[i])
}

/**
 * Undo and redo of plain data that is replaced, never changed in place. What is kept is what each change wrote
 * (Immer's patches), not copies of the whole; changes with the same tag soon after each other become one, and all
 * that is typed in one visit to a field.
 */
export class History {
  private past: Change[] = []
  private future: Change[] = []
  private tag = ''
  private taggedAt = 0

  constructor(
    private readonly most = 200,
    private readonly togetherMs = 1200,
  ) {}

  /** A change that was made: what leads forward and what leads back. */
  note(patches: Patch[], inverse: Patch[], tag: string, nowMs: number): void {
    const last = this.past.at(-1)
    const soon = isTyped(tag) || nowMs - this.taggedAt < this.togetherMs
    const joins = tag !== '' && tag === this.tag && soon
    this.tag = tag
    this.taggedAt = nowMs
    this.future = []
    if (joins && last) {
      last.patches.push(...patches)
      last.inverse.unshift(...inverse)
      return
    }
    this.past.push({ patches: [...patches], inverse: [...inverse] })
    if (this.past.length > this.most) this.past.shift()
  }

  /** What leads back over the last change. */
  undo(): Patch[] | undefined {
    const change = this.past.pop()
    if (!change) return undefined
    this.future.push(change)
    this.tag = ''
    return change.inverse
  }

  /** What leads forward over the change that was undone last. */
  redo(): Patch[] | undefined {
    const change = this.future.pop()
    if (!change) return undefined
    this.past.push(change)
    this.tag = ''
    return change.patches
  }

  /** Others have written: what leads over a place of theirs leads there no more, nor what lies behind it. */
  giveWay(foreign: readonly Patch[]): void {
    const over = ({ patches, inverse }: Change): boolean =>
      [...patches, ...inverse].some(({ path }) => foreign.some((one) => meet(path, one.path)))
    const kept = (list: Change[]): Change[] => list.slice(list.findLastIndex(over) + 1)
    this.past = kept(this.past)
    this.future = kept(this.future)
    this.tag = ''
  }

  clear(): void {
    this.past = []
    this.future = []
    this.tag = ''
  }

  get depth(): { undo: number; redo: number } {
    return { undo: this.past.length, redo: this.future.length }
  }
}
