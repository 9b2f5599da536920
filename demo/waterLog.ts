import { addMilliseconds } from 'date-fns';
import { millisecondsInDay, millisecondsInHour } from 'date-fns/constants';
import { nitrateBalance } from '@/core/biology/nitrateBalance';
import type { LogEntry } from '@/core/log/logEntry';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { netVolume } from '@/core/tank/netVolume';
import type { DemoWater } from './waters';

/** Water is tested with every fourth change, before it. */
const TEST_EVERY = 4;
/** Steps in which a test kit reads, kg N/m³: 0.05 mg/L of ammonia and nitrite, and 1 mg/L of the nitrate ion. */
const KIT = { small: 5e-5, nitrate: 1e-3 / 4.427 } as const;
/** How far a test strays from the model, as a share. */
const TEST_NOISE = 0.3;
/** An hour before the water is changed, for the test. */
const HOURS_BEFORE_CHANGE = -1;

/**
 * Water changes and tests of a water, oldest first: what the model has of ammonia, nitrite and nitrate, read off with a
 * kit.
 *
 * @param days how far back the log goes
 */
export function waterLog(
  { tank, filter, layers, daysSinceChange }: DemoWater,
  now: Date,
  days: number,
  random: () => number,
): LogEntry[] {
  const { waterChange } = tank.routine;
  const bacteria = evaluatePack({ ...aloneOn(tank), filter, layers, flow: null }).bacteria;
  if (waterChange === null || bacteria === null) return [];
  const { share, every } = waterChange;
  const nitrate =
    nitrateBalance(bacteria.load, netVolume(tank.water).value, tank.plants, tank.routine).beforeChange
      ?.likely ?? 0;
  const read = (value: number, step: number): number =>
    Math.round((value * (1 + TEST_NOISE * (2 * random() - 1))) / step) * step;
  const count = Math.floor((days - daysSinceChange) / every) + 1;
  return Array.from({ length: count }, (_, place) => count - 1 - place).flatMap((ago): LogEntry[] => {
    const common = (name: string, hours: number) => ({
      id: `${filter.id}-${name}-${ago}`,
      filterId: filter.id,
      jobId: null,
      at: addMilliseconds(
        now,
        -millisecondsInDay * (daysSinceChange + ago * every) + millisecondsInHour * hours,
      ).toISOString(),
      note: '',
    });
    const change: LogEntry = { kind: 'water change', ...common('water', 0), share, dechlorinated: true };
    if (ago % TEST_EVERY !== 0) return [change];
    return [
      {
        kind: 'test',
        ...common('test', HOURS_BEFORE_CHANGE),
        ammonia: read(bacteria.water.ammonia ?? 0, KIT.small),
        nitrite: read(bacteria.water.nitrite ?? 0, KIT.small),
        nitrate: read(nitrate, KIT.nitrate),
        pH: tank.pH,
        scale: 'nitrogen',
      },
      change,
    ];
  });
}
