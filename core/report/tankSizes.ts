import { turnoverBand } from '../practice/turnoverBand';
import type { Animal } from '../tank/tank';
import type { PackReport } from './evaluatePack';

/** The schools that put a number to how large a tank a filter is enough for. */
export type SizingSchool = 'media weight' | 'turnover' | 'food';

/** The tank a pack is enough for by one school, m³; null where it has no figure. */
export interface TankSize {
  readonly school: SizingSchool;
  readonly low: number | null;
  readonly high: number | null;
  /** What the school counts. */
  readonly counts: string;
}

/**
 * How large a tank a pack is enough for by each school, side by side: each counts something else, and they are never
 * averaged.
 *
 * @source media by weight and turnover: common practice, no source; food: the bacteria’s cover times the tank, fed as
 *   densely as today.
 */
export function tankSizes(report: PackReport, animals: readonly Animal[]): readonly TankSize[] {
  const { sizing, water, bacteria } = report;
  const { tankVolume } = sizing;
  const band = turnoverBand(tankVolume, animals);
  const weighed = sizing.weighedMass > 0;
  return [
    {
      school: 'media weight',
      low: weighed ? sizing.heavyStockVolume : null,
      high: weighed ? sizing.normalStockVolume : null,
      counts: weighed
        ? 'the weight of porous media. The smaller figure is for messy eaters and large fish, the larger for small community fish'
        : 'the weight of porous media. There is none in this pack; foam and plastic are not counted',
    },
    {
      school: 'turnover',
      low: water.flow / band.high,
      high: water.flow / band.low,
      counts: `how often the water goes through the filter, whatever the media. The range is ${band.why}`,
    },
    {
      school: 'food',
      low: bacteria === null ? null : bacteria.withTank.low * tankVolume,
      high: bacteria === null ? null : bacteria.withTank.high * tankVolume,
      counts:
        bacteria === null
          ? 'the ammonia from the food. The daily food is 0'
          : 'the ammonia from the food against what the bacteria can take up, at today’s feeding per litre',
    },
  ];
}
