/** Dependencies point one way: app → server → store → formats → core; app → ui → core. */
const FOLDERS = '^(app|cli|core|demo|e2e|formats|reference|scripts|server|store|ui|workers)/';
const TESTS = '\\.test\\.tsx?$';

/** Files of one folder may import only from some. */
const onlyTo = (from, ...to) => ({
  name: `${from}-reaches-only-${to.join('-') || 'itself'}`,
  comment: `${from}/ may import only ${[from, ...to].join(', ')} and packages allowed to it.`,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: TESTS },
  to: { path: FOLDERS, pathNot: `^(${[from, ...to].join('|')})/` },
});

/**
 * Folders within a folder, from the ground up: each may import only from those before it, so that there is no circle
 * of folders.
 */
const inOrder = (parent, ...folders) =>
  folders.map((folder, place) => ({
    name: `${parent}-${folder}-stands-on-what-is-below`,
    comment: `${parent}/${folder} may import only what is listed before it: ${folders.slice(0, place).join(', ') || 'nothing'}.`,
    severity: 'error',
    from: { path: `^${parent}/${folder}/`, pathNot: TESTS },
    to: {
      path: `^${parent}/`,
      pathNot: `^${parent}/(${folders.slice(0, place + 1).join('|')})/`,
    },
  }));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      comment: 'The core imports nothing but itself, zod, and the computing packages named here.',
      severity: 'error',
      from: { path: '^core/', pathNot: TESTS },
      to: { pathNot: '^(core/|node_modules/(zod|maxrects-packer|ml-levenberg-marquardt|ml-matrix)/)' },
    },
    ...inOrder(
      'core',
      // What things are.
      'maths',
      'units',
      'document',
      'water',
      'media',
      'filter',
      'tank',
      'practice',
      'layers',
      'pack',
      // What happens to the water.
      'hydraulics',
      'dirt',
      'biology',
      'chemical',
      // What is said of it, tried and planned.
      'findings',
      'report',
      'drawing',
      'explore',
      'log',
      'cautions',
      'job',
      'service',
      'learn',
      'outlook',
      'water-tests',
      'shelf',
      'cut',
      'prepare',
      'repack',
      'propose',
      'fault',
      'mature',
      'care',
      'card',
      'settings',
    ),
    ...inOrder(
      'ui',
      // What every sheet is made of.
      'theme',
      'state',
      'fields',
      'drawing',
      'vessel',
      'frame',
      'log',
      'troubles',
      'files',
      'schools',
      'readings',
      'job',
      'flow-line',
      'lanes',
      'bench',
      'time',
      'outlook',
      // The sheets.
      'charts',
      'filters',
      'flow',
      'swap',
      'water-tests',
      'measure',
      'propose',
      'plan',
      'prepare',
      'shelf',
      'mature',
      'review',
      'repack',
      'fault',
      'care',
      'strip',
      'settings',
      'gallery',
    ),
    onlyTo('formats', 'core'),
    onlyTo('store', 'core', 'formats'),
    onlyTo('server', 'core', 'formats', 'store', 'workers'),
    onlyTo('demo', 'core', 'formats', 'server', 'store', 'workers'),
    onlyTo('cli', 'core', 'formats'),
    onlyTo('workers', 'core', 'formats'),
    onlyTo('reference', 'core'),
    onlyTo('app', 'core', 'demo', 'formats', 'server', 'store', 'ui'),
    onlyTo('e2e', 'cli', 'core', 'demo', 'scripts'),
    {
      name: 'ui-reaches-server-code-only-for-types',
      comment:
        'The interface runs in the browser: from store and server it may take types, nothing that runs.',
      severity: 'error',
      from: { path: '^ui/', pathNot: TESTS },
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
          '(\\.test\\.tsx?|\\.d\\.ts|\\.cjs|\\.mjs)$|^app/|^cli/neat|^proxy\\.ts$|^workers/|^demo/makeDemoDatabase|^formats/publishSchema|\\.spec\\.ts$|^scripts/',
      },
      to: {},
    },
    {
      name: 'not-to-dev-dependencies',
      comment: 'What runs must not need what only tests have.',
      severity: 'error',
      from: { path: '^(app|cli|core|demo|formats|server|store|ui|workers)/', pathNot: TESTS },
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
