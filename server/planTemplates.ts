import { forecastInput } from '@/core/dirt/forecastInput';
import { piecesToCut } from '@/core/cut/piecesToCut';
import { forecast } from '@/core/dirt/forecast';
import type { Filter } from '@/core/filter/filter';
import { isHangOnBack } from '@/core/filter/kindFamily';
import { levelStrip } from '@/core/prepare/levelStrip';
import { templatesFor, type Template } from '@/core/prepare/templates';
import { NotFoundError } from '@/store/errors';
import type { Db } from '@/store/openDatabase';
import { loadFilterPage } from './loadFilterPage';

/**
 * Everything that can be printed for the pack that is planned for a filter, or that is in it: its pieces, the filter’s
 * chambers, ends and shims of sleeves, and the level strip of a hang-on-back.
 *
 * @throws NotFoundError where there is no such filter, or it cannot be read
 */
export function planTemplates(
  db: Db,
  filterId: string,
): { readonly filter: Filter; readonly templates: Template[] } {
  const page = loadFilterPage(db, filterId);
  if (page === null || 'unreadable' in page) throw new NotFoundError('filter');
  const { around, shelf, open, current } = page;
  const filter = page.filter.doc;
  const layers = open?.planned.doc.layers ?? current?.layers ?? [];
  const { all } = piecesToCut(filter, layers, [], shelf.doc, open?.job.doc.cut ?? null);
  const clogs = isHangOnBack(filter.kind)
    ? forecast({ ...forecastInput(around, filter, layers), brief: true })
    : null;
  const strip = clogs === null ? null : levelStrip(clogs.simulation.headroom, clogs.serviceDay);
  return {
    filter,
    templates: templatesFor(filter, all, strip),
  };
}
