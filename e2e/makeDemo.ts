import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from '../scripts/prepare.mjs';

/** The demo's database as tests copy it, each for itself. */
export const DEMO_DATABASE = path.join(ROOT, 'test-results', 'demo.sqlite');

/** Makes it once, before all tests. */
export default function makeDemo(): void {
  rmSync(DEMO_DATABASE, { force: true });
  mkdirSync(path.dirname(DEMO_DATABASE), { recursive: true });
  execFileSync(process.execPath, ['--import', 'tsx', 'demo/makeDemoDatabase.ts', DEMO_DATABASE], {
    cwd: ROOT,
  });
}
