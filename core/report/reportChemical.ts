import type { Added } from '../chemical/additions';
import { carbonLife } from '../chemical/carbonLife';
import { organicsAdded } from '../chemical/organicsAdded';
import { clearingTimes, SOLUTES, takenPerPass, takesTint, type Solute } from '../chemical/contact';
import { zeoliteHolds, zeoliteLife } from '../chemical/zeoliteHolds';
import { nitrogenPerDay } from '../biology/nitrogenPerDay';
import { LIMITS } from '../biology/nitrifiers';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { mediumLife } from '../practice/mediaLives';
import { feedPerDay, type Range } from '../tank/feedPerDay';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import type { PackInput, PackReport } from './evaluatePack';
import { daysBetween } from '../units/daysBetween';

/** What a chemical layer does for the water, and for how long. Times s, lives days. */
export interface LayerChemical {
  readonly layerId: string;
  /** Bed volume over the flow through it; null where nothing goes through. */
  readonly contact: number | null;
  /** Time until half of it is out of the tank; null for media that do not take it. */
  readonly half: Readonly<Record<Solute, Range>> | null;
  /** Days from new until it is spent, by load or by date; null: nothing says. */
  readonly life: Range | null;
  /** What that life hangs on. */
  readonly lifeBy: 'load' | 'date' | 'ammonia';
  /** Of that, days left; null while nobody knows since when it is in. */
  readonly left: Range | null;
  /** True where wood or medicine that was put into the tank shortens it. */
  readonly shortened: boolean;
  /** Ammonia nitrogen that zeolite holds at the limit of the water, kg; null for others. */
  readonly holds: Range | null;
}

/** Carbon in a disposable cartridge, share of its dry mass (calibrated). */
const CARBON_IN_CARTRIDGE = 0.5;
/** A life that is shorter than this share of the plain one is said to be shortened. */
const NOTICED = 0.95;

/**
 * Contact, half-lives and days left of every chemical layer, in flow order. Apart from the report, since few look at it.
 *
 * @param report of the same pack, of today or of a day ahead
 */
export function reportChemical(
  { tank, filter, layers, added, now }: PackInput,
  report: PackReport,
): LayerChemical[] {
  const volume = netVolume(tank.water).value;
  const { flow } = report.water;
  return placeLayers(filter, layers)
    .filter(({ medium, role }) => role === 'chemical' || medium.family === 'cartridge')
    .map((placed) => {
      const { layer, medium } = placed;
      const { bedTime, passThrough } = report.layers.find(({ layerId }) => layerId === layer.id)!;
      const through = flow * passThrough;
      const { life, lifeBy, shortened } = lifeOf(placed, tank, volume, added, now);
      const days =
        layer.installedOn === null || now === null ? null : Math.max(0, daysBetween(layer.installedOn, now));
      const half =
        takesTint(medium) && bedTime !== null && bedTime > 0
          ? (Object.fromEntries(
              SOLUTES.map((solute) => {
                const taken = takenPerPass(bedTime, solute, medium.supply !== 'loose');
                const after = (share: number): number => clearingTimes(volume, through * share).half;
                return [
                  solute,
                  { low: after(taken.high), likely: after(taken.likely), high: after(taken.low) },
                ];
              }),
            ) as Record<Solute, Range>)
          : null;
      return {
        layerId: layer.id,
        contact: bedTime,
        half,
        life,
        lifeBy,
        shortened,
        left:
          life === null || days === null
            ? null
            : {
                low: Math.max(0, life.low - days),
                likely: Math.max(0, life.likely - days),
                high: Math.max(0, life.high - days),
              },
        holds:
          medium.family === 'zeolite'
            ? zeoliteHolds(placed.measure.dryMass, LIMITS.ammonia, tank.generalHardness)
            : null,
      };
    });
}

/**
 * For how long a chemical layer works from new: by what is fed where that is known, else by date. Carbon that nobody knows
 * the date of is looked at as if it went in now.
 */
function lifeOf(
  { layer, medium, measure }: PlacedLayer,
  tank: Tank,
  volume: number,
  added: readonly Added[],
  now: string | null,
): Pick<LayerChemical, 'life' | 'lifeBy' | 'shortened'> {
  const food = feedPerDay(tank.feed);
  const byDate = mediumLife(medium);
  const dated = byDate === null ? null : { low: byDate, likely: byDate, high: byDate };
  if (medium.family === 'zeolite') {
    const load = nitrogenPerDay(tank);
    const life =
      load === null ? null : zeoliteLife(measure.dryMass, LIMITS.ammonia, tank.generalHardness, load.likely);
    return { life, lifeBy: 'ammonia', shortened: false };
  }
  if (food === null || (medium.family !== 'carbon' && medium.family !== 'cartridge'))
    return { life: dated, lifeBy: 'date', shortened: false };
  const carbon = measure.dryMass * (medium.family === 'cartridge' ? CARBON_IN_CARTRIDGE : 1);
  const since = layer.installedOn ?? now;
  const sources = since === null ? [] : organicsAdded(added, since, volume);
  const [soon, likely, late] = [food.high, food.likely, food.low].map((fed) =>
    carbonLife(carbon, fed, sources),
  );
  if (soon == null || likely == null || late == null)
    return { life: dated, lifeBy: 'date', shortened: false };
  const life = { low: soon.low, likely: likely.likely, high: late.high };
  const plain = carbonLife(carbon, food.likely);
  return { life, lifeBy: 'load', shortened: plain !== null && life.likely < NOTICED * plain.likely };
}
