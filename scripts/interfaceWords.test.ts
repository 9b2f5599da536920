import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { interfaceStrings } from './interfaceStrings';
import { POOR_WORDS } from './poorWords';
import { ROOT } from './prepare.mjs';

/** Folders whose texts come to a keeper’s eyes. */
const FOLDERS = ['app', 'cli', 'core', 'formats', 'server', 'store', 'ui', 'workers'];

const files = FOLDERS.flatMap((folder) =>
  readdirSync(path.join(ROOT, folder), { recursive: true, encoding: 'utf8' }).map((file) =>
    path.join(folder, file),
  ),
).filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file));

describe('the texts of the interface', () => {
  const texts = files.flatMap((file) => interfaceStrings(ROOT, file));

  it('are found', () => {
    expect(texts.length).toBeGreaterThan(3000);
  });

  it.each(POOR_WORDS.map((words) => [String(words.pattern), words] as const))(
    'do not say %s',
    (_, { pattern, instead, allowed = [] }) => {
      const found = texts.filter(({ text }) => pattern.test(text) && !allowed.some((one) => one.test(text)));
      expect(found.map(({ where, text }) => `${where} “${text}”: say ${instead}`)).toEqual([]);
    },
  );
});

describe('interfaceStrings', () => {
  it('reads literals, templates and the text between tags, and nothing that no keeper sees', () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'texts-'));
    writeFileSync(
      path.join(folder, 'a.tsx'),
      [
        "import x from 'some module';",
        "type T = 'a type';",
        "const key = db.prepare('SELECT words');",
        "if (x) throw new Error('for programmers');",
        "const kind = 'key' ?? '/an/address';",
        'const a = `${x} layers are ${y}.`;',
        'const b = <p className="no words" title="A title">',
        '  Two lines',
        "  of text {x ? 'and more' : `or else`}",
        '</p>;',
      ].join('\n'),
    );
    expect(interfaceStrings(folder, 'a.tsx').map(({ text }) => text)).toEqual([
      '{} layers are {}.',
      'A title',
      'Two lines of text',
      'and more',
      'or else',
    ]);
  });
});
