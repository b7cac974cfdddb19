import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import type { Connect, Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

import { askedAhead } from './scripts/askedAhead.ts'
import { compiledWhole } from './scripts/compiledWhole.ts'
import { offline } from './scripts/manifest.ts'
import { packFiles } from './scripts/packed.ts'

/** The core computes and nothing else: a part of it that is not used need not be there, nor what only it uses. */
const treeshake = {
  moduleSideEffects: (id: string) =>
    !/\/core\/|node_modules\/(ics|yup|papaparse|fast-xml-\w+|fflate)\//.test(id),
}

/** `npm run dev` has the simulated reader too. */
const reader: Plugin = {
  name: 'reader',
  configureServer(server) {
    const load = async (): Promise<Connect.NextHandleFunction> =>
      (
        (await server.ssrLoadModule('/server/reader/simulated.ts')) as {
          readerApp: () => Connect.NextHandleFunction
        }
      ).readerApp()
    let made: ReturnType<typeof load> | undefined
    server.middlewares.use('/reader', (request, response, next) => {
      ;(made ??= load()).then((app) => app(request, response, next), next)
    })
  },
}

/** What is served is compressed here, when all of it is there. */
const packed: Plugin = {
  name: 'packed',
  apply: (_, { command, mode }) => command === 'build' && mode === 'production',
  closeBundle: {
    sequential: true,
    order: 'post',
    handler: async () => {
      await packFiles('dist')
    },
  },
}

/** Files of which most is called as a room opens. */
const calledAtOnce = ['start', 'storage', 'threads', 'rooms', 'LadderView']

export default defineConfig({
  // lodash asks for an object's tag by writing to it, which throws as it loads: the browser reads the whole file again.
  resolve: { alias: [{ find: /^\.\/_getRawTag\.js$/, replacement: './_objectToString.js' }] },
  plugins: [
    vue(),
    askedAhead(['shared', 'storage', 'start']),
    compiledWhole(calledAtOnce),
    reader,
    VitePWA(offline),
    packed,
  ],
  worker: { format: 'es', rolldownOptions: { treeshake } },
  build: {
    target: 'es2022',
    // What ships and under which licence, beside it.
    license: { fileName: 'licences.md' },
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    // One sheet of style, and one file for what rooms share: a room opens with few requests.
    cssCodeSplit: false,
    // A room's files are asked for together; what follows a room asks for its own as it is read, which costs less.
    modulePreload: {
      polyfill: false,
      resolveDependencies: (_file, deps, { hostId }) =>
        hostId.endsWith('.html') || hostId.includes('/index-') ? deps : [],
    },
    rolldownOptions: {
      treeshake,
      output: {
        codeSplitting: {
          groups: [
            // By itself, so that the first file asks for the rest without waiting for any of it.
            { name: 'ask', test: /preload-helper/, priority: 2 },
            // It makes an error as it loads, for which the browser reads the whole file again.
            { name: 'storage', test: /localforage/, priority: 1 },
            // Looked at first of all, to know whether a thread is wanted at once.
            { name: 'last', test: /vault\/lastMixes/, priority: 2 },
            // Small, so that a thread may begin before the room.
            {
              name: 'threads',
              test: /app\/workers\/(threads|orLost)|node_modules\/comlink/,
              priority: 2,
            },
            // What every page has.
            {
              name: 'shared',
              test: /node_modules\/(@?vue\/|vue-router|pinia|@vueuse)|app\/(stores\/(project\/|shelf\/(?!summaryOf)|(backup|desk|journal|paints|putTogether|memoise)\.ts)|vault|keys|words\/(backup|changes|counts)|parts\/(later|helpShown|history|tip\/|TroubleNote|FieldSwitch|FoldOut|PartsNav|pickWords))/,
              minShareCount: 2,
              priority: 1,
            },
            // Controls that many rooms have come in one file.
            {
              name: 'controls',
              test: /node_modules\/(element-plus|@element-plus|lodash)/,
              minShareCount: 16,
              priority: 1,
            },
            // What rooms share. What draws forms and mixes is large, and comes with the rooms that have it.
            {
              name: 'rooms',
              test: /app\/(stores|words|parts\/(?!form|drawdown\/PaintOption|palette\/[A-Z]|place|files|card|field|picture|figure\/(Size|How|Plate)))/,
              minShareCount: 4,
            },
            // What is filled in comes after what is looked at.
            {
              name: 'fields',
              test: /node_modules\/(element-plus|@element-plus|lodash)|app\/parts\/(field|figure\/(Size|How|Plate)|picture)/,
              minShareCount: 4,
            },
          ],
        },
      },
    },
  },
})
