const { core, ui } = require('./scripts/layers.json')

/** The layers of src/lib/core, lowest first: a folder may import only folders before it, and only through their index.ts. */
const LAYERS = core.map(([folder]) => folder)
/** What the screens of src/lib/ui share, lowest first; every other folder is a screen. */
const SHARED = ui.map(([folder]) => folder).filter((folder) => folder !== 'screens')

const above = (folders, index) => folders.slice(index + 1).join('|') || 'none'

const upward = LAYERS.map((layer, index) => ({
  name: `core-${layer}-imports-upward`,
  severity: 'error',
  comment: `src/lib/core/${layer} may import only the layers below it`,
  from: { path: `^src/lib/core/${layer}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^src/lib/core/(${above(LAYERS, index)})/` },
}))

const sharedUi = SHARED.map((folder, index) => ({
  name: `ui-${folder}-imports-upward`,
  severity: 'error',
  comment: `src/lib/ui/${folder} may import only what the screens share below it`,
  from: { path: `^src/lib/ui/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: '^src/lib/ui/', pathNot: `^src/lib/ui/(${SHARED.slice(0, index + 1).join('|')})/` },
}))

const throughIndex = LAYERS.map((layer) => ({
  name: `core-${layer}-through-index`,
  severity: 'error',
  comment: 'another folder is reached only through its index.ts',
  from: { path: '^src/', pathNot: `^src/lib/core/${layer}/` },
  to: { path: `^src/lib/core/${layer}/`, pathNot: `^src/lib/core/${layer}/index\\.ts$` },
}))

module.exports = {
  forbidden: [
    ...upward,
    ...throughIndex,
    ...sharedUi,
    {
      name: 'every-folder-of-core-has-a-layer',
      severity: 'error',
      comment: 'a folder that is not in scripts/layers.json has no place',
      from: {},
      to: { path: '^src/lib/core/[^/]+/', pathNot: `^src/lib/core/(${LAYERS.join('|')})/` },
    },
    {
      name: 'no-screen-imports-another',
      severity: 'error',
      comment: 'what two screens need lies in a folder that both may import',
      from: { path: '^src/lib/ui/([^/]+)/', pathNot: `^src/lib/ui/(${SHARED.join('|')})/` },
      to: { path: '^src/lib/ui/', pathNot: `^src/lib/ui/($1|${SHARED.join('|')})/` },
    },
    {
      name: 'workers-know-core-alone',
      severity: 'error',
      comment: 'engines and their clients take and give plain data of the core',
      from: { path: '^src/lib/workers/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/', pathNot: '^src/lib/(workers|core)/' },
    },
    {
      name: 'ui-reaches-workers-by-their-clients',
      severity: 'error',
      comment: 'an engine imported by the page would run on its thread',
      from: { path: '^src/(lib/ui|routes)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/lib/workers/', pathNot: '^src/lib/workers/[a-z]+-client\\.ts$' },
    },
    {
      name: 'server-knows-core-and-demo',
      severity: 'error',
      comment: 'the server has no screens',
      from: { path: '^src/lib/server/' },
      to: { path: '^src/', pathNot: '^src/lib/(server|core|demo)/' },
    },
    {
      name: 'engine-knows-core-alone',
      severity: 'error',
      comment:
        'what runs in the threads of the server takes and gives plain data, and knows nothing of requests, pages or the database',
      from: { path: '^src/lib/server/engine/' },
      to: {
        path: '^(src|node_modules)/',
        pathNot:
          '^src/lib/(core|server/engine)/|^node_modules/(zod|@tarikjabiri/dxf|pdfkit|@types/pdfkit|svg-to-pdfkit|piscina|@types/node)/',
      },
    },
    {
      name: 'demo-stays-out-of-the-product',
      severity: 'error',
      comment: 'invented jobs are for the server that starts with them, and for tests',
      from: { path: '^src/lib/(core|ui|workers)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/lib/demo/' },
    },
    {
      name: 'no-circular',
      severity: 'error',
      comment: 'two files that import each other are one idea in two places',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core imports only itself and four small packages without DOM or Node',
      from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^src/lib/core/', '^node_modules/(zod|mutative|flatqueue|flatbush)/'] },
    },
    {
      name: 'ui-never-imports-server',
      severity: 'error',
      from: { path: '^src/lib/(ui|workers|core|demo)/' },
      to: { path: '^src/lib/server/' },
    },
    {
      name: 'only-server-touches-sql',
      severity: 'error',
      from: { pathNot: '^src/lib/server/' },
      to: { path: '^node_modules/(kysely|libsql)/' },
    },
    {
      name: 'lib-never-imports-routes',
      severity: 'error',
      from: { path: '^src/lib/' },
      to: { path: '^src/routes/' },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: ['^\\$app/', '^\\$env/', '\\./\\$types', '\\?(url|worker|raw)$'] },
    },
    {
      name: 'no-orphan-dev',
      severity: 'error',
      from: { path: '^src/', pathNot: '\\.test\\.ts$' },
      to: { path: '^tests/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    webpackConfig: { fileName: 'scripts/resolve-alias.cjs' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'svelte', 'default', 'types'],
      extensions: ['.ts', '.js', '.mjs', '.svelte', '.svelte.ts', '.json'],
    },
  },
}
