// npm run mutate -- core/fault: changes the code of a folder bit by bit, and sees whether its tests notice.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from '../prepare.mjs';

const [folder, ...more] = process.argv.slice(2);
if (folder === undefined || more.length > 0 || !existsSync(path.join(ROOT, folder))) {
  console.error('Use npm run mutate -- FOLDER, such as core/fault.');
  process.exit(2);
}
const { status } = spawnSync('npx', ['stryker', 'run', 'scripts/mutation/stryker.config.mjs'], {
  cwd: ROOT,
  stdio: 'inherit',
  env: { ...process.env, NEAT_MUTATE: folder.replace(/\/$/, '') },
});
process.exit(status ?? 1);
