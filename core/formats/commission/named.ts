import type { Project } from '../../project/commission'

/**
 * Pictures that a project names: of its figures, and of mixes in its log.
 * @example photosOf(project) // []
 */
export const photosOf = ({ figures, log }: Pick<Project, 'figures' | 'log'>): string[] => [
  ...new Set([
    ...figures.flatMap(({ picture, critiques }) => [
      ...(picture ? [picture.photo] : []),
      ...(critiques ?? []).flatMap(({ photo }) => photo ?? []),
    ]),
    ...(log ?? []).flatMap(({ photo }) => photo ?? []),
  ]),
]

/**
 * Sculpts that a project names.
 * @example sculptsOf(project) // []
 */
export const sculptsOf = ({ figures }: Pick<Project, 'figures'>): string[] => [
  ...new Set(figures.flatMap(({ sculpt }) => sculpt ?? [])),
]

export const MOST_COMMISSION_BYTES = 500 * 1024 * 1024
