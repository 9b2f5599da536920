import type { Repacked } from '../biology/repackCourse';
import { filmSurvival } from '../job/outOfFlowClock';
import type { Layer } from '../layers/layer';
import { OUT_OF_FLOW_AIM } from '../practice/outOfFlowAim';
import { sentence, type Sentence } from '../units/sentence';

/** Share of the film lost from which on too much was changed at once (calibrated: half raises both by a step of a kit). */
const MUCH_LOST = 0.3;

/**
 * What in the record of a repack may have cost the bacteria, likeliest first: what ammonia after it is looked for in.
 *
 * @param found layers as found, each with what became of it
 * @param outOfFlow s
 */
export function lossCauses(
  { kept }: Pick<Repacked, 'kept'>,
  found: readonly Layer[],
  rinseWater: 'tank water' | 'tap water',
  outOfFlow: number,
): readonly Sentence[] {
  const rinsed = found.filter(({ treatment }) => treatment === 'rinse' || treatment === 'squeeze').length;
  return [
    ...(1 - kept > MUCH_LOST
      ? [
          sentence`Too much biological media was changed at once. About ${{ kind: 'share', si: 1 - kept }} of the bacteria were lost.`,
        ]
      : []),
    ...(rinsed > 0 && rinseWater === 'tap water'
      ? [
          sentence`${String(rinsed)} ${rinsed === 1 ? 'layer was' : 'layers were'} rinsed in tap water, and its chlorine kills bacteria. Rinse in old tank water.`,
        ]
      : []),
    ...(outOfFlow > OUT_OF_FLOW_AIM
      ? [
          sentence`The media was out of flow for ${{ kind: 'hours', si: outOfFlow }}. About ${{ kind: 'share', si: filmSurvival(outOfFlow) }} of the bacteria survived.`,
        ]
      : []),
  ];
}
