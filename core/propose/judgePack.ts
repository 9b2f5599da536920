import { MIN_DAYS_BETWEEN_VISITS } from '../practice/visitSpacing';
import { reportBacteria } from '../report/reportBacteria';
import type { Silt } from '../dirt/silt';
import { operatingPoint } from '../hydraulics/operatingPoint';
import { turnover } from '../hydraulics/turnover';
import type { Layer } from '../layers/layer';
import { isBiologicalOnly } from '../layers/layerRole';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { HORIZON } from '../pack/visitLimits';
import { lifeByDate } from '../chemical/carbonDue';
import { turnoverBand } from '../practice/turnoverBand';
import { costOnce } from '../prepare/costs';
import { visitBurden } from '../service/visitBurden';
import { netVolume } from '../tank/netVolume';
import { firstClogging, type FirstClogging } from './firstClogging';
import type { ProposeInput } from './proposeInput';
import { withRoutineOpenings } from './withRoutineOpenings';
import { SILT_DAYS } from '../dirt/silt';
import { turnoverOff, type Figures } from './objectives';
import { sumOf } from '../maths/sum';

/**
 * What a pack comes to, by one clogging of it: service and silt as the forecast has them, flow, clear water and
 * bacteria as the report has them. Cost and minutes of a year go by how often that clogging would come round.
 *
 * @param layers of the pack
 * @param change pieces cut, filled in anew or thrown away
 */
export function judgePack(input: ProposeInput, layers: readonly Layer[], change: number): Figures {
  const { around, filter } = input;
  const { tank, others, learned = null } = around;
  const volume = netVolume(tank.water).value;
  const inFlow = placeLayers(filter, layers);
  const water = operatingPoint(filter, inFlow, tank.temperature);
  const passes = new Map(water.layers.map((flow) => [flow.layerId, flow]));
  const clogging = firstClogging(
    { tank, filter, layers, others, visits: [], learned, added: around.added, now: around.now },
    SILT_DAYS,
  );
  const turned = turnover(water.flow, volume);
  const band = turnoverBand(volume, tank.animals);
  const bacteria = reportBacteria(
    { tank, others },
    inFlow,
    ({ layer }) => passes.get(layer.id)!,
    water.flow,
    { found: null, rinseWater: around.schools.rinseWater, now: null },
    siltedAfter(inFlow, clogging),
  );
  return {
    service: clogging.serviceDay ?? HORIZON,
    fines: clogging.fines,
    cover: bacteria?.withTank.likely ?? null,
    surface: sumOf(
      inFlow,
      ({ layer, measure }) => measure.surface * (passes.get(layer.id)?.passThrough ?? 0),
    ),
    turnover: turned,
    turnoverOff: turnoverOff(turned, band),
    ...yearOf(input, clogging),
    change,
  };
}

/** Silt after three months in media that are never cleaned; in all others what is there when they are cleaned. */
const siltedAfter = (inFlow: readonly PlacedLayer[], { atService, later }: FirstClogging): Silt => {
  const of = ({ layer }: PlacedLayer): Silt => (isBiologicalOnly(layer) ? later : atService);
  return {
    fullness: inFlow.map((placed, place) => of(placed).fullness[place]!),
    rots: inFlow.map((placed, place) => of(placed).rots[place]!),
  };
};

/** A year as if its first clogging came round again and again: works that fall together share a visit. */
function yearOf(
  { around, filter, shelf }: ProposeInput,
  { inFlow, serviceDay, visit, usedUpDays }: FirstClogging,
) {
  const times = new Map<number, string[]>();
  const at = (days: number, ids: readonly string[]): void => {
    if (ids.length > 0) times.set(days, [...(times.get(days) ?? []), ...ids]);
  };
  const served =
    serviceDay === null || visit === null ? null : Math.max(MIN_DAYS_BETWEEN_VISITS, Math.round(serviceDay));
  const works = new Set(served === null ? [] : visit?.works.map(({ layerId }) => layerId));
  let [cost, unpriced] = [0, 0];
  inFlow.forEach((placed, place) => {
    const { medium, layer, measure, chamber } = placed;
    const used = chamber.where === 'body' ? usedUpDays[place]! : null;
    const own =
      lifeByDate(placed, around) ?? (used === null ? null : Math.max(MIN_DAYS_BETWEEN_VISITS, used));
    // What is used up at about the time of a service is done with it.
    const early = own !== null && (served === null || own < TOGETHER_SHARE * served);
    if (early) {
      works.delete(layer.id);
      at(own, [layer.id]);
    }
    const every = early ? own : works.has(layer.id) ? served : own === null ? null : served;
    if (every === null || medium.service !== 'replace') return;
    const once = costOnce(placed, shelf);
    if (once === null) unpriced += (HORIZON / every) * measure.volume;
    else cost += (HORIZON / every) * once;
  });
  if (served !== null) at(served, [...works]);
  const each = [...times].map(([days, ids]) => ({ days, minutes: visitBurden(filter, inFlow, ids).minutes }));
  return {
    cost,
    unpriced,
    ...withRoutineOpenings(filter, {
      visits: sumOf(each, ({ days }) => HORIZON / days),
      minutes: sumOf(each, ({ days, minutes }) => (HORIZON / days) * minutes),
    }),
  };
}

/** Share of an interval that counts as together. */
const TOGETHER_SHARE = 0.7;
