import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_HOSES } from '../filter/usualHoses';
import { fluidAt } from './fluid';
import { hoseHead, shareOut, type Branch } from './hoseHead';

const fluid = fluidAt(25);
const hoses = USUAL_HOSES;
const branch = fc.record({
  length: fc.double({ min: 0.1, max: 6, noNaN: true }),
  fittings: fc.double({ min: 0.5, max: 40, noNaN: true }),
});
const headOf = (item: Branch, flow: number): number => shareOut(hoses, [item], flow, fluid).head;

describe('hoses side by side', () => {
  // Continuity and one head for all: the definition of pipes in parallel.
  it('lose the same head in every branch, and carry the whole flow between them', () => {
    fc.assert(
      fc.property(
        fc.array(branch, { minLength: 2, maxLength: 4 }),
        fc.double({ min: 1e-7, max: 2e-3, noNaN: true }),
        (branches, flow) => {
          const { head, flows } = shareOut(hoses, branches, flow, fluid);
          expect(flows.reduce((sum, part) => sum + part, 0) / flow).toBeCloseTo(1, 7);
          branches.forEach((item, index) => {
            expect(headOf(item, flows[index] ?? 0) / head).toBeCloseTo(1, 6);
          });
        },
      ),
    );
  });

  it('answer the same whatever was asked before', () => {
    const line = {
      hoses,
      intakes: [{ length: 1.2, fittings: 4 }],
      outlets: [
        { length: 0.5, fittings: 3 },
        { length: 3, fittings: 6 },
      ],
    };
    const asked = hoseHead(line, fluid);
    for (const flow of [0, 1e-3, 1e-6, 3e-4]) asked(flow);
    expect(asked(2e-4) / hoseHead(line, fluid)(2e-4)).toBeCloseTo(1, 9);
    expect(asked(0)).toBe(0);
  });
});
