import { LOG_PAGE } from '@/core/log/logPage';
import { database } from '@/server/database';
import { layersThatFit } from '@/server/layersThatFit';
import { logPage } from '@/server/logPage';
import { LogSheet } from '@/ui/care/LogSheet';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Log' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ filter, tank, open, current, around }) => (
    <LogSheet
      key={filter.doc.id}
      filter={filter.doc}
      job={open?.job.doc ?? null}
      layers={layersThatFit(filter.doc, current ?? open?.asFound.doc ?? null)}
      airFilters={tank.doc.airFilters.length}
      now={around.now ?? new Date().toISOString()}
      first={logPage(database(), filter.doc.id, { kind: null, text: '', from: 0, count: LOG_PAGE })}
    />
  ));
}
