import { describe, expect, it } from 'vitest';
import { packChanges } from '../explore/whatIf';
import { bestChanges } from '../explore/bestChanges';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { CATALOGUE, mediumById } from '../media/catalogue';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { newTank } from '../tank/newTank';
import { formatSentence } from '../units/sentence';
import { DEFAULT_SCHOOLS } from './defaultSchools';
import { layerAdvice } from './layerAdvice';
import { treatmentsFor } from './treatmentsFor';

const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const inputOf = (...layers: Layer[]): PackInput => ({
  ...aloneOn(newTank('t', 'Test', 0.06)),
  filter,
  layers,
  flow: null,
});
/** Thickness and cut of a layer that some change would move. */
const sizedBy = (input: PackInput): string[] => {
  const report = evaluatePack(input);
  const remedies = report.findings.flatMap(({ remedy }) => remedy?.edit ?? []);
  const edits = [
    ...remedies,
    ...packChanges(input, report).flatMap(({ edit }) => edit ?? []),
    ...bestChanges(input, report).map(({ edit }) => edit),
  ].flatMap((edit) => (edit.type === 'all' ? edit.edits : [edit]));
  return edits.flatMap((edit) =>
    edit.type === 'set' && ('thickness' in edit.change || edit.change.cut === null) ? [edit.layerId] : [],
  );
};

// Nobody cuts a cartridge or a printed block, and nobody squeezes stone (common practice, no source).
describe('advice by the form of the medium', () => {
  it.each(['cartridge', 'printed-block', 'moulded-grid'])('never cuts, trims or widens %s', (medium) => {
    const short = { cut: { length: 0.06, width: 0.04 } };
    const input = inputOf(plainLayer('foam', 'foam-15', 'basket', 0.06), {
      ...plainLayer('piece', medium, 'basket', 0.08),
      ...short,
    });
    expect(evaluatePack(input).findings.map(({ rule }) => rule)).toEqual(
      expect.arrayContaining(['overfill', 'short-piece']),
    );
    expect(sizedBy(input)).toContain('foam');
    expect(sizedBy(input)).not.toContain('piece');
  });

  it.each(CATALOGUE.map(({ id }) => id))('treats %s as its form allows', (id) => {
    const medium = mediumById(id);
    const allowed = treatmentsFor(medium);
    expect(allowed).toEqual(expect.arrayContaining(['keep', 'rinse', 'move', 'throw away']));
    expect(allowed.includes('squeeze')).toBe(medium.family === 'foam' || medium.family === 'floss');
    for (const dirt of ['clean', 'loaded', 'blocked'] as const)
      for (const signs of [[], ['damaged'], ['foul']] as const) {
        const layer = { ...plainLayer('a', id, 'basket', 0.02), dirt, signs: [...signs] };
        const [advice] = layerAdvice(placeLayers(filter, [layer]), [], DEFAULT_SCHOOLS);
        expect(allowed).toContain(advice!.treatment);
      }
  });

  it('keeps carbon until its days are over, not for its film', () => {
    const layer = { ...plainLayer('a', 'carbon', 'basket', 0.02), dirt: 'clean' as const };
    const [advice] = layerAdvice(placeLayers(filter, [layer]), [], DEFAULT_SCHOOLS);
    expect(formatSentence(advice!.reason)).toBe('Put it back until its days are over: then replace it.');
  });
});
