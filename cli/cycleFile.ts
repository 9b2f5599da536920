import type { Start } from '@/core/biology/matureFilm';
import { SAMPLES } from '@/core/biology/cycleCourse';
import { swapCourse, swapDays } from '@/core/biology/swapCourse';
import { withoutPieces } from '@/core/report/swapPieces';
import { packCycle, tankBiology } from '@/core/report/tankBiology';
import { assumedFood } from '@/core/tank/feedPerDay';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import { fittingPacks } from './fittingPacks';

/**
 * Ammonia, nitrite and nitrate of a tank that is started with each pack of a file, and through the swap that the filter is
 * in, as plain data: what `neat cycle` prints. kg N/m³, four times a day; other filters on the tank are not in the file
 * and are left out.
 *
 * @returns null where nothing is fed
 */
export function cycleFile(file: NeatLayerFile, start: Start, days: number) {
  const { tank, filter } = file;
  const { fitting, leftOut } = fittingPacks(file);
  const cycles = fitting.map(({ id, role, name, layers }) => {
    const pack = { tank, filter, layers, others: [], now: null };
    const found = packCycle(pack, start, days);
    const biology = tankBiology(pack);
    if (found === null || biology === null) return null;
    const { swap } = filter;
    const swapped =
      swap === null
        ? null
        : swapCourse(withoutPieces(biology, swap.pieces), swap.pieces, swap.stages, swapDays(swap.stages));
    return {
      id,
      role,
      name,
      ammonia: [...found.ammonia],
      nitrite: [...found.nitrite],
      nitrate: [...found.nitrate],
      swap:
        swapped === null
          ? null
          : {
              ammonia: [...swapped.ammonia],
              nitrite: [...swapped.nitrite],
              nitrate: [...swapped.nitrate],
            },
    };
  });
  return cycles.some((found) => found === null)
    ? null
    : {
        tank: tank.name,
        filter: filter.name,
        assumedFood: assumedFood(tank),
        start,
        days,
        samplesADay: SAMPLES,
        leftOut,
        packs: cycles.filter((found) => found !== null),
      };
}
