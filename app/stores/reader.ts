import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Measurement, ReaderSample } from '../../core'
import { driver } from '../drivers/drivers'
import { ReaderFailure } from '../drivers/readerDriver'

/** The colour reader on the bench: whether it is there, what it wants, what it read. */
export const useReader = defineStore('reader', () => {
  const status = ref<'unknown' | 'away' | 'uncalibrated' | 'ready'>('unknown')
  const busy = ref(false)
  const trouble = ref('')
  /** Newest first. */
  const readings = shallowRef<Measurement[]>([])
  let stop: (() => void) | undefined

  function failed(error: unknown): void {
    trouble.value = (error as Error).message
    if (!(error instanceof ReaderFailure)) return
    if (error.trouble === 'away' || error.trouble === 'slow') status.value = 'away'
    if (error.trouble === 'uncalibrated') status.value = 'uncalibrated'
  }
  async function attempt<T>(work: () => Promise<T>): Promise<T | undefined> {
    busy.value = true
    try {
      const result = await work()
      trouble.value = ''
      return result
    } catch (error) {
      failed(error)
      return undefined
    } finally {
      busy.value = false
    }
  }

  const connect = (): Promise<void> =>
    attempt(async () => {
      const { calibrated } = await driver.state()
      status.value = calibrated ? 'ready' : 'uncalibrated'
      stop?.()
      stop = driver.listen(
        (reading) => (readings.value = [reading, ...readings.value].slice(0, 30)),
        () => {
          status.value = 'away'
          trouble.value = 'the reader went away; what was read is kept'
        },
      )
    })
  const disconnect = (): void => stop?.()
  const calibrate = (): Promise<void> =>
    attempt(async () => {
      await driver.calibrate()
      status.value = 'ready'
    })
  const measure = (sample: ReaderSample): Promise<Measurement | undefined> =>
    attempt(() => driver.measure(sample))

  return {
    name: driver.name,
    status,
    busy,
    trouble,
    readings,
    connect,
    disconnect,
    calibrate,
    measure,
  }
})
