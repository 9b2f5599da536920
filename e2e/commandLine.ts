import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { ROOT } from '../scripts/prepare.mjs';

/**
 * What `neat COMMAND` prints of a filter’s plan, from the file that the app exports. Only the plan is in the file: the
 * packs of fourteen months would each be reckoned.
 */
export async function planByCommandLine<Report>(
  page: Page,
  filterId: string,
  command: string,
  ...options: string[]
): Promise<Report> {
  const folder = mkdtempSync(path.join(tmpdir(), 'neat-cli-'));
  const file = path.join(folder, 'filter.neatlayer.json');
  const exported = await page.request.get(`/api/filters/${filterId}/file`);
  const content = JSON.parse((await exported.body()).toString()) as { packs: { role: string }[] };
  const plan = content.packs.filter(({ role }) => role === 'planned').at(-1);
  if (plan === undefined) throw new Error('The file holds no plan.');
  writeFileSync(file, JSON.stringify({ ...content, packs: [plan], jobs: [], log: [] }));
  const printed = execFileSync(
    process.execPath,
    ['--import', 'tsx', 'cli/neat.ts', command, file, ...options],
    {
      cwd: ROOT,
      encoding: 'utf8',
      maxBuffer: 64 * 2 ** 20,
      env: { ...process.env, TSX_TSCONFIG_PATH: 'tsconfig.run.json' },
    },
  );
  rmSync(folder, { recursive: true });
  const [report] = (JSON.parse(printed) as { packs: Report[] }).packs;
  if (report === undefined) throw new Error('The command line said nothing.');
  return report;
}
