import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';

/*
 * What comes in the box of a new filter of each kind, as it lies there: coarse foam, rings and balls, a fine pad last; or a
 * cartridge in each slot (common practice, no source).
 */
type Row = readonly [medium: string, chamber: string, thickness: number];
const BOXES: Readonly<Partial<Record<FilterKind, readonly Row[]>>> = {
  'canister-centre-pipe': [
    ['rings-dense', 'tray-1', 0.08],
    ['foam-20', 'tray-2', 0.08],
    ['balls', 'tray-3', 0.08],
    ['balls', 'tray-4', 0.06],
    ['floss-bonded', 'tray-4', 0.02],
  ],
  'canister-side-riser': [
    ['foam-20', 'column', 0.25],
    ['rings-dense', 'tray-1', 0.08],
    ['balls', 'tray-2', 0.08],
    ['balls', 'tray-3', 0.06],
    ['floss-bonded', 'tray-3', 0.02],
  ],
  'canister-down-flow': [
    ['foam-20', 'tray-4', 0.08],
    ['rings-dense', 'tray-3', 0.08],
    ['balls', 'tray-2', 0.08],
    ['balls', 'tray-1', 0.06],
    ['floss-bonded', 'tray-1', 0.02],
  ],
  'canister-outside-in': [
    ['foam-20', 'perimeter', 0.03],
    ['rings-dense', 'tray-3', 0.08],
    ['balls', 'tray-2', 0.08],
    ['balls', 'tray-1', 0.06],
    ['floss-bonded', 'tray-1', 0.02],
  ],
  'canister-prefilter': [
    ['foam-15', 'prefilter', 0.24],
    ['foam-30', 'tray-1', 0.08],
    ['rings-dense', 'tray-2', 0.08],
    ['balls', 'tray-3', 0.06],
    ['floss-bonded', 'tray-3', 0.02],
  ],
  'hang-on-back-basket': [
    ['foam-20', 'basket', 0.05],
    ['rings-dense', 'basket', 0.03],
    ['carbon', 'basket', 0.025],
  ],
  'hang-on-back-cartridge': [
    ['cartridge', 'slot-1', 0.016],
    ['cartridge', 'slot-2', 0.016],
  ],
  'internal-sponge': [['foam-30', 'sponge', 0.025]],
  'internal-compartments': [
    ['foam-30', 'slot-1', 0.06],
    ['rings-dense', 'slot-2', 0.06],
    ['carbon', 'slot-3', 0.06],
  ],
};

/** Five times an hour through a packed filter, as a tank of its size would have, m³ for each m³/s of the label. */
const TANK_FOR_FLOW = 3600 * 0.14;
/** Food of a few small fish, kg a day for each m³ of water: a quarter of what is usual. */
const FEW_FISH = 2e-3;

describe('the pack from the box of a new filter, on few fish', () => {
  it.each(Object.keys(BOXES) as FilterKind[])('has at most one thing to check: %s', (kind) => {
    const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'F');
    const water = filter.labelFlow * TANK_FOR_FLOW;
    const layers = BOXES[kind]!.map(([medium, chamber, thickness], index) => ({
      ...plainLayer(`l${index}`, medium, chamber, thickness),
      holder: medium === 'carbon' ? ('bag' as const) : ('none' as const),
    }));
    const tank = {
      ...newTank('t', 'T', water),
      feed: { amount: { by: 'weight' as const, perDay: FEW_FISH * water }, protein: 0.4 },
    };
    const { findings } = evaluatePack({ ...aloneOn(tank), filter, layers, flow: null, found: [] });
    const found = findings
      .filter(({ level }) => level !== 'note')
      .map(({ rule, level }) => `${level} ${rule}`);
    expect(found.length, found.join(', ')).toBeLessThanOrEqual(1);
  });
});
