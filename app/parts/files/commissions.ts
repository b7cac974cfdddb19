import { wrap } from 'comlink'
import type { CommissionApi } from '../../workers/commissionWorker'

let worker: ReturnType<typeof wrap<CommissionApi>> | undefined

/** The worker that packs and unpacks commissions; it starts when it is first asked. */
export const commissions = () =>
  (worker ??= wrap<CommissionApi>(
    new Worker(new URL('../../workers/commissionWorker.ts', import.meta.url), { type: 'module' }),
  ))
