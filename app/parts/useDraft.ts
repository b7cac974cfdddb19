import { watch } from 'vue'
import { draftOf, draftsRecalled, dropDraft, keepDraft } from '../vault/drafts'

/** Whether what was kept has the fields that are filled in now, each of its kind; an older one is passed over. */
const fits = (found: unknown, now: Readonly<Record<string, unknown>>): boolean =>
  typeof found === 'object' &&
  found !== null &&
  Object.entries(now).every(([key, value]) => {
    const was = (found as Record<string, unknown>)[key]
    // What may be empty is of no kind then.
    if (value === undefined || was === undefined) return true
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
  let taken = empty
  function take(): void {
    const found = draftOf(of)
    // Not over what was filled in meanwhile.
    if (JSON.stringify(form) !== taken || !fits(found, form)) return
    Object.assign(form, found)
    taken = JSON.stringify(form)
  }
  take()
  void draftsRecalled().then(take)
  watch(
    () => JSON.stringify(form),
    (now) => {
      // What was only read is as it is kept.
      if (now === taken) return
      taken = ''
      if (now === empty) dropDraft(of)
      else keepDraft(of, form)
    },
  )
  return () => dropDraft(of)
}
