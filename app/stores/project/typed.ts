const TYPED = 'typed'
let visits = 0

/** A tag for all that is typed in one visit to a field: one step of undo, however long it takes. */
export const typedTag = (): string => `${TYPED} ${++visits}`

/** Whether a tag is such a one; of a figure it has the figure's id before it. */
export const isTyped = (tag: string): boolean => tag.split(' ').includes(TYPED)
