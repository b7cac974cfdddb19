import type { FormKey } from '../../core'

/** A form drawn from the front, 300 by 300; made by `npm run forms` from the form itself. */
export interface FormDrawing {
  outline: string
  /** Lighter shade, then the deeper one. */
  shades: readonly string[]
  /** Outlines of its places of life. */
  places: Readonly<Record<string, string>>
}

const known = new Map<FormKey, Promise<FormDrawing>>()

async function fetched(key: FormKey): Promise<FormDrawing> {
  const answer = await fetch(`/forms/${key}.json`)
  if (!answer.ok) throw new Error(`the server answered ${answer.status}`)
  return (await answer.json()) as FormDrawing
}

/** The drawing of one of our forms; fetched once, and again where it did not come. */
export function formDrawing(key: FormKey): Promise<FormDrawing> {
  const made = known.get(key) ?? fetched(key)
  known.set(key, made)
  made.catch(() => known.delete(key))
  return made
}
