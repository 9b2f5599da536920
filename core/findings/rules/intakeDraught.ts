import { intakeVelocity } from '../../hydraulics/intakeVelocity';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * A sponge that is too small for the weakest swimmer: the water at its face still holds it fast.
 *
 * @source face velocity = flow ÷ area; the speed animals cope with is in `intakeVelocity.ts`
 */
export const intakeDraught = defineRule({
  id: 'intake-draught',
  question: 'through',
  levels: ['check'],
  judge: ({ filter, tank, water }) => {
    const intake = intakeVelocity(filter, water.flow, tank.animals);
    // Without a sponge the finding about the guard speaks already.
    if (!intake.throughSponge || intake.weakest === null || intake.speed <= intake.limit) return [];
    return [
      {
        level: 'check',
        effect: 1 - intake.limit / intake.speed,
        title: sentence`The water at the intake sponge is too fast for ${intake.weakest === 'still water' ? 'animals that need still water' : intake.weakest}.`,
        reason: sentence`It moves at ${{ kind: 'speed', si: intake.speed }}; they can cope with about ${{ kind: 'speed', si: intake.limit }}. Fit a larger sponge: ${{ kind: 'area', si: intake.areaNeeded }} of surface instead of ${{ kind: 'area', si: intake.area }}.`,
        layers: [],
      },
    ];
  },
});
