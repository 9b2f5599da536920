import type { Added } from '../tank/additions';
import { carbonDue, isCarbon } from '../chemical/carbonDue';
import { clearingTimes, SOLUTES, removalPerPass, takesTint, type Solute } from '../chemical/contact';
import { zeoliteHolds, zeoliteLife } from '../chemical/zeoliteHolds';
import { nitrogenPerDay } from '../biology/nitrogenPerDay';
import { LIMITS } from '../biology/nitrifiers';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { mediumLife } from '../practice/mediaLives';
import type { Range } from '../maths/range';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import type { PackReport } from './evaluatePack';
import type { PackInput } from './packMeasures';
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
  /** What that life depends on. */
  readonly lifeBy: 'load' | 'longest' | 'usual' | 'date' | 'ammonia';
  /** Of that, days left; null while the date it went in is unknown. */
  readonly left: Range | null;
  /** True where wood or medicine that was put into the tank shortens it. */
  readonly shortened: boolean;
  /** Ammonia nitrogen that zeolite holds at the limit of the water, kg; null for others. */
  readonly holds: Range | null;
}

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
      const { life, lifeBy, shortened } = lifeOf(placed, tank, added, now);
      const days =
        layer.installedOn === null || now === null ? null : Math.max(0, daysBetween(layer.installedOn, now));
      const half =
        takesTint(medium) && bedTime !== null && bedTime > 0
          ? (Object.fromEntries(
              SOLUTES.map((solute) => {
                const taken = removalPerPass(bedTime, solute, medium.supply !== 'loose');
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

/** For how long a chemical layer works from new: zeolite by the ammonia, carbon by {@link carbonDue}, others by date. */
function lifeOf(
  placed: PlacedLayer,
  tank: Tank,
  added: readonly Added[],
  now: string | null,
): Pick<LayerChemical, 'life' | 'lifeBy' | 'shortened'> {
  const { medium, measure } = placed;
  if (medium.family === 'zeolite') {
    const life = zeoliteLife(
      measure.dryMass,
      LIMITS.ammonia,
      tank.generalHardness,
      nitrogenPerDay(tank).likely,
    );
    return { life, lifeBy: 'ammonia', shortened: false };
  }
  if (isCarbon(medium)) {
    const { by, shortened, ...life } = carbonDue(placed, { tank, added, now });
    return { life, lifeBy: by, shortened };
  }
  const days = mediumLife(medium);
  return {
    life: days === null ? null : { low: days, likely: days, high: days },
    lifeBy: 'date',
    shortened: false,
  };
}
