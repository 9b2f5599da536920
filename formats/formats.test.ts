import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { describe, expect, it } from 'vitest';
import { demoContent } from '@/demo/demoContent';
import { FILE_VERSION } from './neatLayerFile';
import { publishedSchemas } from './publishedSchemas';
import { readNeatLayerFile } from './readNeatLayerFile';
import { neatLayerFileName, writeNeatLayerFile } from './writeNeatLayerFile';

// The one with a repack under way.
const content = demoContent(new Date('2026-11-25T12:00:00Z')).find(({ jobs }) =>
  jobs.some((job) => job.stage !== 'done'),
);
if (content === undefined) throw new Error('The demo is empty.');
const text = writeNeatLayerFile(content);
const faultsOf = (input: string): readonly string[] => {
  const read = readNeatLayerFile(input);
  return read.ok ? [] : read.faults;
};
const changed = (change: (file: Record<string, never> & typeof content) => unknown): string => {
  const file = JSON.parse(text) as Record<string, never> & typeof content;
  change(file);
  return JSON.stringify(file);
};

describe('neatlayer.json', () => {
  it('reads what it wrote', () => {
    const read = readNeatLayerFile(text);
    expect(read.ok && read.file).toMatchObject(content);
  });

  it.each<[string, string, RegExp]>([
    ['cut in half', text.slice(0, text.length / 2), /not complete/],
    ['empty', '', /not complete/],
    ['another format', '{"format":"recipe"}', /not a Neat Layer file/],
    ['a list', '[1, 2]', /not a Neat Layer file/],
    ['no version', '{"format":"neatlayer"}', /does not say which version/],
    ['a newer version', '{"format":"neatlayer","version":99}', /newer version of the app \(99/],
    [
      'a missing medium',
      changed((file) => (file.packs[0]!.layers[1]!.medium = 'moon-rock')),
      /^Pack “As found”: Layer 2 refers to the medium “moon-rock”/,
    ],
    ['a missing chamber', changed((file) => (file.packs.at(-1)!.layers[0]!.chamber = 'attic')), /attic/],
    [
      'a negative depth',
      changed((file) => (file.filter.chambers[0]!.depth = -1)),
      /^filter, chambers 1, depth: Depth along the flow must be more than/,
    ],
    [
      'text for a number',
      changed((file) => Object.assign(file.tank, { water: { how: 'known', volume: '64 L' } })),
      /^tank, water, volume: Water in the tank must be a number/,
    ],
    [
      'a pack of another filter',
      changed((file) => (file.packs[0]!.filterId = 'ghost')),
      /Pack 1 belongs to the filter “ghost”/,
    ],
    [
      'a job without its pack',
      changed((file) => (file.jobs[0]!.plannedPackId = 'ghost')),
      /Job 1 refers to the pack “ghost”/,
    ],
    [
      'two packs of one id',
      changed((file) => (file.packs[1]!.id = file.packs[0]!.id)),
      /Two packs have the same id/,
    ],
    [
      'a log of another job',
      changed((file) => (file.log[0]!.jobId = 'ghost')),
      /Log entry 1 refers to the repack “ghost”/,
    ],
  ])('says what is wrong with %s', (_, input, message) => {
    expect(faultsOf(input)[0]).toMatch(message);
  });

  it('reads a record of a pack whose chamber the filter has lost since, but no medium that nobody knows', () => {
    expect(faultsOf(changed((file) => (file.packs[0]!.layers[0]!.chamber = 'attic')))).toEqual([]);
    expect(faultsOf(changed((file) => (file.packs[0]!.layers[0]!.medium = 'moon-rock')))).toHaveLength(1);
  });

  it('names a file after the filter', () => {
    expect(neatLayerFileName('Window sill')).toBe('window-sill.neatlayer.json');
    expect(neatLayerFileName('Étang n° 2!')).toBe('etang-n-2.neatlayer.json');
    expect(neatLayerFileName('水')).toBe('filter.neatlayer.json');
  });

  it('is described by the published JSON Schema, which is up to date', () => {
    const published = publishedSchemas();
    // Run `npm run schemas` when this fails.
    for (const [file, schema] of Object.entries(published))
      expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(schema)));
    const ajv = new Ajv({ strict: false });
    addFormats(ajv);
    const validate = ajv.compile(published[`docs/formats/neatlayer-${FILE_VERSION}.schema.json`] ?? false);
    expect(validate(JSON.parse(text)), JSON.stringify(validate.errors)).toBe(true);
    expect(validate(JSON.parse(changed((file) => (file.filter.chambers[0]!.depth = -1))))).toBe(false);
    expect(validate({ format: 'neatlayer', version: 2 })).toBe(false);
  });
});
