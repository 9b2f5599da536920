import { spawnSync } from 'node:child_process';
import process from 'node:process';
import { describe, expect, it } from 'vitest';
import { ROOT } from './prepare.mjs';

/** Ends the process when something fails, so it runs in one of its own. */
function together(commands: readonly (readonly [string, readonly string[], string?])[]) {
  const script = `import('./scripts/prepare.mjs').then(({ runTogether }) => runTogether(${JSON.stringify(commands)}))`;
  return spawnSync(process.execPath, ['-e', script], { cwd: ROOT, encoding: 'utf8' });
}
const node = (script: string, otherwise?: string) =>
  [process.execPath, ['-e', script], ...(otherwise === undefined ? [] : [otherwise])] as [string, string[]];

describe('runTogether', () => {
  it('shows what each command says', () => {
    const { status, stdout } = together([node('console.log("one")'), node('console.error("two")')]);
    expect(status).toBe(0);
    expect(stdout.split('\n').sort()).toEqual(['', 'one', 'two']);
  });

  it('fails when one of them does, and says what to do', () => {
    const { status, stdout, stderr } = together([
      node('process.exit(3)', 'Mend it.'),
      node('console.log("well")'),
    ]);
    expect(status).toBe(1);
    expect(stdout).toContain('well');
    expect(stderr.trim()).toBe('Mend it.');
  });
});
