/** Dependencies point one way: app → server → store → core; app → ui → core; formats → core. */
const onlyTo = (from, ...to) => ({
  name: `${from}-reaches-only-${to.join('-') || 'itself'}`,
  comment: `${from}/ may import only ${[from, ...to].join(', ')} and packages allowed to it.`,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: '\\.test\\.tsx?$' },
  to: {
    path: '^(app|cli|core|demo|formats|server|store|ui|workers)/',
    pathNot: `^(${[from, ...to].join('|')})/`,
  },
});

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      comment: 'The core imports nothing but itself and zod.',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^(core/|node_modules/zod/)' },
    },
    onlyTo('formats', 'core'),
    onlyTo('store', 'core', 'formats'),
    onlyTo('server', 'core', 'formats', 'store'),
    onlyTo('demo', 'core', 'formats', 'store'),
    onlyTo('cli', 'core', 'formats'),
    onlyTo('workers', 'core'),
    onlyTo('app', 'core', 'formats', 'server', 'store', 'ui'),
    {
      name: 'ui-reaches-server-code-only-for-types',
      comment:
        'The interface runs in the browser: from store and server it may take types, nothing that runs.',
      severity: 'error',
      from: { path: '^ui/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^(app|cli|demo|server|store)/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-circles',
      comment: 'No file needs itself.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-orphans',
      comment: 'A file nobody imports is deleted.',
      severity: 'error',
      from: {
        orphan: true,
        pathNot:
          '(\\.test\\.tsx?|\\.d\\.ts|\\.cjs|\\.mjs)$|^app/|^cli/neat|^proxy\\.ts$|^workers/|^demo/makeDemoDatabase|^formats/publishSchema',
      },
      to: {},
    },
    {
      name: 'not-to-dev-dependencies',
      comment: 'What runs must not need what only tests have.',
      severity: 'error',
      from: { path: '^(app|cli|core|demo|formats|server|store|ui|workers)/', pathNot: '\\.test\\.tsx?$' },
      to: { dependencyTypes: ['npm-dev'], dependencyTypesNot: ['type-only'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
