/** The directions of imports: core ← shared ← { server, client }. */
/** @param {string} path @param {object} to @param {string} comment */
const from = (path, to, comment) => ({
  name: `${path}-stays-below`,
  severity: 'error',
  comment,
  from: { path: `^src/${path}/`, pathNot: '\\.test\\.ts$' },
  to,
})

export default {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    from('core', { path: '^src/(shared|server|client|demo)/' }, 'The core knows nothing above it.'),
    from(
      'core',
      { path: '^node_modules/|^launcher/', pathNot: '^node_modules/(tinyqueue|minisearch|lru-cache)/' },
      'The core is plain TypeScript; a pure data structure may come from a package.',
    ),
    from('shared', { path: '^src/(server|client|demo)/' }, 'What both sides share knows neither.'),
    from('server', { path: '^src/client/' }, 'Server and client meet in shared only.'),
    from('client', { path: '^src/(server|demo)/' }, 'Server and client meet in shared only.'),
    from('demo', { path: '^src/(server|client)/' }, 'The demo is data.'),
    {
      name: 'routes-ask-stores',
      severity: 'error',
      comment: 'What an address answers is not how its rows are kept.',
      from: { path: '^src/server/features/.*[rR]outes\\.ts$' },
      to: {
        path: '^src/server/database/entities/|^node_modules/typeorm/',
        dependencyTypesNot: ['type-only'],
      },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^src/(core|shared|client)/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^~icons/|^virtual:|^pdfmake/interfaces$' },
    },
    {
      name: 'no-test-code-in-product',
      severity: 'error',
      from: { pathNot: '\\.(test|testkit|setup)\\.ts$|^test/' },
      to: { path: '\\.(test|testkit)\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'components\\.d\\.ts$' },
    tsPreCompilationDeps: 'specify',
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default', 'types'],
      extensions: ['.ts', '.mjs', '.js', '.vue', '.json'],
    },
  },
}
