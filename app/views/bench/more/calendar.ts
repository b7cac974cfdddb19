/** Comes when a calendar is asked for: what writes it is larger than the bench. */
export { formatCalendar } from '../../../../core'
