import { caughtIn } from './caughtIn';

/** One step of a slice that fills and rots: the deposit after it, and what was caught and what rotted, all shares. */
export interface DepositStep {
  readonly deposit: number;
  readonly caught: number;
  readonly rotted: number;
}

/**
 * Deposit of a slice after a time, exactly, while what comes to it stays the same:
 * dσ/dt = B(σ_u − σ) − kσ.
 *
 * @param before deposit, share of the bed
 * @param ultimate deposit at which nothing sticks any more, σ_u
 * @param rate what is caught just now, share of the bed a day, R
 * @param decay share that rots in a day, k
 * @param days length of the step
 * @source Maroudas & Eisenklam 1965 and Ives 1969 for the ultimate deposit, from memory; linear in σ, so that it is
 *   solved in closed form: B = R/(σ_u−σ), σ_eq = Bσ_u/(B+k).
 */
export function depositStep(
  before: number,
  ultimate: number,
  rate: number,
  decay: number,
  days: number,
): DepositStep {
  const room = ultimate - before;
  const filling = room > 0 ? rate / room : 0;
  const speed = filling + decay;
  if (speed * days < 1e-12) return { deposit: before + rate * days, caught: rate * days, rotted: 0 };
  const settled = (filling * ultimate) / speed;
  const gone = caughtIn(speed * days);
  const deposit = settled + (before - settled) * (1 - gone);
  const rotted = decay * (settled * days + ((before - settled) * gone) / speed);
  return { deposit, caught: deposit - before + rotted, rotted };
}
