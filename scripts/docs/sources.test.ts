import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { ROOT } from '../prepare.mjs';
import { allSources, sourcesOf } from './sources';

const read = (text: string) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'sources-'));
  writeFileSync(path.join(folder, 'a.ts'), text);
  return sourcesOf(folder, 'a.ts').map(({ name, value, what, kind, source }) => [
    name,
    value,
    what,
    kind,
    source,
  ]);
};

describe('sourcesOf', () => {
  it('reads what stands in brackets, and what kind it is', () => {
    expect(
      read('/** Days of floss (common practice, no source: three weeks (or four)). */\nconst DAYS = 24;'),
    ).toEqual([
      [
        'DAYS',
        '24',
        'Days of floss.',
        'common practice',
        'common practice, no source: three weeks (or four)',
      ],
    ]);
    expect(read('/** Gravity, m/s² (exact by convention). */\nexport const G = 9.80665;')[0]?.[3]).toBe(
      'published',
    );
    expect(read('/** Head, m (calibrated). */\nexport const H = { low: 1, high: 2 } as const;')[0]).toEqual([
      'H',
      '{ low: 1, high: 2 }',
      'Head, m.',
      'calibrated',
      'calibrated',
    ]);
  });

  it('reads the tag of an equation', () => {
    const text =
      '/**\n * Vapour, kPa.\n *\n * @source Buck 1981 (p. 1527).\n */\nexport function vapour() { return 1; }';
    expect(read(text)).toEqual([['vapour', '', 'Vapour, kPa.', 'published', 'Buck 1981 (p. 1527)']]);
    expect(read('/** Time. @source mass balance: ln 10·V/Q */\nconst time = () => 1;')[0]?.[3]).toBe(
      'reasoned',
    );
  });

  it('takes a comment for the constants right below it, and for no others', () => {
    const text = '/* Walls, m (common practice). */\nconst A = 1;\nconst B = 2;\n\nconst C = 3;\n';
    expect(read(text).map(([name]) => name)).toEqual(['A', 'B']);
    expect(read('/** Pages of a list. */\nconst PAGES = 40;')).toEqual([]);
  });
});

describe('the sources of the core', () => {
  const all = allSources(ROOT);

  it('are read', () => {
    expect(all.length).toBeGreaterThan(300);
  });

  it('name a number or an equation once in a file', () => {
    const names = all.map(({ file, name }) => `${file} ${name}`);
    expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
  });
});
