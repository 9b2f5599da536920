import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { applyEdit } from '../pack/packEdit';
import { keepPiece } from './keepPiece';

/** Trays of 8 cm. */
const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layer = (id: string, medium: string, thickness: number, chamber = 'tray-4'): Layer =>
  plainLayer(id, medium, chamber, thickness);
const old = layer('old', 'porous-ceramic', 0.04);
const kept = (plan: readonly Layer[], piece = old) => {
  const [placed] = placeLayers(filter, [piece]);
  const result = keepPiece(placed!, placeLayers(filter, plan), ({ id }) => id.startsWith('new'));
  return {
    ...result,
    gone: result.instead.map((item) => item.layer.id),
    after: applyEdit(plan, result.edit).map(({ id }) => id),
  };
};

describe('a piece that is kept after all', () => {
  it('goes back beside what is there, where its chamber has space and nothing came in its place', () => {
    const { after, gone, fits } = kept([
      layer('foam', 'foam-30', 0.04),
      layer('lava', 'lava', 0.08, 'tray-3'),
    ]);
    expect(after).toEqual(['foam', 'old', 'lava']);
    expect([gone, fits]).toEqual([[], true]);
  });

  it('takes the place of its own medium that is new, though both would fit', () => {
    const { after, gone } = kept([layer('new', 'porous-ceramic', 0.02), layer('foam', 'foam-30', 0.02)]);
    expect(after).toEqual(['old', 'foam']);
    expect(gone).toEqual(['new']);
  });

  it('takes the place of its own medium before one of its role, and of that before any other', () => {
    const lava = layer('new lava', 'lava', 0.02);
    const ceramic = layer('new ceramic', 'porous-ceramic', 0.02);
    const foam = layer('new foam', 'foam-30', 0.02);
    expect(kept([foam, lava, ceramic]).gone).toEqual(['new ceramic']);
    expect(kept([foam, lava]).gone).toEqual(['new lava']);
    // Foam is no biological medium: it stays where there is space for both.
    expect(kept([foam]).gone).toEqual([]);
  });

  it('has as many new layers leave as its thickness needs, and none that was there', () => {
    const thick = layer('old', 'porous-ceramic', 0.07);
    const plan = [
      layer('new a', 'foam-30', 0.03),
      layer('was', 'foam-15', 0.01),
      layer('new b', 'foam-45', 0.02),
    ];
    expect(kept(plan, thick)).toMatchObject({ gone: ['new a', 'new b'], fits: true, after: ['old', 'was'] });
    expect(kept([layer('was', 'foam-15', 0.03)], thick)).toMatchObject({ gone: [], fits: false });
  });

  it('fills its chamber to the brim', () => {
    expect(kept([layer('was', 'foam-15', 0.04)]).fits).toBe(true);
    expect(kept([layer('was', 'foam-15', 0.0401)]).fits).toBe(false);
  });

  it('is whole again: what was decided of it no longer holds', () => {
    const { edit } = kept([], { ...old, treatment: 'throw away' });
    expect(applyEdit([], edit)).toEqual([{ ...old, treatment: 'keep' }]);
  });
});
