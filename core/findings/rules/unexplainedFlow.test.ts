import { describe, expect, it } from 'vitest';
import { presetFilter } from '../../filter/presetFilter';
import { cleanFlow } from '../../hydraulics/cleanFlowFit';
import { plainLayer } from '../../layers/plainLayer';
import { aloneOn } from '../../report/surroundings';
import { evaluatePack } from '../../report/evaluatePack';
import { newTank } from '../../tank/newTank';
import { formatSentence } from '../../units/sentence';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('a', 'foam-30', 'tray-4', 0.08)];
const tank = newTank('t', 'Test', 0.2);
const report = (share: number | null) => {
  const around = { ...aloneOn(tank), filter, layers, flow: null };
  const predicted = evaluatePack(around).water.flow;
  const measured = share === null ? null : predicted * share;
  return evaluatePack({ ...around, cleanFlow: cleanFlow(filter, layers, tank.temperature, measured) });
};
const saidOf = (share: number | null): string =>
  report(share)
    .findings.filter(({ rule }) => rule === 'unexplained-flow')
    .map(({ title, reason }) => `${formatSentence(title)} ${formatSentence(reason)}`)
    .join();

describe('a flow timed with the clean pack', () => {
  it('says nothing where it agrees, or what was assumed explains it', () => {
    expect([null, 1, 0.95, 1.1].map(saidOf)).toEqual(['', '', '', '']);
  });

  // Common practice, no source: a half-closed tap or a furred hose first; more than the label allows is a wrong entry.
  it('names what likely takes the flow, or the entry that is likely wrong', () => {
    expect(saidOf(0.3)).toMatch(/half-closed tap, a slimy hose or a dirty impeller/);
    expect(saidOf(3)).toMatch(/size of the jug, the flow on the label, the bore of the hoses/);
    expect(saidOf(3)).toMatch(/^You measured [\d,]+ L\/h with the clean pack; [\d,]+ L\/h was predicted\./);
  });
});
