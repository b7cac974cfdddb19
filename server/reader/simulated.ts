import express from 'express'
import type { Express } from 'express'
import { hiddenPaints } from './hiddenPaints'
import { Instrument } from './instrument'
import { readerRoutes } from './routes'

/** The seed of the bottles and the noise of the reader that ships. */
const SEED = 54

export const simulatedReader = (): Instrument => new Instrument(hiddenPaints(SEED), SEED, Date.now)

/** The simulated reader by itself, for the development server. */
export const readerApp = (): Express => express().use(readerRoutes(simulatedReader()))
