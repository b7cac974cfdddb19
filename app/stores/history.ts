/** Undo and redo over whole plain-data states; changes with the same tag in a row become one. */
export class History<T> {
  private past: T[] = []
  private future: T[] = []
  private tag = ''
  private taggedAt = 0

  constructor(
    private readonly most = 200,
    private readonly togetherMs = 1200,
  ) {}

  /** Call before a change with the state as it is. */
  note(before: T, tag: string, nowMs: number): void {
    const joins = tag !== '' && tag === this.tag && nowMs - this.taggedAt < this.togetherMs
    this.tag = tag
    this.taggedAt = nowMs
    if (joins && this.past.length > 0) return
    this.past.push(structuredClone(before))
    if (this.past.length > this.most) this.past.shift()
    this.future = []
  }

  undo(now: T): T | undefined {
    return this.move(this.past, this.future, now)
  }

  redo(now: T): T | undefined {
    return this.move(this.future, this.past, now)
  }

  private move(from: T[], to: T[], now: T): T | undefined {
    const state = from.pop()
    if (state === undefined) return undefined
    to.push(structuredClone(now))
    this.tag = ''
    return state
  }

  get depth(): { undo: number; redo: number } {
    return { undo: this.past.length, redo: this.future.length }
  }
}
