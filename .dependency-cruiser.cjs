/** The layers of src/lib/core, lowest first: a folder may import only folders before it, and only through their index.ts. */
const LAYERS = [
  'units',
  'geometry',
  'materials',
  'people',
  'shell',
  'shells',
  'space',
  'climate',
  'readings',
  'survey',
  'brief',
  'suit',
  'starts',
  'fittings',
  'job',
  'module',
  'scene',
  'needs',
  'review',
  'what-if',
  'text',
  'draw',
]

const upward = LAYERS.map((layer, index) => ({
  name: `core-${layer}-imports-upward`,
  severity: 'error',
  comment: `src/lib/core/${layer} may import only the layers below it`,
  from: { path: `^src/lib/core/${layer}/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^src/lib/core/(${
      LAYERS.slice(index + 1)

        .join('|') || 'none'
    })/`,
  },
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
      comment: 'core imports only itself, zod and mutative',
      from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^src/lib/core/', '^node_modules/(zod|mutative)/'] },
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
