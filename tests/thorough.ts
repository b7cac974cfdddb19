/** With THOROUGH=1 every trial is made whole; `npm test` makes a part of those that take long, so that it stays short. */
export const thorough = process.env.THOROUGH === '1'

/** How many of a trial are made. */
export const many = (whole: number, usual: number): number => (thorough ? whole : usual)
