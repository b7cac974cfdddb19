import { createEvents } from 'ics'

/** A sitting at the bench. */
export interface CalendarSitting {
  id: string
  start: Date
  minutes: number
  title: string
  /** What is planned for it, a line each. */
  lines: readonly string[]
}

/** A carriage return of its own would end a line of the file (RFC 5545, 3.1). */
const oneLine = (text: string): string => text.replace(/\s*[\r\n]+\s*/g, ' ')

/**
 * Sittings as a calendar file (iCalendar, RFC 5545), times in UTC.
 * @throws RangeError when there is none, or one that cannot be written.
 * @example formatCalendar([{ id: 'a', start: new Date(0), minutes: 60, title: 'Base', lines: [] }]).startsWith('BEGIN:VCALENDAR') // true
 */
export function formatCalendar(sittings: readonly CalendarSitting[]): string {
  if (sittings.length === 0) throw new RangeError('there is no sitting to put into a calendar')
  const { value, error } = createEvents(
    sittings.map(({ id, start, minutes, title, lines }) => ({
      uid: `${id}@cobaltfinch`,
      productId: 'cobaltfinch',
      title: oneLine(title),
      description: lines.map(oneLine).join('\n'),
      start: [
        start.getUTCFullYear(),
        start.getUTCMonth() + 1,
        start.getUTCDate(),
        start.getUTCHours(),
        start.getUTCMinutes(),
      ],
      startInputType: 'utc' as const,
      startOutputType: 'utc' as const,
      duration: { minutes: Math.max(1, Math.round(minutes)) },
    })),
  )
  if (!value) throw new RangeError(error?.message ?? 'the calendar could not be written')
  return value
}
