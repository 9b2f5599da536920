import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { newLayers } from '../cut/newLayers';
import { addedShares } from '../prepare/addedShares';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { foundAs } from './foundAs';
import type { Layer } from './layer';
import { plainLayer } from './plainLayer';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const foam = plainLayer('foam', 'foam-30', 'tray-4', 0.04);
const ceramic = plainLayer('ceramic', 'porous-ceramic', 'tray-3', 0.08);
const found = [foam, ceramic];
const again = (layer: Layer, change: Partial<Layer> = {}): Layer => ({
  ...layer,
  id: `${layer.id} again`,
  ...change,
});
const idsAs = (planned: readonly Layer[], before: readonly Layer[] = found): string[] =>
  foundAs(filter, planned, before).map(({ id }) => id);

describe('foundAs', () => {
  it('knows a piece that was deleted and added again, in its place or another', () => {
    expect(idsAs([again(foam), again(ceramic)])).toEqual(['foam again', 'ceramic again']);
    expect(idsAs([again(foam, { chamber: 'tray-2' })])).toEqual(['foam again', 'ceramic']);
    expect(idsAs(found)).toEqual(['foam', 'ceramic']);
  });

  it('takes no other medium, no other size and no worn piece for it, and none twice', () => {
    expect(idsAs([again(foam, { medium: 'foam-15' })])).toEqual(['foam', 'ceramic']);
    expect(idsAs([again(foam, { thickness: 0.05 })])).toEqual(['foam', 'ceramic']);
    expect(idsAs([again(foam, { cut: { length: 0.1, width: 0.1 } })])).toEqual(['foam', 'ceramic']);
    expect(idsAs([again(foam)], [{ ...foam, signs: ['foul'] }])).toEqual(['foam']);
    expect(idsAs([again(foam)], [{ ...foam, treatment: 'throw away' }])).toEqual(['foam']);
    expect(idsAs([again(foam), again(foam, { id: 'second' })])).toEqual(['foam again', 'ceramic']);
  });

  it('keeps what came out from being bought, cut anew or counted as new to bacteria', () => {
    const planned = [again(foam), again(ceramic)];
    expect([...newLayers(filter, planned, found)]).toEqual([]);
    expect([...addedShares(filter, planned, found).values()]).toEqual([0, 0]);
    const tank = {
      ...newTank('t', 'Test', 0.2),
      feed: { amount: { by: 'weight', perDay: 1e-3 } as const, protein: 0.4 },
    };
    const report = (layers: readonly Layer[]) =>
      evaluatePack({ ...aloneOn(tank), filter, layers, flow: null, found });
    expect(report(planned).bacteria?.atOnce).toEqual(report(found).bacteria?.atOnce);
  });
});
