import { changeFromToday } from './changeFromToday';
import type { Finalist } from './evaluateFinalist';
import { isSheet } from './isSheet';
import { isWellBuilt } from './isWellBuilt';
import type { ProposeInput } from './proposeInput';
import type { Considered } from './search';

/** A pack as the search has judged it, before it is worked out to the end: to be shown while that goes on. */
export const provisional = (
  { today, filter, around }: Pick<ProposeInput, 'today' | 'filter' | 'around'>,
  { layers, figures, losses, isUsual }: Considered,
): Finalist => ({
  layers,
  figures,
  losses,
  findings: [],
  change: changeFromToday(today, layers, isSheet),
  buys: [],
  bill: { known: 0, unpriced: 0 },
  serviceBy: null,
  canBeHad: true,
  isWellBuilt: isWellBuilt(filter, layers, around.schools),
  isUsual,
  matureLeaves: null,
});
