// A thread of Node begins in JavaScript; what it runs is told by its data.
import { workerData } from 'node:worker_threads'
import { tsImport } from 'tsx/esm/api'

await tsImport(workerData.module, import.meta.url)
