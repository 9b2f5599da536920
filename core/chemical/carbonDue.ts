import type { Added } from '../tank/additions';
import { carbonLife } from './carbonLife';
import { organicsAdded } from './organicsAdded';
import type { Layer } from '../layers/layer';
import type { Medium } from '../media/medium';
import { isUsedUpByDate, LONGEST_CARBON, mediumLife, USUAL_CARBON } from '../practice/mediaLives';
import type { Range } from '../maths/range';
import { feedPerDay, isFoodAssumed } from '../tank/feedPerDay';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';

/** Carbon in a disposable cartridge, share of its dry mass (calibrated). */
const CARBON_IN_CARTRIDGE = 0.5;
/** A life that is shorter than this share of the plain one is shown as shortened. */
const SHORTENED_SHARE = 0.95;

/** The water that carbon works in, and when. */
export interface CarbonSurroundings {
  readonly tank: Tank;
  /** Wood, medicine and the like that were put into it. */
  readonly added: readonly Added[];
  /** ISO moment; null: time plays no part. */
  readonly now: string | null;
}

/** A piece of carbon: its layer, its medium and its dry mass, kg. */
export interface CarbonPiece {
  readonly layer: Pick<Layer, 'installedOn'>;
  readonly medium: Pick<Medium, 'family'>;
  readonly measure: { readonly dryMass: number };
}

/** When carbon is replaced, days from new, and what decided it. */
export interface CarbonDue extends Range {
  /** `load`: what is fed uses it up; `longest`: the load would let it last longer than the trade does; `usual`: the food is not entered. */
  readonly by: 'load' | 'longest' | 'usual';
  /** Wood or medicine that was put into the tank shortens it. */
  readonly shortened: boolean;
}

/** True for media whose carbon is used up. */
export const isCarbon = ({ family }: Pick<Medium, 'family'>): boolean =>
  family === 'carbon' || family === 'cartridge';

/**
 * When carbon is replaced: by what is fed, at most after 12 weeks; after 5 to 8 weeks where the food is not entered. The one
 * answer for readings, findings, plans and proposals. Carbon of which no date is known is looked at as if it went in now.
 *
 * @source {@link carbonLife} for the load; 5 to 8 weeks, at most 12 when lightly fed: common practice, no source.
 */
export function carbonDue({ layer, medium, measure }: CarbonPiece, around: CarbonSurroundings): CarbonDue {
  const { tank, added, now } = around;
  if (isFoodAssumed(tank)) return { ...USUAL_CARBON, by: 'usual', shortened: false };
  const food = feedPerDay(tank);
  const carbon = measure.dryMass * (medium.family === 'cartridge' ? CARBON_IN_CARTRIDGE : 1);
  const since = layer.installedOn ?? now;
  const sources = since === null ? [] : organicsAdded(added, since, netVolume(tank.water).value);
  const [soon, likely, late] = [food.high, food.likely, food.low].map((fed) =>
    carbonLife(carbon, fed, sources),
  );
  const most = LONGEST_CARBON;
  // With next to nothing in the water it is not the load that ends it.
  if (likely == null) return { low: most, likely: most, high: most, by: 'longest', shortened: false };
  const plain = carbonLife(carbon, food.likely);
  return {
    low: Math.min(most, soon?.low ?? most),
    likely: Math.min(most, likely.likely),
    high: Math.min(most, late?.high ?? most),
    by: likely.likely > most ? 'longest' : 'load',
    shortened: likely.likely <= most && likely.likely < SHORTENED_SHARE * (plain?.likely ?? Infinity),
  };
}

/** For how many days a piece works, by what is fed or by custom; null: time does not use it up. */
export const lifeOf = (piece: CarbonPiece, around: CarbonSurroundings): number | null =>
  piece.medium.family === 'carbon' ? carbonDue(piece, around).likely : mediumLife(piece.medium);

/** For how many days a piece works whatever dirt reaches it; null: its clogging decides. */
export const lifeByDate = (piece: CarbonPiece, around: CarbonSurroundings): number | null =>
  isUsedUpByDate(piece.medium) ? lifeOf(piece, around) : null;
