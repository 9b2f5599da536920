import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoContent } from '@/demo/demoContent';
import { DEMO_SHELF } from '@/demo/demoShelf';
import { writeShelfCsv } from '@/formats/shelfCsv';
import { writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { swapRange } from '@/core/biology/swapRange';
import { placeLayers } from '@/core/layers/placeLayers';
import { proposeSwap, swapPiece, withoutPieces } from '@/core/report/swapPieces';
import { layerSurfaces, packCycle, tankBiology } from '@/core/report/tankBiology';
import type { cycleFile } from './cycleFile';
import type { evaluateFile } from './evaluateFile';
import type { forecastFile } from './forecastFile';
import type { proposeFile } from './proposeFile';
import { run } from './run';

describe('neat', () => {
  let folder: string;
  const file = (name: string, text: string): string => {
    const where = path.join(folder, name);
    writeFileSync(where, text);
    return where;
  };
  beforeAll(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'neat-'));
  });
  afterAll(() => rmSync(folder, { recursive: true }));

  const [content] = demoContent(new Date('2026-11-25T12:00:00Z'));
  if (content === undefined) throw new Error('The demo is empty.');

  it('prints the report of every pack as JSON', () => {
    const { out, err, code } = run(['evaluate', file('good.json', writeNeatLayerFile(content))]);
    expect([err, code]).toEqual(['', 0]);
    const report = JSON.parse(out) as ReturnType<typeof evaluateFile>;
    expect(report.packs).toHaveLength(content.packs.length);
    const [pack] = report.packs;
    // By hand: the pads and the bag of Window sill stand 3 + 4.5 + 1.5 + 2 = 11 cm high, the stop is at 10.5.
    expect(pack?.totals.thickness).toBeCloseTo(0.11, 9);
    expect(pack?.totals.overfill).toBeCloseTo(0.005, 9);
    expect(pack?.findings.map((finding) => finding.rule)).toEqual(
      expect.arrayContaining(['overfill', 'short-piece', 'stage-order', 'grade-order']),
    );
    expect(pack?.findings[0]?.title).toBe('Basket: 0.5 cm of media above the fill limit.');
  });

  it('proposes packs from the shelf, and says what is wrong with what was asked', () => {
    const good = file('propose.json', writeNeatLayerFile(content));
    const shelf = file('shelf.csv', writeShelfCsv(DEMO_SHELF));
    const { out, err, code } = run(['propose', good, '--shelf', shelf]);
    expect([err, code]).toEqual(['', 0]);
    const { packsTried, packsForecast, plan, proposals } = JSON.parse(out) as ReturnType<typeof proposeFile>;
    expect(packsTried).toBeGreaterThan(packsForecast - 1);
    expect(plan?.service).toBeGreaterThan(0);
    expect(proposals.length).toBeGreaterThanOrEqual(3);
    for (const { name, layers, serviceBetween, figures } of proposals) {
      expect(name).not.toBe('');
      expect(layers.length).toBeGreaterThan(0);
      const [early, late] = serviceBetween ?? [null, null];
      expect(early ?? 365).toBeLessThanOrEqual(figures.service ?? 0);
      expect(late ?? 365).toBeGreaterThanOrEqual((figures.service ?? 0) * 0.99);
    }
    expect(run(['propose', good, '--from', 'nowhere'])).toMatchObject({ code: 1, out: '' });
    expect(run(['propose', good, '--budget', 'much']).err).toMatch(/--budget must be 0 or more/);
    expect(run(['propose', good, '--seed', '1.5']).err).toMatch(/--seed must be a whole number/);
    expect(run(['propose', good, '--shelf', '/nowhere.csv'])).toMatchObject({ code: 2 });
    expect(run(['propose', good, '--shelf', file('bad.csv', 'kind,medium\nsheet,velvet\n')]).err).toMatch(
      /line 2/i,
    );
  });

  it('prints the forecast of every pack, and what is wrong with the days asked for', () => {
    const short = { ...content, packs: content.packs.slice(0, 1), jobs: [], log: [] };
    const good = file('short.json', writeNeatLayerFile(short));
    const { out, err, code } = run(['forecast', good, '--days', '90']);
    expect([err, code]).toEqual(['', 0]);
    const { days, packs } = JSON.parse(out) as NonNullable<ReturnType<typeof forecastFile>>;
    expect(days).toBe(90);
    expect(packs[0]?.flow).toHaveLength(91);
    expect(packs[0]?.headroom?.[90]).toBeLessThan(packs[0]?.headroom?.[0] ?? 0);
    expect(packs[0]?.books.made).toBeGreaterThan(0);
    expect(run(['forecast', good, '--days', 'soon'])).toMatchObject({ code: 1, out: '' });
    expect(run(['forecast', good, '--days', '0']).err).toMatch(/whole number from 1 to 730/);
    expect(run(['forecast', good, '--weeks', '3']).code).toBe(1);
    const unfed = {
      ...short,
      tank: { ...short.tank, feed: { ...short.tank.feed, amount: null } },
    };
    // Where the food is not entered, what is usual for so much water is assumed.
    expect(run(['forecast', file('unfed.json', writeNeatLayerFile(unfed))])).toMatchObject({
      code: 0,
      err: '',
    });
  });

  it('prints how a tank cycles and what a swap does, as the app draws it', () => {
    const [first] = content.packs;
    if (first === undefined) throw new Error('The demo has no packs.');
    const { tank, filter } = content;
    const pack = { tank, filter, layers: first.layers, others: [], now: null };
    const biology = tankBiology(pack)!;
    const surfaces = layerSurfaces(filter, first.layers, tank.temperature);
    const pieces = placeLayers(filter, first.layers)
      .slice(0, 1)
      .map((placed, index) => swapPiece(placed, surfaces[index]!, 'same', tank));
    const swap = { ...proposeSwap(biology, pieces, tank.pH), begunOn: '2026-11-25' };
    const text = writeNeatLayerFile({
      ...content,
      filter: { ...filter, swap },
      packs: [first],
      jobs: [],
      log: [],
    });
    const { out, err, code } = run(['cycle', file('cycle.json', text), '--start', 'seeded']);
    expect([err, code]).toEqual(['', 0]);
    const { packs, days, samplesADay } = JSON.parse(out) as NonNullable<ReturnType<typeof cycleFile>>;
    expect(packs[0]?.nitrite).toHaveLength(days * samplesADay + 1);
    expect(packs[0]?.nitrite).toEqual([...packCycle(pack, 'seeded', days)!.nitrite]);
    const drawn = swapRange(withoutPieces(biology, pieces), pieces, swap.stages).ammonia.likely;
    expect(packs[0]?.swap?.ammonia).toEqual([...drawn]);
    expect(run(['cycle', 'x', '--start', 'old']).err).toMatch(/--start must be bare, seeded, mature/);
  });

  it('gives one line a fault and 1 for bad input', () => {
    const bad = {
      ...content,
      packs: content.packs.map((pack, index) =>
        index === 0
          ? { ...pack, layers: pack.layers.map((layer) => ({ ...layer, medium: 'moon-rock' })) }
          : pack,
      ),
    };
    const { out, err, code } = run(['evaluate', file('bad.json', writeNeatLayerFile(bad))]);
    expect([out, code]).toEqual(['', 1]);
    expect(err.trimEnd().split('\n')).toHaveLength(4);
    expect(err).toMatch(/Layer 4 refers to the medium “moon-rock”/);
    expect(run(['evaluate', file('half.json', '{"format":')]).code).toBe(1);
  });

  it('gives 2 for a file that cannot be read, and 1 with the usage for words it does not know', () => {
    expect(run(['evaluate', path.join(folder, 'none.json')])).toMatchObject({
      code: 2,
      out: '',
      err: expect.stringMatching(/no such file/) as string,
    });
    expect(run(['evaluate', folder])).toMatchObject({
      code: 2,
      err: expect.stringMatching(/folder/) as string,
    });
    expect(run(['bake', 'x']).code).toBe(1);
    expect(run(['evaluate']).err).toMatch(/^Usage/);
    expect(run([]).code).toBe(0);
  });
});
