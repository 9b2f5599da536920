import type { Medium, MediumFamilySchema } from '../media/medium';
import type { z } from 'zod';

/**
 * Days after which a medium is spent or full whatever its flow says; families left out are judged by flow alone. Floss
 * and cartridges about monthly, carbon after five to eight weeks, resin looked at monthly, zeolite after weeks (common
 * practice, no source).
 */
const SPENT_AFTER: Readonly<Partial<Record<z.infer<typeof MediumFamilySchema>, number>>> = {
  floss: 30,
  cartridge: 30,
  resin: 30,
  zeolite: 28,
  carbon: 45,
};

/** After how many days a medium is changed whatever the flow says; null: it is judged by its flow alone. */
export const spentAfter = ({ family }: Pick<Medium, 'family'>): number | null => SPENT_AFTER[family] ?? null;
