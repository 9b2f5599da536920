import { intakeVelocity } from '../../hydraulics/intakeVelocity';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';

/** A sponge that is too small for the weakest swimmer: the water at its face still holds it fast. */
export const intakeDraught: Rule = ({ filter, tank, water }) => {
  const intake = intakeVelocity(filter, water.flow, tank.animals);
  // Without a sponge the finding about the guard speaks already.
  if (!intake.throughSponge || intake.weakest === null || intake.speed <= intake.limit) return [];
  return [
    {
      rule: 'intake-draught',
      level: 'check',
      effect: 1 - intake.limit / intake.speed,
      title: sentence`The water at the intake sponge is too fast for ${intake.weakest === 'still water' ? 'animals that need still water' : intake.weakest}.`,
      reason: sentence`It moves at ${{ kind: 'speed', si: intake.speed }}; they can cope with about ${{ kind: 'speed', si: intake.limit }}. Fit a larger sponge: ${{ kind: 'area', si: intake.areaNeeded }} of surface instead of ${{ kind: 'area', si: intake.area }}.`,
      layers: [],
    },
  ];
};
