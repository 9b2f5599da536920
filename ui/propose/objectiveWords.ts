import { HORIZON } from '@/core/pack/visitLimits';
import { MAX_CLOSED_DAYS } from '@/core/propose/withRoutineOpenings';
import type { Figures, Objective } from '@/core/propose/objectives';
import type { EnsembleRange } from '@/core/dirt/ensembleRange';
import type { Words } from '../fields/wordsFor';
import { DAYS_IN } from '@/core/report/serviceSpan';
import type { QuantityKind } from '@/core/units/quantity';
import { formatServiceRange } from '../time/serviceWords';

/** The wishes as a keeper would name them, and the figure that is shown of each. */
export const WISH_NAMES: Readonly<Record<Objective, string>> = {
  service: 'Next service',
  clear: 'Fine dirt in the water',
  cover: 'Bacteria after 3 months',
  turnover: 'Turnover',
  cost: 'Cost of media a year',
  minutes: 'Minutes of work a year',
  change: 'Pieces to change now',
};

/** What a pack is the best in, or weaker in than others. */
export const WISHES_IN_SHORT: Readonly<Record<Objective, string>> = {
  service: 'time between services',
  clear: 'clear water',
  cover: 'bacteria',
  turnover: 'turnover',
  cost: 'cost',
  minutes: 'work',
  change: 'work of changing',
};

/** The value of a wish as it is drawn, in the unit in which it is read, as far as more of it counts. */
export function objectiveValue(wish: Objective, figures: Figures): number {
  switch (wish) {
    case 'service':
      return Math.min(figures.service, MAX_CLOSED_DAYS);
    case 'clear':
      return figures.fines;
    case 'cover':
      return figures.cover ?? figures.surface;
    case 'turnover':
      return figures.turnover;
    case 'cost':
      return figures.cost;
    case 'minutes':
      return figures.minutes;
    case 'change':
      return figures.change;
  }
}

/**
 * The figure of a wish in words.
 *
 * @param range of the next service; null: only the likely day is known
 */
export function formatObjective(
  words: Words,
  wish: Objective,
  figures: Figures,
  range: EnsembleRange | null = null,
): string {
  switch (wish) {
    case 'service':
      return range === null && figures.service >= HORIZON
        ? 'over a year'
        : formatServiceRange(words, range, figures.service);
    case 'clear':
      return words.show({ kind: 'concentration', si: figures.fines });
    case 'cover':
      return figures.cover === null
        ? words.show({ kind: 'surface', si: figures.surface })
        : words.show({ kind: 'cover', si: figures.cover });
    case 'turnover':
      return words.show({ kind: 'turnover', si: figures.turnover });
    case 'cost':
      return figures.unpriced > 0 && figures.cost === 0 ? 'price not entered' : words.money(figures.cost);
    case 'minutes':
      return words.number(figures.minutes, 0);
    case 'change':
      return words.number(figures.change, 0);
  }
}

/** The kind of quantity that a wish is drawn in; null: minutes, pieces or money. */
const kindOf = (wish: Objective): QuantityKind | null =>
  wish === 'clear' ? 'concentration' : wish === 'cover' || wish === 'turnover' ? wish : null;

/** The name of a wish with the unit of its axis. */
export function axisName(words: Words, wish: Objective): string {
  const kind = kindOf(wish);
  const unit = wish === 'service' ? 'weeks' : kind === null ? '' : words.unit(kind).symbol;
  return unit === '' ? WISH_NAMES[wish] : `${WISH_NAMES[wish]}, ${unit}`;
}

/** A value on the axis of a wish, without its unit. */
export function formatAxisTick(words: Words, wish: Objective, value: number): string {
  if (wish === 'service')
    return `${words.number(value / DAYS_IN.weeks)}${value >= MAX_CLOSED_DAYS ? ' or more' : ''}`;
  if (wish === 'cost') return words.money(value);
  const kind = kindOf(wish);
  return kind === null ? words.number(value, 0) : words.parts({ kind, si: value }).number;
}
