import { isLoose } from './loose'
import type { Loose } from './loose'

/** Version 3 to 4. A plan that did not say how it is mixed had each step mixed on its own; now that has to be said. */
const planFrom = (plan: unknown): unknown =>
  isLoose(plan) && plan.way === undefined ? { ...plan, way: 'matched' } : plan

const withPlan = (data: unknown): unknown =>
  isLoose(data) && 'plan' in data ? { ...data, plan: planFrom(data.plan) } : data

const figureFrom = (figure: unknown): unknown => {
  const made = withPlan(figure)
  if (!isLoose(made) || !Array.isArray(made.versions)) return made
  return { ...made, versions: made.versions.map(withPlan) }
}

export const fromVersion3 = (old: Loose): Loose => ({
  ...old,
  version: 4,
  ...(Array.isArray(old.figures) ? { figures: old.figures.map(figureFrom) } : {}),
})
