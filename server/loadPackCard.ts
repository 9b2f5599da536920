import { datedVisits } from '@/core/care/datedVisits';
import { whyNoForecast } from '@/core/outlook/whyNoForecast';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { packCard, type PackCard } from '@/core/card/packCard';
import { cardInput } from '@/core/card/cardInput';
import { packMeasures } from '@/core/report/packMeasures';
import { NotFoundError } from '@/store/errors';
import type { Db } from '@/store/openDatabase';
import { outlooks } from '@/store/outlooks';
import { layersThatFit } from './layersThatFit';
import { loadFilterPage, type FilterPage } from './loadFilterPage';
import { hasOutlookFailed } from './outlookWork';

/** What the card of a page’s last repack is made of; null: nothing is known to be packed. */
export function cardOf({ repack, around, filter, log, tankLog, shelf }: FilterPage) {
  if (repack === null || repack.job.finishedAt === null) return null;
  const layers = layersThatFit(filter.doc, repack.packed);
  return {
    layers,
    measures: packMeasures({ ...around, filter: filter.doc, layers, flow: null }).measures,
    log: [...log, ...tankLog],
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
      shelf.doc,
    ),
  };
}

/**
 * The pack card of a filter’s last repack, with the days due as they were worked out last.
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
  const { layers, log } = made;
  const filter = page.filter.doc;
  const { tank, now } = page.around;
  const state = outlooks.get(db, filterId);
  const visits =
    datedVisits({
      ...{ filter, tank, layers, log },
      outlook: state.outlook,
      now: now ?? new Date().toISOString(),
    }) ?? whyNoForecast(true, hasOutlookFailed(filterId, state));
  return { filter, layers, card: packCard({ ...made.card, visits }) };
}
