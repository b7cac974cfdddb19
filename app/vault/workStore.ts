import { storeOf } from './database'

/** Commissions, what was put aside, and what is known of backups. */
export const workStore = storeOf('work')
