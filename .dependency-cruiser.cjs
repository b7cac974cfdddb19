/** Which folder may read which (docs/architecture: dependencies point one way). */
const { chain } = require('./scripts/lint/layers.cjs')

const mayNotRead = chain.slice(0, -1).map((name, i) => ({
  name: `${name}-reads-only-below`,
  severity: 'error',
  from: { path: `^core/${name}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${[...chain.slice(i + 1), 'formats'].join('|')})/` },
}))

/** The application's own layers, the lowest first: each reads those below it only. */
const layers = [
  ['words', 'vault', 'drivers'],
  ['workers'],
  ['stores'],
  ['messages', 'charts', 'parts'],
  ['views'],
]
const layersHold = layers.slice(0, -1).map((names, i) => ({
  name: `${names.join('-')}-read-only-below`,
  severity: 'error',
  from: { path: `^app/(${names.join('|')})/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^app/(${layers
      .slice(i + 1)
      .flat()
      .join('|')})/|^app/[^/]+$`,
  },
}))

/** The trainer of the eye stands beside them: it reads what makes colours, and only its file format reads it. */
const eyeAside = [
  {
    name: 'eye-reads-colours-only',
    severity: 'error',
    from: { path: '^core/eye/', pathNot: '\\.test\\.ts$' },
    to: { path: `^core/(${[...chain.slice(chain.indexOf('project')), 'formats'].join('|')})/` },
  },
  {
    name: 'nobody-reads-eye',
    severity: 'error',
    from: { path: `^core/(${chain.join('|')})/` },
    to: { path: '^core/eye/' },
  },
]

module.exports = {
  forbidden: [
    ...eyeAside,
    ...mayNotRead,
    ...layersHold,
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.(test|fixture)\\.ts$' },
      to: {
        path: '^(app|server|demo|tests)/|node_modules/(vue|pinia|element-plus|localforage|comlink|three|d3)|^(fs|path|os|http|crypto)$',
      },
    },
    {
      name: 'front-door',
      comment: 'app, server and demo read the core only through core/index.ts',
      severity: 'error',
      from: { path: '^(app|server|demo)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/', pathNot: '^core/index\\.ts$' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'all-found',
      severity: 'error',
      from: {},
      to: {
        couldNotResolve: true,
        pathNot: '\\.css$|^@fontsource|^virtual:pwa|^vite-plugin-pwa/client',
      },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^core/recipe/kernel/assembly/' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.vue', '.js', '.json'],
      exportsFields: ['exports'],
      conditionNames: ['import', 'default'],
    },
  },
}
