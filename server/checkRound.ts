import { ROUND_HOURS, ROUND_KINDS, roundAnswer, type RoundAnswer } from '@/core/care/roundAnswer';
import type { FilterKind } from '@/core/filter/filterKind';
import { dedupeTankItems } from '@/core/care/due';
import type { Sentence } from '@/core/units/sentence';
import { HOUR } from '@/core/units/time';
import { log } from '@/store/log';
import type { Db } from '@/store/openDatabase';
import { groupedBy } from './groupedBy';
import { homeRow, type HomeRow } from './homeRow';
import { loadHome } from './loadHome';

/** A filter as a keeper comes to it on a round of all filters. */
export interface RoundStop {
  readonly id: string;
  readonly name: string;
  readonly kind: FilterKind;
  readonly tank: string;
  readonly state: Sentence;
  readonly level: HomeRow['next']['level'];
  /** What is due there now. */
  readonly due: readonly Sentence[];
  /** What was said of it on this round; null: nothing yet. */
  readonly answer: RoundAnswer | null;
}

/** All filters in the order in which the keeper goes through them. @param now ISO moment */
export function checkRound(db: Db, now: string): RoundStop[] {
  const { filters, settings } = loadHome(db, now);
  const place = new Map(settings.filterOrder.map((id, index) => [id, index]));
  const placeOf = (id: string): number => place.get(id) ?? place.size;
  const since = new Date(Date.parse(now) - ROUND_HOURS * HOUR * 1000).toISOString();
  const said = groupedBy(log.since(db, ROUND_KINDS, since), ({ filterId }) => filterId);
  return dedupeTankItems(filters.map((filter) => homeRow(filter, now)))
    .toSorted((a, b) => placeOf(a.id) - placeOf(b.id))
    .map(({ id, name, kind, tank, next, due }) => ({
      ...{ id, name, kind, tank },
      state: next.state,
      level: next.level,
      due: due.filter(({ inDays }) => inDays <= 0).map(({ what }) => what),
      answer: roundAnswer(said.get(id) ?? []),
    }));
}
