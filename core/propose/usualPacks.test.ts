import { describe, expect, it } from 'vitest';
import { intakeSponge } from '../filter/intakeSponge';
import { FilterKindSchema, type FilterKind } from '../filter/filterKind';
import { isCanister } from '../filter/kindFamily';
import { presetFilter } from '../filter/presetFilter';
import { PRESET_SIZES, type PresetSize } from '../filter/presetSize';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import type { Schools } from '../findings/schools';
import { mediumOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { sumOf } from '../maths/sum';
import { gradeRank } from '../media/gradeRank';
import { hasRole } from '../media/hasRole';
import { leastThickness } from '../practice/leastThickness';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { usualPacks, type UsualInput, type UsualPack } from './usualPacks';
import { SOLD_SHEETS } from './usualSheets';

/*
 * What makes a pack that a keeper would build: common practice, no source. Coarse before medium before fine, then
 * biological media in most of the room; thicknesses of sheets as they are sold; nothing empty, nothing too thin.
 */
const filterOf = (kind: FilterKind, size: PresetSize = 'middle') =>
  presetFilter(kind, { id: 'f', tankId: 't' }, 'F', size);
const ask = (filter: UsualInput['filter'], change: Partial<UsualInput> = {}): UsualPack[] =>
  usualPacks({
    filter,
    schools: DEFAULT_SCHOOLS,
    animals: [],
    floatingPlants: false,
    mine: [],
    today: [],
    pinned: [],
    onHand: [],
    carbon: false,
    ...change,
  });
const schoolsWith = (change: Partial<Schools>): Schools => ({ ...DEFAULT_SCHOOLS, ...change });
/** The position of those who build a pack. */
const ownSchools = ({ kind }: UsualPack, schools: Schools): Schools =>
  kind === 'foam alone'
    ? { ...schools, biologicalMedium: 'foam' }
    : kind === 'as it came'
      ? { ...schools, cartridges: 'beside' }
      : schools;
const inWords = ({ layers }: UsualPack): string =>
  layers.map(({ medium, thickness }) => `${medium} ${(100 * thickness).toFixed(1)}`).join(', ');
const packOfKind = (packs: readonly UsualPack[], kind: UsualPack['kind']): UsualPack =>
  packs.find((pack) => pack.kind === kind)!;

/** With and without carbon, all schools that a usual pack asks. */
const EVERY_SCHOOL = (['before', 'after', 'both'] as const).flatMap((finePad) =>
  (['porous mineral', 'scrubbers', 'foam', 'as it came'] as const).flatMap((biologicalMedium) =>
    (['every corner', 'leave room'] as const).map((fullness) =>
      schoolsWith({ finePad, biologicalMedium, fullness }),
    ),
  ),
);

describe.each(FilterKindSchema.options)('usual packs of the kind %s', (kind) => {
  const all = PRESET_SIZES.flatMap((size) => {
    const filter = filterOf(kind, size);
    return EVERY_SCHOOL.flatMap((schools, index) =>
      ask(filter, { schools, carbon: index % 3 === 0 }).map((pack) => ({
        pack,
        schools,
        name: `${size} ${pack.kind} ${inWords(pack)}`,
      })),
    );
  });

  it('are a few, those of the keeper’s school first', () => {
    for (const size of PRESET_SIZES)
      for (const schools of EVERY_SCHOOL) {
        const kinds = ask(filterOf(kind, size), { schools }).map((pack) => pack.kind);
        // A thin sponge has no room for two grades.
        const least = kind === 'internal-sponge' ? (size === 'small' ? 1 : 2) : 3;
        expect(kinds.length).toBeGreaterThanOrEqual(least);
        expect(kinds.length).toBeLessThanOrEqual(4);
        expect(new Set(kinds).size).toBe(kinds.length);
        if (schools.biologicalMedium === 'foam') expect(kinds[0]).toBe('foam alone');
      }
  });

  it('have nothing urgent and nothing to check by their own school, in every size', () => {
    for (const { pack, schools, name } of all) {
      // About five times an hour, as a tank of its size would have.
      const tank = newTank('t', 'T', Math.max(0.02, pack.filter.labelFlow * 3600 * 0.14));
      const { findings } = evaluatePack({
        tank,
        others: [],
        added: [],
        now: null,
        schools: ownSchools(pack, schools),
        filter: pack.filter,
        layers: pack.layers,
        flow: null,
        found: [],
      });
      expect([name, ...findings.filter(({ level }) => level !== 'note').map(({ rule }) => rule)]).toEqual([
        name,
      ]);
    }
  });

  it('go from coarse to fine, with no layer too thin and every sheet as it is sold', () => {
    for (const { pack, name } of all) {
      const media = placeLayers(pack.filter, pack.layers);
      const before = media.slice(0, media.findIndex(({ role }) => role === 'biological') >>> 0);
      const ranks = before
        .filter(({ chamber, medium }) => chamber.lift.length > 0 && medium.family !== 'cartridge')
        .flatMap(({ medium }) => gradeRank(medium) ?? []);
      expect([name, ...ranks]).toEqual([name, ...[...ranks].sort((a, b) => a - b)]);
      for (const { layer, medium } of media) {
        expect([name, layer.thickness >= leastThickness(medium) - 1e-6]).toEqual([name, true]);
        if (medium.supply !== 'sheet' || layer.chamber === intakeSponge(pack.filter)?.id) continue;
        const free = layer.thickness / layer.compressionRatio;
        const sheets = medium.family === 'floss' ? SOLD_SHEETS.floss : SOLD_SHEETS.foam;
        const isSold = sheets.some((ply) => Math.abs(free / ply - Math.round(free / ply)) < 1e-6);
        expect([name, isSold]).toEqual([name, true]);
      }
    }
  });

  it('leave no chamber unused but for settlement, and most room of a canister to the bacteria', () => {
    for (const { pack, name } of all) {
      const used = new Set(pack.layers.map(({ chamber }) => chamber));
      const empty = pack.filter.chambers
        .filter(({ id }) => !used.has(id) && id !== 'bottom')
        .map(({ id }) => id);
      expect([name, ...empty]).toEqual([name, ...(pack.kind === 'as it came' ? ['well'] : [])]);
      if (!isCanister(kind) || pack.kind === 'foam alone') continue;
      // Of the trays: a column, a prefilter and foam around them are there for dirt.
      const trays = placeLayers(pack.filter, pack.layers).filter(({ chamber }) =>
        chamber.id.startsWith('tray'),
      );
      const volume = sumOf(trays, ({ measure }) => measure.volume);
      const living = sumOf(
        trays.filter(({ medium }) => hasRole(medium, 'biological') && !hasRole(medium, 'mechanical')),
        ({ measure }) => measure.volume,
      );
      expect([name, living >= volume / 2]).toEqual([name, true]);
    }
  });
});

describe('a usual pack', () => {
  it('fills a tray of 8 cm with 3, 3 and 2 cm', () => {
    const packs = ask(filterOf('canister-down-flow'));
    expect(inWords(packOfKind(packs, 'with floss'))).toMatch(
      /^foam-15 3.0, foam-30 3.0, floss-bonded 2.0, porous/,
    );
    expect(inWords(packOfKind(packs, 'foam only'))).toMatch(/^foam-15 3.0, foam-30 3.0, foam-45 2.0, porous/);
  });

  it('has two layers in a basket of two litres', () => {
    for (const size of PRESET_SIZES)
      for (const { layers } of ask(filterOf('hang-on-back-basket', size))) expect(layers).toHaveLength(2);
  });

  it('has its finest pad where the keeper’s school has it', () => {
    const where = (finePad: Schools['finePad']) =>
      inWords(
        packOfKind(ask(filterOf('canister-side-riser'), { schools: schoolsWith({ finePad }) }), 'with floss'),
      );
    expect(where('before')).toMatch(/floss-bonded [\d.]+, porous-ceramic [^f]*$/);
    expect(where('after')).toMatch(/foam-30 [\d.]+, porous-ceramic .*floss-bonded 1.0$/);
    expect(where('both').match(/floss-bonded/g)).toHaveLength(2);
  });

  it('has carbon where it is reached first, and none where the keeper holds with none', () => {
    const last = (chemical: Schools['chemical']) => {
      const filter = filterOf('canister-down-flow');
      const pack = packOfKind(
        ask(filter, { carbon: true, schools: schoolsWith({ chemical }) }),
        'with floss',
      );
      return pack.layers
        .filter(({ medium }) => medium === 'carbon')
        .map(({ chamber, holder }) => [chamber, holder]);
    };
    expect(last('last')).toEqual([['tray-4', 'bag']]);
    expect(last('easy access')).toEqual([['tray-4', 'bag']]);
    expect(last('none')).toEqual([]);
    expect(last('start only')).toEqual([]);
  });

  it('is made of what the keeper has', () => {
    const packs = ask(filterOf('canister-down-flow'), { onHand: ['lava', 'foam-20'] });
    expect(inWords(packOfKind(packs, 'foam only'))).toMatch(/^foam-20 .*lava/);
  });

  it('uses sound pieces again in their place, and renews floss that was found dirty', () => {
    const filter = filterOf('canister-down-flow');
    const [top, next] = filter.chambers;
    const today = [
      plainLayer('old-coarse', 'foam-15', top!.id, 0.03),
      { ...plainLayer('old-floss', 'floss-bonded', top!.id, 0.02), dirt: 'blocked' as const },
      plainLayer('old-stone', 'porous-ceramic', next!.id, 0.08),
      { ...plainLayer('crumbling', 'foam-30', top!.id, 0.03), signs: ['brittle' as const] },
    ];
    const ids = packOfKind(ask(filter, { today }), 'with floss').layers.map(({ id }) => id);
    expect(ids).toContain('old-coarse');
    expect(ids).toContain('old-stone');
    expect(ids).not.toContain('old-floss');
    expect(ids).not.toContain('crumbling');
  });

  it('keeps the foam around the trays that the filter has, and goes on from its grade', () => {
    const filter = filterOf('canister-outside-in');
    const mine = [plainLayer('own', 'foam-30', 'perimeter', 0.03)];
    const pack = packOfKind(ask(filter, { mine, pinned: ['own'] }), 'foam only');
    expect(pack.layers[0]).toBe(mine[0]);
    // Medium foam is there: fine foam is next.
    expect(inWords(pack)).toMatch(/^foam-30 3.0, foam-45/);
  });

  it('keeps the cartridges that are there, and puts a sponge on the intake', () => {
    const filter = filterOf('hang-on-back-cartridge');
    const mine = [plainLayer('mine', 'cartridge', 'slot-1', 0.02)];
    const pack = packOfKind(ask(filter, { mine }), 'as it came');
    expect(pack.layers.map(({ id }) => id)).toContain('mine');
    expect(pack.layers.filter((layer) => mediumOf(layer).family === 'cartridge')).toHaveLength(1);
    expect(intakeSponge(pack.filter)).not.toBeNull();
    expect(intakeSponge(packOfKind(ask(filter, { mine }), 'with floss').filter)).toBeNull();
  });

  it('has a sponge on the intake where fry or shrimp are, but for a show tank with shrimp', () => {
    const filter = filterOf('canister-down-flow');
    const guarded = (change: Partial<UsualInput>) => intakeSponge(ask(filter, change)[0]!.filter) !== null;
    const never = schoolsWith({ intakeSponge: 'never' });
    expect(guarded({})).toBe(false);
    expect(guarded({ animals: ['shrimp'] })).toBe(true);
    expect(guarded({ animals: ['shrimp'], schools: never })).toBe(false);
    expect(guarded({ animals: ['fry'], schools: never })).toBe(true);
    expect(guarded({ floatingPlants: true })).toBe(true);
  });

  it('is not made for a body that is too small for any, or has no place for media', () => {
    const filter = filterOf('composed');
    const thin = { ...filter, chambers: filter.chambers.map((chamber) => ({ ...chamber, depth: 0.006 })) };
    expect(ask(thin)).toEqual([]);
    expect(ask({ ...filter, chambers: [] })).toEqual([]);
    // A sponge on the intake alone is no pack.
    const slots = filterOf('hang-on-back-cartridge');
    const shallow = { ...slots, chambers: slots.chambers.map((chamber) => ({ ...chamber, depth: 0.006 })) };
    expect(ask(shallow, { animals: ['shrimp'] })).toEqual([]);
  });
});
