// @vitest-environment happy-dom
import { cleanup, fireEvent, render } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { FilterKindSchema } from '@/core/filter/filterKind';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { wordsFor } from '../fields/wordsFor';
import { scaleName, Vessel, vesselScale } from './Vessel';

afterEach(cleanup);

const ROOM = { width: 300, height: 400 };
const words = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });

describe('scaleName', () => {
  it('says how much smaller than life, or larger', () => {
    const perMetre = 96 / 0.0254;
    expect([perMetre / 6, perMetre / 2.4, 2 * perMetre].map((scale) => scaleName(words, scale))).toEqual([
      '1 : 6',
      '1 : 2.4',
      '2.0 : 1',
    ]);
  });
});

describe('the drawing of a filter', () => {
  it.each(FilterKindSchema.options)('of a %s fits its room and shows its layers', (kind) => {
    const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
    const body = filter.chambers.find(({ where }) => where === 'body')!;
    const layers = [plainLayer('a', 'foam-30', body.id, 0.01)];
    const report = evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null });
    const onSelect = vi.fn();
    const { container } = render(<Vessel {...{ filter, layers, report, onSelect }} room={ROOM} />);
    expect(vesselScale(filter, ROOM) * filter.body.height).toBeLessThanOrEqual(ROOM.height);
    const places = [...container.querySelectorAll('rect')].flatMap((rect) =>
      ['x', 'y', 'width', 'height'].map((name) => Number(rect.getAttribute(name) ?? 0)),
    );
    expect(places.every((place) => Number.isFinite(place))).toBe(true);
    fireEvent.click(container.querySelector('rect[fill^="url"]')!);
    expect(onSelect).toHaveBeenCalledWith('a');
  });
});
