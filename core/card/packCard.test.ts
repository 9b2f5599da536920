import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { packCard } from './packCard';

const filterOf = (kind: FilterKind): Filter => presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
const firstBody = ({ chambers }: Filter): string => chambers.find(({ where }) => where === 'body')!.id;
const packOf = (filter: Filter): Layer[] => [
  plainLayer('coarse', 'foam-15', firstBody(filter), 0.02),
  plainLayer('stone', 'lava', firstBody(filter), 0.02),
];

describe('the pack card', () => {
  const filter = filterOf('canister-down-flow');
  const layers = packOf(filter);
  const card = (change: object = {}) =>
    packCard({
      filter,
      tank: 'Test tank',
      assumedFood: null,
      spares: [],
      layers,
      packedAt: '2026-11-25T14:00:00Z',
      clean: 1e-4,
      visits: 'working',
      lampFrom: null,
      ...change,
    });

  it('lists the layers in packing order with their place in flow order', () => {
    expect(card().layers.map(({ layerId, flowNumber }) => [layerId, flowNumber])).toEqual([
      ['stone', 2],
      ['coarse', 1],
    ]);
  });

  it('says at which flow service is due, and how long a jug then takes', () => {
    // By hand: 60 % of 0.1 L/s is 0.06 L/s; two litres take 33.3 s.
    expect(card().flow?.service?.flow).toBeCloseTo(6e-5, 12);
    expect(card().flow?.service?.jugSeconds).toBeCloseTo(33.33, 2);
    expect(card({ clean: null }).flow).toBeNull();
  });

  it('gives no such flow where water goes past what holds it back', () => {
    const hang = filterOf('hang-on-back-basket');
    expect(card({ filter: hang, layers: packOf(hang) }).flow).toEqual({ clean: 1e-4, service: null });
  });

  it('has the visits that are told, and of each layer the first work', () => {
    const visit = (on: string, inDays: number) => ({
      ...{ on, inDays, minutes: 20 },
      works: [{ layerId: 'coarse', work: 'squeeze' as const }],
    });
    const made = card({ visits: [visit('2026-12-25', 29), visit('2027-02-23', 89)] });
    expect(made.layers.map(({ due }) => due)).toEqual([null, { on: '2026-12-25', work: 'squeeze' }]);
    expect(made.visits).toMatchObject([
      { on: '2026-12-25', isOverdue: false, works: [{ work: 'squeeze', layers: [1] }] },
      { on: '2027-02-23' },
    ]);
    expect(card({ visits: [visit('2026-11-20', -6)] }).visits).toMatchObject([{ isOverdue: true }]);
    expect(card().visits).toBe('working');
  });

  it('carries the cautions of its kind', () => {
    expect(card().cautions.join(' ')).toMatch(/siphon.*heavy/);
    expect(
      packCard({
        filter: filterOf('hang-on-back-basket'),
        tank: '',
        assumedFood: null,
        spares: [],
        layers: [],
        packedAt: '2026-11-25T14:00:00Z',
        clean: null,
        visits: 'working',
        lampFrom: null,
      }).cautions.join(' '),
    ).toMatch(/intake tube/);
  });
});
