// npm test: installs what is missing, then lint, types, unit tests, build and browser tests. Stops at the first failure.
import { mkdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { flakyTests } from './flakyTests.mjs';
import { build, install, installChromium, ROOT, run, say } from './prepare.mjs';

install();
installChromium();
const results = path.join(ROOT, 'test-results');
mkdirSync(results, { recursive: true });

say('Formatting');
run(
  'npx',
  ['prettier', '--check', '--log-level', 'warn', '.'],
  'Some files are not formatted: run npm run format.',
);
say('Lint, and that dependencies point one way');
run('npm', ['run', '-s', 'lint']);
say('Route types');
run('npx', ['next', 'typegen']);
say('Types');
run('npx', ['tsc', '--noEmit']);
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
