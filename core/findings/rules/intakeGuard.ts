import { intakeSponge } from '@/core/filter/intakeSponge';
import { intakeVelocity } from '../../hydraulics/intakeVelocity';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * Fry and shrimp end in the filter where no sponge guards the intake. An internal sponge is its own guard.
 *
 * @source common practice, no source; speeds from `intakeVelocity.ts`
 */
export const intakeGuard = defineRule({
  id: 'intake-guard',
  question: 'through',
  levels: ['check', 'note'],
  school: 'intakeSponge',
  judge: ({ tank, filter, schools, water, inFlow, isReached }) => {
    const small = tank.animals.filter((animal) => animal === 'fry' || animal === 'shrimp');
    const sponge = intakeSponge(filter);
    // A place for a sponge guards nobody.
    const isGuarded =
      sponge !== null && (!isReached(sponge) || inFlow.some(({ chamber }) => chamber === sponge));
    if (small.length === 0 || filter.kind === 'internal-sponge' || isGuarded) return [];
    const intake = intakeVelocity(filter, water.flow, tank.animals);
    // Nobody keeps fry in a show tank: there the sponge is not a matter of taste.
    const taste = schools.intakeSponge === 'never' && !small.includes('fry');
    return [
      {
        level: taste ? 'note' : 'check',
        effect: 0.4,
        title: sentence`${small.join(' and ').replace(/^./, (first) => first.toUpperCase())}, but no sponge on the intake.`,
        reason: sentence`They can be sucked in: the water at the strainer moves at about ${{ kind: 'speed', si: intake.speed }} and they can cope with ${{ kind: 'speed', si: intake.limit }}. Fit a coarse sponge with ${{ kind: 'area', si: intake.areaNeeded }} of surface. Check it every week, because a clogged sponge starves the pump.`,
        layers: [],
      },
    ];
  },
});
