// npm run packages: every direct dependency with its version and licence, and what npm calls outdated.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './prepare.mjs';

/** @param {string} file */
const read = (file) => JSON.parse(readFileSync(path.join(ROOT, file), 'utf8'));
const { dependencies, devDependencies } = read('package.json');
for (const [title, list] of [
  ['Runs with the app', dependencies],
  ['For development and tests', devDependencies],
]) {
  console.log(`\n${title}`);
  for (const name of Object.keys(list)) {
    const { version, license } = read(path.join('node_modules', name, 'package.json'));
    console.log(`  ${name.padEnd(48)} ${version.padEnd(12)} ${license ?? 'not stated'}`);
  }
}
console.log('\nOutdated (asks the package registry)');
// It ends with 1 when something is outdated.
const { stdout, stderr } = spawnSync('npm', ['outdated'], { cwd: ROOT, encoding: 'utf8' });
console.log(stdout.trim() || stderr.trim() || 'nothing');
