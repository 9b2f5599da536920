import type { Filter } from '../filter/filter';
import type { PlacedLayer } from '../layers/placedLayer';
import { sumOf } from '../maths/sum';
import { HORIZON } from '../pack/visitLimits';
import { MIN_DAYS_BETWEEN_VISITS } from '../practice/visitSpacing';
import { visitBurden } from '../service/visitBurden';
import type { PieceNumbers } from './pieceNumbers';
import { withRoutineOpenings } from './withRoutineOpenings';

/** A piece in its place, with what is known of it. */
export interface QuickPiece extends Pick<PlacedLayer, 'layer' | 'chamber'> {
  readonly numbers: Pick<PieceNumbers, 'life' | 'mechanical' | 'renewed' | 'price' | 'volume'>;
}

/** What a year with a pack takes. */
export interface QuickYear {
  readonly visits: number;
  readonly minutes: number;
  /** Of what is renewed, at the keeper’s prices, and how much of it has no price, m³. */
  readonly cost: number;
  readonly unpriced: number;
}

/**
 * A year guessed: what is renewed at the end of its life or once it is full, what is cleaned when the filter is opened for the
 * first of its layers, in whole weeks.
 *
 * @param clogs days after which each piece is full
 * @param service days after which the first mechanical piece is
 */
export function quickYear(
  filter: Filter,
  placed: readonly QuickPiece[],
  clogs: readonly number[],
  service: number,
): QuickYear {
  let [cost, unpriced] = [0, 0];
  const visits = new Map<number, string[]>();
  placed.forEach(({ layer, chamber, numbers }, index) => {
    // A sponge on the intake is changed without opening the filter.
    if (chamber.where === 'intake') return;
    const days = daysBetweenWorks(numbers, clogs[index]!, service);
    if (!Number.isFinite(days) || days >= HORIZON) return;
    const week = MIN_DAYS_BETWEEN_VISITS;
    const on = Math.max(week, Math.round(days / week) * week);
    if (on < HORIZON) visits.set(on, [...(visits.get(on) ?? []), layer.id]);
    if (!numbers.renewed) return;
    if (numbers.price === null) unpriced += (HORIZON / days) * numbers.volume;
    else cost += (HORIZON / days) * numbers.price;
  });
  const due = {
    visits: sumOf([...visits.keys()], (days) => HORIZON / days),
    minutes: sumOf([...visits], ([days, ids]) => (HORIZON / days) * visitBurden(filter, placed, ids).minutes),
  };
  return { ...withRoutineOpenings(filter, due), cost, unpriced };
}

/** Days from one work on a piece to the next; Infinity: it is left alone. */
function daysBetweenWorks(
  { life, mechanical, renewed }: QuickPiece['numbers'],
  clogs: number,
  service: number,
): number {
  if (life !== null) return life;
  if (!mechanical) return Infinity;
  return renewed ? clogs : Math.max(service, Math.min(clogs, HORIZON));
}
