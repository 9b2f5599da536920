import { DUE_KINDS } from '@/core/care/due';
import { database } from '@/server/database';
import { layersThatFit } from '@/server/layersThatFit';
import { logPage } from '@/server/logPage';
import { outlooks } from '@/store/outlooks';
import { LAST_ENTRIES } from '@/ui/care/lastEntryCount';
import { TodaySheet } from '@/ui/care/TodaySheet';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Today' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ filter, tank, open, current, around, log: own, tankLog }) => (
    <TodaySheet
      key={filter.doc.id}
      filter={filter.doc}
      job={open?.job.doc ?? null}
      layers={layersThatFit(filter.doc, current ?? open?.asFound.doc ?? null)}
      isPacked={current !== null}
      tank={tank.doc}
      others={around.others}
      outlook={outlooks.get(database(), filter.doc.id)}
      log={[...own, ...tankLog].filter(({ kind }) => DUE_KINDS.includes(kind))}
      now={around.now ?? new Date().toISOString()}
      last={
        logPage(database(), filter.doc.id, { kind: null, text: '', from: 0, count: LAST_ENTRIES }).entries
      }
    />
  ));
}
