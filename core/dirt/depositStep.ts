import { captureFraction } from './captureFraction';

/** One step of a slice that fills and rots: the deposit after it, and what was caught and what rotted, all shares. */
export interface DepositStep {
  deposit: number;
  caught: number;
  rotted: number;
}

/**
 * Deposit of a slice after a time, exactly, while what comes to it stays the same:
 * dσ/dt = B(σ_u − σ) − kσ.
 *
 * @param before deposit, share of the bed
 * @param ultimate deposit at which nothing sticks any more, σ_u
 * @param rate what is caught at the deposit that leaves `free`, share of the bed a day, R
 * @param free what would still fit there, share of the bed; before the step, or in the middle of it
 * @param decay share that rots in a day, k
 * @param days length of the step
 * @param into the answer is written here: a simulation asks at every slice and step
 * @source Maroudas & Eisenklam 1965 (Chem. Eng. Sci. 20, 867) for the ultimate deposit; linear in σ, so that it is
 *   solved in closed form: B = R/free, σ_eq = Bσ_u/(B+k).
 */
export function depositStep(
  before: number,
  ultimate: number,
  rate: number,
  free: number,
  decay: number,
  days: number,
  into: DepositStep = { deposit: 0, caught: 0, rotted: 0 },
): DepositStep {
  const filling = free > 0 ? rate / free : 0;
  const speed = filling + decay;
  if (speed * days < 1e-12) {
    into.deposit = before + rate * days;
    into.caught = rate * days;
    into.rotted = 0;
    return into;
  }
  const settled = (filling * ultimate) / speed;
  const gone = captureFraction(speed * days);
  into.deposit = settled + (before - settled) * (1 - gone);
  into.rotted = decay * (settled * days + ((before - settled) * gone) / speed);
  into.caught = into.deposit - before + into.rotted;
  return into;
}
