import { stepPuddle } from '../../../project/storedPuddle'
import type { StepKey } from '../../../project/steps'
import { isLoose } from './loose'
import type { Loose } from './loose'

/**
 * Version 2 to 3. Every mix is a puddle: what was kept for a step of a ladder, what a coat was mixed of for itself,
 * the same wherever it was laid on a figure; a mix of one bottle is that bottle. Parts of a ladder that coats had
 * named (“the deepest step”) are the puddles of its steps; a place is what has to be true of it.
 */

/** Parts of a ladder as they were named. */
const roles: Readonly<Record<string, StepKey>> = {
  deepest: 'crevice',
  shade: 'shade',
  'half-shade': 'half-shade',
  base: 'base',
  'half-light': 'half-light',
  light: 'light',
  lightest: 'glint',
}

/** Places as they were named; all over is not said any more. */
const places: Readonly<Record<string, Loose>> = {
  shadow: { light: ['deep-shadow', 'shadow'] },
  middle: { light: ['middle'] },
  lights: { light: ['light', 'glint'] },
  left: { side: 'left' },
  right: { side: 'right' },
}
const placeFrom = (place: unknown): Loose => {
  if (place === undefined || place === 'all') return {}
  if (typeof place !== 'string') return { place }
  const zone = place.startsWith('zone ') ? { zones: [place.slice('zone '.length)] } : undefined
  return { place: [places[place] ?? zone ?? place] }
}

const partsFrom = (parts: unknown): unknown =>
  Array.isArray(parts)
    ? parts.map((part: unknown) => {
        if (!isLoose(part)) return part
        const { paint, drops, ...rest } = part
        return { ...rest, of: { bottle: paint }, drops }
      })
    : parts

/** Makes the puddles of one figure, each mix once. */
class Palette {
  readonly puddles: Loose[] = []
  private readonly known = new Map<string, string>()

  constructor(
    private readonly figure: unknown,
    private readonly nextId: () => string,
  ) {}

  step(key: string): Loose {
    return { puddle: stepPuddle(String(this.figure), roles[key] ?? (key as StepKey)) }
  }
  keep(key: string, parts: unknown): void {
    const id = stepPuddle(String(this.figure), key as StepKey)
    this.puddles.push({ id, figure: this.figure, parts: partsFrom(parts) })
  }
  of(mix: unknown): unknown {
    if (typeof mix === 'string') return this.step(mix)
    if (!Array.isArray(mix)) return mix
    const pairs = mix as unknown[]
    const [only] = pairs
    if (pairs.length === 1 && Array.isArray(only)) return { bottle: (only as unknown[])[0] }
    const text = JSON.stringify(pairs)
    let id = this.known.get(text)
    if (!id) {
      id = this.nextId()
      this.known.set(text, id)
      this.puddles.push({
        id,
        figure: this.figure,
        parts: pairs.map((pair) =>
          Array.isArray(pair)
            ? { of: { bottle: (pair as unknown[])[0] }, drops: (pair as unknown[])[1] }
            : pair,
        ),
      })
    }
    return { puddle: id }
  }
}

function stackFrom(stack: unknown, palette: Palette): unknown {
  if (!isLoose(stack)) return stack
  const { under, coats } = stack
  const of = (id: unknown): unknown => (id === undefined ? undefined : { bottle: id })
  const bottles = (old: Loose): Loose =>
    old.kind === 'flat'
      ? { kind: 'flat', of: of(old.paint) }
      : { ...old, dark: of(old.dark), light: of(old.light) }
  return {
    ...stack,
    under: isLoose(under) ? bottles(under) : under,
    coats: Array.isArray(coats)
      ? coats.map((coat: unknown) => {
          if (!isLoose(coat)) return coat
          const { mix, place, ...rest } = coat
          return { ...rest, of: palette.of(mix), ...placeFrom(place) }
        })
      : coats,
  }
}

const planFrom = (plan: unknown): unknown => {
  if (!isLoose(plan)) return plan
  const { kept: _kept, ...rest } = plan
  return rest
}

const versionFrom = (version: unknown): unknown => {
  if (!isLoose(version)) return version
  const { plan, steps, ...rest } = version
  return {
    ...rest,
    plan: planFrom(plan),
    steps: Array.isArray(steps)
      ? steps.map((step: unknown) =>
          isLoose(step) ? { ...step, parts: partsFrom(step.parts) } : step,
        )
      : steps,
  }
}

export function fromVersion2(old: Loose): Loose {
  let n = 0
  const nextId = (): string => `puddle-${++n}`
  const puddles: Loose[] = []
  const figureFrom = (figure: unknown): unknown => {
    if (!isLoose(figure)) return figure
    const { plan, stack, versions, ...rest } = figure
    const palette = new Palette(figure.id, nextId)
    if (isLoose(plan) && isLoose(plan.kept))
      for (const [key, parts] of Object.entries(plan.kept)) palette.keep(key, parts)
    const made = {
      ...rest,
      plan: planFrom(plan),
      ...(stack === undefined ? {} : { stack: stackFrom(stack, palette) }),
      ...(versions === undefined
        ? {}
        : { versions: Array.isArray(versions) ? versions.map(versionFrom) : versions }),
    }
    puddles.push(...palette.puddles)
    return made
  }
  const figures = Array.isArray(old.figures)
    ? (old.figures as unknown[]).map(figureFrom)
    : old.figures
  return {
    ...old,
    version: 3,
    figures,
    ...(puddles.length > 0 ? { puddles } : {}),
  }
}
