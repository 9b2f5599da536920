import type { Tank } from '@/core/tank/tank';

/** What a part of the form about the tank is given. */
export interface TankPart {
  readonly tank: Tank;
  readonly onChange: (change: Partial<Tank>) => void;
}
