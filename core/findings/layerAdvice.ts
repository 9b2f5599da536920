import { MAX_LEAVING_SHARE } from '../practice/leavingShare';
import { sentence, type Sentence } from '../units/sentence';
import type { Finding } from './finding';
import type { Schools } from './schools';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Layer, Treatment } from '../layers/layer';
import { isUsedUpByDate } from '../practice/mediaLives';
import { canBeCut } from '../media/handling';
import { hasRole } from '../media/hasRole';
import type { Medium } from '../media/medium';
import { sumOf } from '../maths/sum';

/** What to do with a layer that came out, and why. */
export interface LayerAdvice {
  readonly layerId: string;
  readonly treatment: Treatment;
  readonly reason: Sentence;
}

/**
 * Advice for every layer of a stripped pack, in flow order. Mature media is never all discarded at once: what has to go
 * and holds more than half of the surface for bacteria is retired in stages.
 *
 * @param findings what the rules say of the same pack: what stands in the wrong place is moved
 * @param schools where the keeper stands on cleaning
 * @source judgement of the trade (common practice, no source)
 */
export function layerAdvice(
  inFlow: readonly PlacedLayer[],
  findings: readonly Finding[],
  schools: Schools,
): LayerAdvice[] {
  const surface = sumOf(inFlow, (placed) => placed.measure.surface);
  const gone = inFlow.filter((item) => mustGo(item));
  const goneShare = surface === 0 ? 0 : sumOf(gone, (candidate) => candidate.measure.surface) / surface;
  const misplaced = new Map(
    findings.flatMap((finding) => (finding.moves ?? []).map((id) => [id, finding] as const)),
  );
  return inFlow.map((one) => ({
    layerId: one.layer.id,
    ...adviceFor(one, goneShare, misplaced.get(one.layer.id) ?? null, schools),
  }));
}

/** Full of dirt; a dusting costs nothing yet. */
const isDirty = ({ dirt }: Layer): boolean => dirt === 'loaded' || dirt === 'blocked';

/** Worn out: it smells foul, crumbles, or is full and cannot be cleaned. */
const mustGo = ({ layer, medium }: PlacedLayer): boolean =>
  layer.signs.includes('foul') ||
  layer.signs.includes('brittle') ||
  (medium.service === 'replace' && isDirty(layer));

function adviceFor(
  placed: PlacedLayer,
  goneShare: number,
  misplaced: Finding | null,
  schools: Schools,
): Omit<LayerAdvice, 'layerId'> {
  const { layer, medium, measure } = placed;
  if (mustGo(placed)) {
    const why = layer.signs.includes('foul')
      ? 'It smells bad.'
      : layer.signs.includes('brittle')
        ? 'It crumbles.'
        : 'It is used up. This kind is replaced, not cleaned.';
    if (goneShare > MAX_LEAVING_SHARE && hasRole(medium, 'biological'))
      return {
        treatment: 'replace in stages',
        reason: sentence`${why} The media to replace holds ${{ kind: 'share', si: goneShare }} of the surface for bacteria. Replace it in parts, a few weeks apart.`,
      };
    return { treatment: 'throw away', reason: sentence`${why} Enough mature media stays.` };
  }
  if (measure.wallGap > 0 && canBeCut(medium))
    return {
      treatment: 'cut',
      reason: sentence`It leaves a gap of ${{ kind: 'gap', si: measure.wallGap }} at the wall. Cut a new one, and keep this one to fill a gap or a smaller chamber.`,
    };
  if (layer.signs.includes('damaged') && canBeCut(medium))
    return {
      treatment: 'cut',
      reason: sentence`It is torn and lets water past. Cut a new one, or trim this one to the undamaged part.`,
    };
  const clean = cleaning(placed, schools);
  if (misplaced === null) return clean;
  return {
    treatment: 'move',
    reason: sentence`${misplaced.title} ${clean.treatment === 'keep' ? '' : clean.reason}`,
  };
}

/** Nothing wrong with it: clean it no more than it needs. */
function cleaning({ layer, medium }: PlacedLayer, schools: Schools): Omit<LayerAdvice, 'layerId'> {
  if (layer.dirt === null)
    return { treatment: 'keep', reason: sentence`Not checked yet. Enter how dirty it is.` };
  if (!isDirty(layer)) return { treatment: 'keep', reason: keptFor(medium) };
  if (medium.service === 'squeeze') return { treatment: 'squeeze', reason: squeezing(schools) };
  if (medium.service === 'recharge')
    return {
      treatment: 'recharge',
      reason:
        medium.family === 'zeolite'
          ? sentence`Leave it in salt water for a day, then rinse out all the salt before you put it back.`
          : sentence`Recharge it as its maker says, and rinse it thoroughly before you put it back.`,
    };
  return { treatment: 'rinse', reason: swishing(layer, medium) };
}

/** Why a layer that is not dirty goes back as it is. */
function keptFor(medium: Medium): Sentence {
  if (isUsedUpByDate(medium))
    return sentence`Put it back until its days are over: ${medium.service === 'recharge' ? 'then recharge it' : 'then replace it'}.`;
  if (medium.service === 'replace') return sentence`Put it back as it is: it is not full yet.`;
  return sentence`Put it back as it is. The brown coating is living bacteria and does not slow the flow.`;
}

/** How foam is cleaned, by the keeper’s schools of hands and of water. */
function squeezing({ foamCleaning, rinseWater }: Schools): Sentence {
  const water = rinseWater === 'tank water' ? 'old tank water' : 'old tank water, or under the tap';
  return foamCleaning === 'gently'
    ? sentence`Squeeze it a few times in ${water} until little dirt comes out. Do not clean everything on the same day.`
    : sentence`Wring it in ${water} until the water runs clear. It loses more dirt and more bacteria. Do not clean everything on the same day.`;
}

/** How media that cannot be squeezed are cleaned; only porous mineral has pores to lose. */
function swishing({ dirt }: Layer, { family }: Medium): Sentence {
  if (family !== 'porous mineral')
    return sentence`Swish it gently in old tank water. Hard rinsing washes the bacteria off its smooth surface.`;
  return dirt === 'blocked'
    ? sentence`Swish it in old tank water, one bag or section a week. Silt in the pores starves the bacteria, but rinsing it all at once washes them away.`
    : sentence`Swish it once in old tank water. It cannot be squeezed.`;
}
