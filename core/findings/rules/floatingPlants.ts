import { intakeSponge } from '../../filter/intakeSponge';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * Floating plants over a bare strainer: their leaves and roots lie on it and starve the pump.
 *
 * @source common practice, no source
 */
export const floatingPlants = defineRule({
  id: 'floating-plants',
  question: 'clogs',
  levels: ['check', 'note'],
  school: 'intakeSponge',
  judge: ({ tank, filter, schools, inFlow, isReached }) => {
    const sponge = intakeSponge(filter);
    const isGuarded =
      sponge !== null && (!isReached(sponge) || inFlow.some(({ chamber }) => chamber === sponge));
    if (!tank.litter.floating || filter.kind === 'internal-sponge' || isGuarded) return [];
    return [
      {
        level: schools.intakeSponge === 'never' ? 'note' : 'check',
        effect: 0.2,
        title: sentence`Floating plants, but no sponge on the intake.`,
        reason:
          schools.intakeSponge === 'never'
            ? sentence`This is your choice: leaves and roots cover the bare strainer and hold the water back. Clear the strainer every week.`
            : sentence`Leaves and roots cover the bare strainer and hold the water back. Fit a coarse sponge, or clear the strainer every week.`,
        layers: [],
      },
    ];
  },
});
