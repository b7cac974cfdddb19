import { watch } from 'vue'
import { draftOf, dropDraft, keepDraft } from '../vault/drafts'

/** Whether what was kept has the fields that are filled in now, each of its kind; an older one is passed over. */
const fits = (found: unknown, now: Readonly<Record<string, unknown>>): boolean =>
  typeof found === 'object' &&
  found !== null &&
  Object.entries(now).every(([key, value]) => {
    const was = (found as Record<string, unknown>)[key]
    return typeof was === typeof value && Array.isArray(was) === Array.isArray(value)
  })

/**
 * What is filled in and not yet kept is there again after a reload, a crash or another room, letter by letter, until it
 * is kept or let go.
 * @param of what it is of: one draft each.
 * @param form plain fields, reactive.
 * @returns lets it go.
 */
export function useDraft(of: string, form: Record<string, unknown>): () => void {
  const empty = JSON.stringify(form)
  const found = draftOf(of)
  if (fits(found, form)) Object.assign(form, found)
  watch(
    () => JSON.stringify(form),
    (now) => (now === empty ? dropDraft(of) : keepDraft(of, form)),
  )
  return () => dropDraft(of)
}
