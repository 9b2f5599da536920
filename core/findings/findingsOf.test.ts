import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { newTank } from '../tank/newTank';
import { FINDING_LEVELS } from './findingLevel';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [
  plainLayer('fine', 'foam-45', 'tray-4', 0.04),
  plainLayer('coarse', 'foam-15', 'tray-4', 0.04),
];
const judged = (change: Partial<PackInput> = {}) =>
  evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null, ...change }).findings;

describe('the findings of a pack', () => {
  it('are the most serious first, and of one level what has most effect first', () => {
    const findings = judged();
    const place = findings.map(({ level }) => FINDING_LEVELS.indexOf(level));
    expect(place).toEqual([...place].sort((a, b) => a - b));
    for (const level of FINDING_LEVELS) {
      const effects = findings.filter((finding) => finding.level === level).map(({ effect }) => effect);
      expect(effects).toEqual([...effects].sort((a, b) => b - a));
    }
  });

  it('of the whole pack wait until every chamber of the body is known', () => {
    const rules = (reached: readonly string[]) => judged({ reached }).map(({ rule }) => rule);
    const trays = ['tray-4', 'tray-3', 'tray-2', 'tray-1'];
    expect(rules(trays)).toContain('foam-only');
    expect(rules(trays.slice(0, 3))).not.toContain('foam-only');
    // What is wrong in a chamber that is known is found at once.
    expect(rules(['tray-4'])).toContain('grade-order');
  });

  it('name the question on which keepers disagree, and no other', () => {
    const bySchool = Object.fromEntries(judged().map((finding) => [finding.rule, finding]));
    expect(bySchool['grade-order']?.school).toBe('order');
    expect(judged().find(({ rule }) => rule === 'empty-space')?.school).toBe('fullness');
    for (const finding of judged()) if (finding.school === undefined) expect('school' in finding).toBe(false);
  });
});
