import { describe, expect, it } from 'vitest';
import type { PackedStep } from '../job/job';
import type { RepackStep } from './repackStep';
import { asPlanned } from './stepEdits';
import { END_PLACE, keyAt, placeAfter, stepPlace } from './stepPlace';

const step = (key: string, layerId: string | null = null): RepackStep => ({
  key,
  layerId,
  phase: 'pack',
  title: key,
  says: [],
  caution: null,
  confirm: 'Done',
  acknowledge: false,
  seconds: null,
  asks: null,
  evidence: '',
});
const STEPS = [step('a'), step('pack/x', 'x'), step('b'), step('pack/y', 'y')];
const AT = '2026-11-27T10:00:00.000Z';
const job = (ticked: readonly string[], packed: readonly string[] = []) => ({
  ticks: ticked.map((key) => ({ key, done: true, at: AT })),
  packed: packed.map((id): PackedStep => asPlanned(id, AT)),
});

describe('stepPlace', () => {
  it('begins at the first step that is not done, or at the one that was chosen', () => {
    expect(stepPlace(STEPS, job(['a']), null)).toMatchObject({
      current: STEPS[1],
      at: 1,
      done: 1,
      layers: 2,
      layersIn: 0,
    });
    expect(stepPlace(STEPS, job(['a']), 'b').at).toBe(2);
    expect(stepPlace(STEPS, job([]), 'a step of the plan before').at).toBe(0);
  });

  it('counts a layer by what is in, not by its tick', () => {
    expect(stepPlace(STEPS, job(['pack/x']), null)).toMatchObject({ done: 0, layersIn: 0 });
    expect(stepPlace(STEPS, job([], ['x']), null)).toMatchObject({ done: 1, layersIn: 1 });
  });

  it('ends once all is done, or when the end was chosen', () => {
    expect(stepPlace(STEPS, job(['a', 'b'], ['x', 'y']), null)).toMatchObject({
      current: null,
      at: 4,
      done: 4,
    });
    expect(stepPlace(STEPS, job([]), END_PLACE).current).toBeNull();
  });
});

describe('placeAfter', () => {
  it('goes to the next that is not done, then to what was skipped, then to the end', () => {
    expect(placeAfter(STEPS, stepPlace(STEPS, job([]), 'a'))).toBe('pack/x');
    expect(placeAfter(STEPS, stepPlace(STEPS, job(['b'], ['y']), 'pack/x'))).toBe('a');
    expect(placeAfter(STEPS, stepPlace(STEPS, job(['a', 'b'], ['x']), 'pack/y'))).toBe(END_PLACE);
  });
});

describe('keyAt', () => {
  it('never leaves the list', () => {
    expect([keyAt(STEPS, -1), keyAt(STEPS, 2), keyAt(STEPS, 9)]).toEqual(['a', 'b', END_PLACE]);
  });
});
