import { describe, expect, it } from 'vitest';
import type { ChamberShape } from './chamberShape';
import { FilterSchema } from './filter';
import { FilterKindSchema } from './filterKind';
import { drawnSize, chamberLayout } from './chamberLayout';
import { presetFilter } from './presetFilter';
import { reshape } from './reshape';

describe('layOut', () => {
  it.each(FilterKindSchema.options)(
    'keeps the chambers of %s inside the body and, but for perimeter foams, apart',
    (kind) => {
      const { chambers, body } = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
      const boxes = chambers.map((chamber) => ({
        ...chamber.place,
        ...drawnSize(chamber),
        form: chamber.shape.form,
      }));
      for (const box of boxes) {
        expect(box.x).toBeGreaterThanOrEqual(0);
        expect(box.x + box.width).toBeLessThanOrEqual(body.width);
        expect(box.y + box.height).toBeLessThanOrEqual(body.height);
      }
      boxes.forEach((a, index) =>
        boxes.slice(index + 1).forEach((b) => {
          if (a.form === 'perimeter') return;
          const apart =
            a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;
          expect(apart, `${kind} ${index}`).toBe(true);
        }),
      );
    },
  );

  it('grows the body with a chamber', () => {
    const { kind, chambers, spill, body } = presetFilter(
      'canister-down-flow',
      { id: 'f', tankId: 't' },
      'Test',
    );
    const taller = chamberLayout(
      kind,
      chambers.map((chamber) => ({ ...chamber, depth: chamber.depth + 0.02 })),
      spill,
    );
    expect(taller.body.height).toBeCloseTo(body.height + 0.08, 9);
  });
});

describe('reshape', () => {
  const forms: ChamberShape['form'][] = ['box', 'cylinder', 'annulus', 'perimeter', 'sleeve'];
  const filter = presetFilter('canister-outside-in', { id: 'f', tankId: 't' }, 'Test');

  it('keeps a chamber valid from every form to every other', () => {
    for (const from of forms)
      for (const to of forms)
        for (const chamber of filter.chambers) {
          const turned = reshape(reshape({ ...chamber, stop: null }, from), to);
          expect(turned.shape.form).toBe(to);
          const parsed = FilterSchema.safeParse({ ...filter, ...chamberLayout(filter.kind, [turned], null) });
          expect(parsed.success ? [] : parsed.error.issues, `${from} to ${to}`).toEqual([]);
        }
  });
});
