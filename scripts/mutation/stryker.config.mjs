const folder = process.env.NEAT_MUTATE ?? 'core/fault';
const name = folder.replaceAll('/', '-');

/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
const config = {
  testRunner: 'vitest',
  vitest: { configFile: 'scripts/mutation/vitest.config.ts' },
  plugins: ['@stryker-mutator/vitest-runner'],
  mutate: [`${folder}/**/*.ts`, `!${folder}/**/*.test.ts`],
  // Texts are read by people; the test of words reads them too.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  coverageAnalysis: 'perTest',
  incremental: true,
  incrementalFile: `.stryker/${name}.json`,
  tempDirName: '.stryker/tmp',
  ignorePatterns: ['.next', '.stryker', 'data', 'docs', 'e2e', 'public', 'test-results'],
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: `.stryker/${name}-report.json` },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  concurrency: 2,
  // A mutation may make an endless loop; a busy machine is given its time.
  timeoutMS: 20_000,
  disableTypeChecks: false,
  allowEmpty: true,
};

export default config;
