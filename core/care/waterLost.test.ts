import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../log/logEntry';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { seededNormal } from '../maths/seededNormal';
import { formatSentence } from '../units/sentence';
import { evaporation, SURFACE_ACTIVITY } from '../water/evaporation';
import { waterLost } from './waterLost';
import { describeWaterLoss } from './describeWaterLoss';

const NOW = '2026-06-30T12:00:00.000Z';
const at = (daysAgo: number): string => new Date(Date.parse(NOW) - daysAgo * 86_400_000).toISOString();
const common = (daysAgo: number) => ({
  id: `e${daysAgo}`,
  filterId: 'f',
  jobId: null,
  at: at(daysAgo),
  note: '',
});
const topUp = (daysAgo: number, litres: number): LogEntry => ({
  kind: 'top-up',
  ...common(daysAgo),
  volume: litres * 1e-3,
});
const change = (daysAgo: number): LogEntry => ({
  kind: 'water change',
  ...common(daysAgo),
  share: 0.3,
  dechlorinated: true,
});

const tank: Tank = {
  ...newTank('t', 'Tank', 0.06),
  temperature: 25,
  cover: 'open',
  room: { temperature: 22, humidity: 0.5 },
  water: {
    how: 'measured',
    shape: { form: 'box', length: 0.6, width: 1 / 3, height: 0.4 },
    fill: 0.35,
    substrate: { depth: 0, porosity: 0.4 },
    hardscape: { by: 'volume', volume: 0 },
  },
};
/** What 0.2 m² of rippled water lose in a day there, L. */
const RIGHT =
  evaporation({
    ...{ area: 0.2, water: 25, room: 22, humidity: 0.5 },
    ...{ activity: SURFACE_ACTIVITY.rippled, lid: 1 },
  }) * 86_400e3;
/** Top-ups every third day, with so much lost a day. */
const log = (litresADay: number): LogEntry[] => [
  change(30),
  ...Array.from({ length: 8 }, (_, index) => topUp(27 - 3 * index, 3 * litresADay)),
];
const watched = (entries: readonly LogEntry[], of: Tank = tank) =>
  waterLost({ tank: of, log: entries, now: NOW });

describe('waterLost', () => {
  it('finds nothing where top-ups are what evaporates, and says what it is held against', () => {
    const lost = watched(log(RIGHT))!;
    expect(lost).toMatchObject({ leaks: false, topUps: 8, days: 24, assumed: [] });
    expect(lost.evaporated.likely * 1e3).toBeCloseTo(RIGHT, 1);
    expect(lost.excess.low).toBeLessThan(0);
    expect(lost.excess.high).toBeGreaterThan(0);
    expect(formatSentence(describeWaterLoss(lost).state)).toBe('Your top-ups match normal evaporation.');
  });

  it('finds a leak of a litre a day, with its range', () => {
    const lost = watched(log(RIGHT + 1))!;
    expect(lost.leaks).toBe(true);
    expect(lost.excess.low * 1e3).toBeLessThan(1);
    expect(lost.excess.high * 1e3).toBeGreaterThan(1);
    expect(formatSentence(describeWaterLoss(lost).state)).toMatch(
      /^The tank loses 0\.\d+ L to 1\.\d+ L a day more than evaporation explains\.$/,
    );
  });

  it('needs more to call it a leak where lid, room and surface are assumed, and says so', () => {
    const unknown = newTank('t', 'Tank', 0.08);
    const known = watched(log(RIGHT + 0.5))!;
    const guessed = watched(log(RIGHT + 0.5), unknown)!;
    const width = ({ excess }: typeof known) => excess.high - excess.low;
    expect(width(guessed)).toBeGreaterThan(1.2 * width(known));
    expect(describeWaterLoss(guessed).assumed).toBe(
      'Not entered, so assumed: whether there is a lid, the temperature of the room, its humidity and the water surface.',
    );
  });

  it('expects little under a lid: what evaporates from an open tank is a leak there', () => {
    expect(watched(log(RIGHT), { ...tank, cover: 'lid' })!.leaks).toBe(true);
  });

  it('counts only from a mark to a top-up: a water change hides what was lost before it', () => {
    const twice = [change(40), topUp(38, 1), change(31), topUp(29, 1), topUp(26, 1), topUp(23, 1)];
    expect(watched(twice)).toMatchObject({ topUps: 4, days: 10 });
  });

  it.each([
    ['nothing', []],
    ['two top-ups', [change(20), topUp(15, 1), topUp(10, 1)]],
    ['a few in two days', [change(3), topUp(2, 1), topUp(1.5, 1), topUp(1, 1)]],
    ['what is long ago', [change(90), topUp(80, 1), topUp(75, 1), topUp(70, 1)]],
  ])('says nothing of %s', (_, entries) => {
    expect(watched(entries)).toBeNull();
  });

  it('holds the leak that is there in about eight of ten tanks whose room and pouring are drawn', () => {
    const normal = seededNormal(7);
    const unknown: Tank = { ...tank, room: { temperature: null, humidity: null } };
    let held = 0;
    for (let drawn = 0; drawn < 200; drawn += 1) {
      const leak = drawn % 5 === 0 ? 0 : (drawn % 5) / 4;
      const gone = evaporation({
        area: 0.2 * (1 + 0.02 * normal()),
        water: 25 + 0.5 * normal(),
        room: 22 + 2.5 * normal(),
        humidity: 0.5 + 0.1 * normal(),
        activity: SURFACE_ACTIVITY.rippled * 1.2 ** normal(),
        lid: 1,
      });
      const mark = 0.002 * 0.2 * 1e3;
      const entries = log(0).map((entry, place) =>
        entry.kind === 'top-up'
          ? {
              ...entry,
              volume:
                1e-3 *
                (3 * (gone * 86_400e3 + leak) * (1 + 0.1 * normal()) +
                  (place === 1 || place === 8 ? mark * normal() : 0)),
            }
          : entry,
      );
      const { low, high } = watched(entries, unknown)!.excess;
      if (low * 1e3 <= leak && leak <= high * 1e3) held += 1;
    }
    expect(held).toBeGreaterThanOrEqual(140);
    expect(held).toBeLessThanOrEqual(180);
  });
});
