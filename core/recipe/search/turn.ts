/** α and β: what X and Z of a target are of its Y. */
export type Turn = [alpha: number, beta: number]
