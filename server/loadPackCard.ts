import { aheadOf } from '@/core/dirt/aheadOf';
import { earlyRun, ensembleRuns } from '@/core/dirt/ensemble';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { packCard, type PackCard } from '@/core/repack/packCard';
import { cardInput } from '@/core/repack/cardInput';
import { servicePlan } from '@/core/service/servicePlan';
import { NotFoundError } from '@/store/errors';
import type { Db } from '@/store/openDatabase';
import { layersThatFit } from './layersThatFit';
import { loadFilterPage, type FilterPage } from './loadFilterPage';

/** What the card of a page’s last repack is made of; null: nothing is known to be packed. */
export function cardOf({ repack, around, filter, log }: FilterPage) {
  if (repack === null || repack.job.finishedAt === null) return null;
  const layers = layersThatFit(filter.doc, repack.packed);
  return {
    layers,
    card: cardInput(
      {
        around,
        filter: filter.doc,
        job: repack.job,
        found: layersThatFit(filter.doc, repack.found),
        planned: layers,
      },
      repack.job.finishedAt,
      log,
    ),
    input: aheadOf(around, filter.doc, layers),
  };
}

/**
 * The pack card of a filter’s last repack, with the days due.
 *
 * @throws NotFoundError where there is no such filter, or nothing is known to be packed
 */
export function loadPackCard(
  db: Db,
  filterId: string,
): { readonly filter: Filter; readonly layers: readonly Layer[]; readonly card: PackCard } {
  const page = loadFilterPage(db, filterId);
  if (page === null || 'unreadable' in page) throw new NotFoundError('filter');
  const made = cardOf(page);
  if (made === null) throw new NotFoundError('pack card');
  const plan = servicePlan(made.input, earlyRun(ensembleRuns(made.input, 'through')));
  return { filter: page.filter.doc, layers: made.layers, card: packCard({ ...made.card, plan }) };
}
