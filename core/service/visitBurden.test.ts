import { describe, expect, it } from 'vitest';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { intakeSponge } from '../filter/intakeSponge';
import { presetFilter } from '../filter/presetFilter';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { visitBurden } from './visitBurden';

/*
 * By hand, from the minutes of common practice (no source): 20 to open and close a canister, 6 any other filter, 2 for each
 * thing that is lifted, 4 for each layer or part in hand.
 */
const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const inCanister = placeLayers(canister, [
  plainLayer('top', 'foam-15', 'tray-4', 0.04),
  plainLayer('same', 'foam-30', 'tray-4', 0.04),
  plainLayer('low', 'lava', 'tray-3', 0.05),
]);
const hang = addIntakeSponge(presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test'));
const sponge = intakeSponge(hang)!.id;
const inHang = placeLayers(hang, [
  plainLayer('sponge', 'foam-30', sponge, 0.02),
  plainLayer('pad', 'foam-15', 'basket', 0.03),
]);

describe('visitBurden', () => {
  it('lifts once what stands in the way of two layers', () => {
    const { lifts, minutes } = visitBurden(canister, inCanister, ['top', 'same']);
    expect(lifts).toEqual(inCanister[0]!.chamber.lift);
    expect(minutes).toBe(20 + 2 * lifts.length + 2 * 4);
  });

  it('lifts more the lower a layer lies, and counts each layer and part once', () => {
    const low = visitBurden(canister, inCanister, ['low', 'low'], 2);
    expect(low.lifts.length).toBeGreaterThan(inCanister[0]!.chamber.lift.length);
    expect(low.minutes).toBe(20 + 2 * low.lifts.length + 3 * 4);
  });

  it('opens nothing for a sponge on the intake, unless something else is in hand as well', () => {
    const inTank = intakeSponge(hang)!.lift.length;
    expect(visitBurden(hang, inHang, ['sponge']).minutes).toBe(2 * inTank + 4);
    expect(visitBurden(hang, inHang, ['sponge'], 1).minutes).toBe(6 + 2 * inTank + 2 * 4);
    const both = visitBurden(hang, inHang, ['sponge', 'pad']);
    expect(both.minutes).toBe(6 + 2 * both.lifts.length + 2 * 4);
  });

  it('costs a layer that is no longer in the pack its minutes and no lift', () => {
    expect(visitBurden(canister, inCanister, ['gone'])).toEqual({ lifts: [], minutes: 24 });
    expect(visitBurden(hang, inHang, ['gone'])).toEqual({ lifts: [], minutes: 10 });
  });
});
