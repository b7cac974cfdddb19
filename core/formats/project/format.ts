import type { Project } from '../../project/commission'

/**
 * The project as text, indented so that a person can read and mend it.
 * @example JSON.parse(formatProject(project)).name // "Low Tide"
 */
export const formatProject = (project: Project): string => JSON.stringify(project, null, 2) + '\n'
