import { isHangOnBack } from '@/core/filter/kindFamily';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { sumOf } from '../../maths/sum';

/** From this length on one outlet does not move the whole tank, m (common practice, no source). */
const LONG_TANK_LENGTH = 1.2;
/** A tank of 120 cm on hang-on-backs alone wants about four of them: one for each 30 cm. */
const LENGTH_PER_HANG_ON_BACK = 0.3;

/**
 * Long tanks need several outlets or a circulation pump, so that dirt reaches an intake.
 *
 * @source common practice, no source
 */
export const longTank = defineRule({
  id: 'long-tank',
  question: 'through',
  levels: ['check'],
  judge: ({ tank, filter, others }) => {
    if (tank.water.how !== 'measured' || tank.water.shape.form === 'cylinder') return [];
    const { length } = tank.water.shape;
    if (length < LONG_TANK_LENGTH || tank.circulation.length > 0) return [];
    const filters = [filter, ...others];
    const outlets = sumOf(filters, (filter) => filter.outlets.length);
    const wanted = filters.every((filter) => isHangOnBack(filter.kind))
      ? Math.round(length / LENGTH_PER_HANG_ON_BACK)
      : 2;
    if (outlets >= wanted) return [];
    return [
      {
        level: 'check',
        effect: 0.3,
        title: sentence`${outlets === 1 ? 'One outlet' : `${outlets} outlets`} for ${{ kind: 'length', si: length }} of tank.`,
        reason: sentence`Dirt settles where the water is still and never reaches the intake. Fit about ${String(wanted)} outlets, or a circulation pump to move the dirt along.`,
        layers: [],
      },
    ];
  },
});
