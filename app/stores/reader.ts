import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Measurement, ReaderSample } from '../../core'
import { DEMO_ID } from '../../demo/lowTide'
import { driver } from '../drivers/drivers'
import { ReaderFailure } from '../drivers/readerDriver'
import { useProject } from './project/project'

/** The colour reader on the bench: whether it is there, what it wants, what it read. */
export const useReader = defineStore('reader', () => {
  const status = ref<'unknown' | 'away' | 'uncalibrated' | 'ready'>('unknown')
  const busy = ref(false)
  const trouble = ref('')
  /** Newest first. */
  const readings = shallowRef<Measurement[]>([])
  let stop: (() => void) | undefined
  const store = useProject()
  /** Where one only tries, what was made up may be used: in the demo, and where the application is worked on. */
  const trying = computed(() => store.project.id === DEMO_ID || import.meta.env.DEV)
  /** There is a reader to be used here. */
  const offered = computed(() => !driver.standIn || trying.value)

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
    readBy: driver.standIn ? ('stand-in' as const) : ('reader' as const),
    trying,
    offered,
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
