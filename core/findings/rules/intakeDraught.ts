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
      title: sentence`The water at the sponge’s face is too fast for ${intake.weakest === 'still water' ? 'animals of still water' : intake.weakest}.`,
      reason: sentence`${{ kind: 'speed', si: intake.speed }} there, and they hold out against about ${{ kind: 'speed', si: intake.limit }}. A face of ${{ kind: 'area', si: intake.areaNeeded }} instead of ${{ kind: 'area', si: intake.area }} brings it down.`,
      layers: [],
    },
  ];
};
