import type { Project } from './commission'
import { stepOf } from './storedPuddle'
import type { FileIssue } from './issue'
import { PuddleError, bottlesIn } from '../puddle/content'
import { isBottle } from '../puddle/puddle'
import type { Ingredient } from '../puddle/puddle'

/**
 * What is wrong with the puddles of a project: a figure uses its own and those of the commission, a puddle of the
 * commission holds none but such, none holds itself, and every one that is named is there.
 */
export function puddleChecks(project: Project, paintIds: ReadonlySet<string>): FileIssue[] {
  const issues: FileIssue[] = []
  const puddles = new Map((project.puddles ?? []).map((one) => [one.id, one]))
  const figures = new Set(project.figures.map(({ id }) => id))
  const nameOf = (id: string): string => puddles.get(id)?.name ?? id
  /** Says why a figure, or a puddle of the commission, cannot use something. */
  function check(of: Ingredient, figure: string | undefined, place: string): void {
    if (isBottle(of)) return
    const stored = puddles.get(of.puddle)
    if (
      stored
        ? stored.figure === undefined || stored.figure === figure
        : stepOf(figure ?? '', of.puddle)
    )
      return
    const message = stored
      ? `"${nameOf(of.puddle)}" is another figure's puddle; allowed are its own and those of the commission`
      : `there is no puddle "${of.puddle}"`
    issues.push({ place, message })
  }
  ;(project.puddles ?? []).forEach(({ id, figure, letDown, parts }, i) => {
    const place = `puddles[${i}]`
    if (letDown && (figure !== undefined || !parts.every(({ of }) => isBottle(of))))
      issues.push({
        place: `${place}.letDown`,
        message:
          'is let down, and is of one figure or holds a puddle; allowed is one of the commission that holds bottles',
      })
    if (figure !== undefined && !figures.has(figure))
      issues.push({ place: `${place}.figure`, message: `there is no figure "${figure}"` })
    const isStep = figure !== undefined && stepOf(figure, id) !== undefined
    parts.forEach(({ of }, k) => {
      check(of, figure, `${place}.parts[${k}]`)
      if (isStep && isBottle(of) && !paintIds.has(of.bottle))
        issues.push({
          place: `${place}.parts[${k}].of.bottle`,
          message: `there is no paint "${of.bottle}" in this box`,
        })
    })
  })
  project.figures.forEach(({ id, stack, accents, details }, i) => {
    const place = `figures[${i}]`
    if (stack) {
      const { under, coats } = stack
      if (under.kind === 'flat') check(under.of, id, `${place}.stack.under`)
      else {
        check(under.dark, id, `${place}.stack.under`)
        check(under.light, id, `${place}.stack.under`)
      }
      coats.forEach(({ of }, k) => check(of, id, `${place}.stack.coats[${k}]`))
    }
    accents?.forEach(({ of }, k) => of && check(of, id, `${place}.accents[${k}].of`))
    details?.forEach((detail, k) => {
      for (const key of ['shadow', 'middle', 'light'] as const) {
        const of = detail[key]
        if (of) check(of, id, `${place}.details[${k}].${key}`)
      }
    })
  })
  if (issues.length > 0) return issues
  const partsOf = (id: string) => puddles.get(id)?.parts
  const told = new Set<string>()
  ;(project.puddles ?? []).forEach(({ parts, id }, i) => {
    try {
      // A step that is not settled yet is taken for a bottle of its own.
      bottlesIn(
        [{ of: { puddle: id }, drops: 1 }],
        (one) => partsOf(one) ?? [{ of: { bottle: one }, drops: 1 }],
        nameOf,
      )
    } catch (error) {
      if (!(error instanceof PuddleError) || error.puddles.some((one) => told.has(one))) return
      for (const one of error.puddles) told.add(one)
      const k = parts.findIndex(({ of }) => !isBottle(of) && error.puddles.includes(of.puddle))
      issues.push({ place: `puddles[${i}].parts[${Math.max(0, k)}]`, message: error.message })
    }
  })
  return issues
}
