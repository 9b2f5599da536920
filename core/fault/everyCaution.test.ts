import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { EQUIPMENT } from '../filter/equipment';
import { FilterKindSchema } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { cautions, CAUTIONS, type Caution, type CautionMoment } from '../cautions/cautions';
import { SYMPTOMS } from '../log/symptom';
import { plainLayer } from '../layers/plainLayer';
import { CATALOGUE } from '../media/catalogue';
import { preparationsFor } from '../prepare/preparations';
import { programme } from '../prepare/programme';
import { repackSteps } from '../repack/repackSteps';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { faultContext } from './faultContext';
import { faultTable } from './faultTables';

const NOW = '2026-06-01T08:00:00.000Z';
const around = aloneOn(newTank('t', 'Test', 0.1));
const filters = FilterKindSchema.options.map((kind) => ({
  ...presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'),
  equipment: [...EQUIPMENT],
}));
const all: readonly Caution[] = Object.values(CAUTIONS);

/** What is left of a text once every caution of the table is taken out of it. */
const leftOf = (text: string): string =>
  all
    .flatMap(({ short, full }) => [full, short])
    .sort((a, b) => b.length - a.length)
    .reduce((rest, caution) => rest.split(caution).join(''), text)
    .trim();

describe('cautions', () => {
  const said: string[] = [];
  for (const filter of filters) {
    const chamber = filter.chambers[0]!.id;
    const layers = [plainLayer('a', 'foam-15', chamber, 0.02), plainLayer('b', 'lava', chamber, 0.02)];
    const measures = evaluatePack({ ...around, filter, layers, flow: null });
    const moments: readonly CautionMoment[] = ['opening', 'handling', 'closing', 'fault', 'card'];
    moments.forEach((moment) => said.push(...cautions(filter, layers, moment)));
    for (const [firstPack, isOpen] of [
      [false, false],
      [false, true],
      [true, false],
    ] as const)
      said.push(
        ...repackSteps({
          filter,
          layers,
          measures,
          firstPack,
          isOpen,
          hasMature: !firstPack,
          matureLeaves: null,
          newTank: ['A new tank.'],
          unprepared: 1,
          replace: [],
          lampFrom: null,
          footMissing: false,
          flowSubmerged: null,
        }).flatMap(({ caution }) => caution ?? []),
      );
    const context = faultContext(filter, layers, around, null, NOW);
    said.push(
      ...SYMPTOMS.flatMap((symptom) => faultTable(symptom, context).causes).flatMap(
        ({ caution }) => caution ?? [],
      ),
    );
  }
  const media = CATALOGUE.filter((medium) => preparationsFor(medium).length > 0);
  said.push(
    ...programme(
      media.map((medium) => ({ medium, volume: 1e-3 })),
      true,
      { repackOn: null, prepared: [] },
    ).flatMap(({ caution }) => caution ?? []),
  );

  it('all come from one table, on every screen of every kind of filter', () => {
    expect(said.length).toBeGreaterThan(200);
    expect([...new Set(said.map(leftOf))]).toEqual(['']);
  });

  it('are all said somewhere', () => {
    const unsaid = Object.entries(CAUTIONS).filter(
      ([, { short, full }]) => !said.some((text) => text.includes(short) || text.includes(full)),
    );
    expect(unsaid.map(([id]) => id)).toEqual([]);
  });

  // Source: an earth-leakage breaker on the circuit, wiring for a licensed electrician (common practice, no source).
  it('name the RCD and the electrician wherever a filter is opened, started or mended', () => {
    for (const filter of filters)
      for (const moment of ['opening', 'fault'] as const)
        expect(cautions(filter, [], moment).join(' ')).toMatch(/RCD.*licensed electrician/);
  });

  it('are written nowhere in the interface', () => {
    const files = readdirSync('ui', { recursive: true, encoding: 'utf8' }).filter((name) =>
      name.endsWith('.tsx'),
    );
    const shown = files.flatMap((name) =>
      [...readFileSync(join('ui', name), 'utf8').matchAll(/<Cautions\s+lines=\{([^}]*)\}/g)].map(
        ([, lines]) => lines!,
      ),
    );
    expect(shown.length).toBeGreaterThan(4);
    for (const lines of shown)
      expect(lines.replace(/'(opening|handling|closing|fault|card)'/g, '')).not.toMatch(/['"`]/);
    for (const lines of shown) expect(lines).toMatch(/cautions\(/);
  });
});
