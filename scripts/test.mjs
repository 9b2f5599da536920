// npm test: installs what is missing, then lint, types, unit tests, build and browser tests. Stops at the first failure.
import { mkdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { flakyTests } from './flakyTests.mjs';
import { build, install, installChromium, ROOT, run, runTogether, say } from './prepare.mjs';

install();
installChromium();
const results = path.join(ROOT, 'test-results');
mkdirSync(results, { recursive: true });

say('Route types');
run('npx', ['next', 'typegen']);
say('Formatting, types, lint, and that dependencies point one way; side by side');
await runTogether([
  [
    'npx',
    ['prettier', '--check', '--log-level', 'warn', '.'],
    'Some files are not formatted: run npm run format.',
  ],
  ['npx', ['tsc', '--noEmit']],
  ['npm', ['run', '-s', 'lint']],
]);
process.env.NEAT_TYPES_CHECKED = 'yes';
say('Unit tests');
const unitFile = path.join(results, 'unit.json');
run('npx', ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitFile}`]);
build();
say('Browser tests');
run('npx', ['playwright', 'test']);

const unit = JSON.parse(readFileSync(unitFile, 'utf8'));
const report = JSON.parse(readFileSync(path.join(results, 'browser.json'), 'utf8'));
const browser = report.stats;
const second = flakyTests(report.suites);
if (second.length > 0) {
  say('Passed only on the second try:');
  for (const title of second) console.log(`  ${title}`);
}
// A test that passed when it was tried once more has passed.
const passed = unit.numPassedTests + browser.expected + browser.flaky;
const failed = unit.numFailedTests + browser.unexpected;
console.log(`\n${passed} passed, ${failed} failed`);
