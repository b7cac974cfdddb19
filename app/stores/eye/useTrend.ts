import { shallowRef, watch } from 'vue'
import type { Ref, ShallowRef } from 'vue'
import { trendOf } from '../../../core'
import type { EyeAnswer, Skill, TrendPoint } from '../../../core'
import { pause } from '../../workers/inSlices'
import { useEye } from './eye'

const SLICE_MS = 12
const startOfDay = (at: number): number => new Date(at).setHours(0, 0, 0, 0)

/** How a skill went day by day, worked out in slices: weeks of answers take longer than the page may be held. */
export function useTrend(
  chosen: Readonly<Ref<Skill>>,
): Readonly<ShallowRef<readonly TrendPoint[]>> {
  const eye = useEye()
  const points = shallowRef<readonly TrendPoint[]>([])
  async function lookBack(skill: Skill, answers: readonly EyeAnswer[]): Promise<void> {
    const made: TrendPoint[] = []
    let until = performance.now() + SLICE_MS
    for (const point of trendOf(skill, answers, startOfDay)) {
      made.push(point)
      if (performance.now() < until) continue
      await pause()
      if (skill !== chosen.value || answers !== eye.answers) return
      until = performance.now() + SLICE_MS
    }
    points.value = made
  }
  watch(
    [chosen, () => eye.answers, () => eye.ready] as const,
    ([skill, answers, ready]) => void (ready && lookBack(skill, answers)),
    { immediate: true },
  )
  return points
}
