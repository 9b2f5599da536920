import { DAYS_A_WEEK } from '../units/time';
import { capacityOfFilms } from '../biology/bacteriaCover';
import { coverLimits, type CoverLimit } from '../biology/coverLimits';
import { liveSurface } from '../biology/layerHome';
import { nitrateBalance, type NitrateBalance } from '../biology/nitrateBalance';
import { CARBONATE_PER_DEGREE, CARBONATE_PER_NITROGEN } from '../biology/stoichiometry';
import { usableSurface } from '../layers/usableSurface';
import { mediumById } from '../media/catalogue';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import type { ReportBacteria } from './reportBacteria';

/** What stands behind a cover: what limits it, and what the bacteria do to the water. */
export interface BacteriaDetails {
  readonly limit: CoverLimit;
  /** Cover with the limit lifted; where it is the surface, with a litre more of foam. */
  readonly lifted: number;
  /** Carbonate hardness used up in a week, German degrees. */
  readonly carbonatePerWeek: number;
  readonly nitrate: NitrateBalance;
}

/** A litre more of medium foam: what a keeper can always add, by room or by a second filter. */
const MORE_FOAM = { medium: 'foam-30', volume: 1e-3 } as const;

/** The details of a report on bacteria. Apart from it, since few look at them and every change of a pack asks for the rest. */
export function bacteriaDetails(
  tank: Tank,
  { homes, outsideSurface, oxygen, load }: ReportBacteria,
): BacteriaDetails {
  const celsius = tank.temperature;
  const volume = netVolume(tank.water).value;
  const { limit, lifted } = coverLimits(homes, outsideSurface, oxygen, celsius);
  const foam = usableSurface(mediumById(MORE_FOAM.medium), MORE_FOAM.volume).likely;
  const withFoam = [
    ...homes.map((home) => ({ surface: liveSurface(home), oxygen: home.oxygen })),
    { surface: foam + outsideSurface, oxygen },
  ];
  const more = Math.min(
    ...(['ammonia', 'nitrite'] as const).map((key) => capacityOfFilms(key, withFoam, celsius)),
  );
  return {
    limit,
    lifted: (limit === 'surface' ? more : lifted[limit]) / load.likely,
    carbonatePerWeek: (load.likely * CARBONATE_PER_NITROGEN * DAYS_A_WEEK) / (volume * CARBONATE_PER_DEGREE),
    nitrate: nitrateBalance(load, volume, tank.plants, tank.routine),
  };
}
