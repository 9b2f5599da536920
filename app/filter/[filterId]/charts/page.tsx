import { DUE_KINDS } from '@/core/care/due';
import { database } from '@/server/database';
import { layersThatFit } from '@/server/layersThatFit';
import { outlooks } from '@/store/outlooks';
import { CHART_KINDS } from '@/ui/charts/chartEvents';
import { ChartsSheet } from '@/ui/charts/ChartsSheet';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Charts' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ filter, tank, open, current, around, log, tankLog, shelf, settings }) => (
    <ChartsSheet
      key={filter.doc.id}
      filter={filter.doc}
      job={open?.job.doc ?? null}
      tank={tank.doc}
      layers={layersThatFit(filter.doc, current ?? open?.asFound.doc ?? null)}
      isPacked={current !== null}
      outlook={outlooks.get(database(), filter.doc.id)}
      log={[...log, ...tankLog].filter(({ kind }) => CHART_KINDS.includes(kind) || DUE_KINDS.includes(kind))}
      shelf={shelf.doc}
      electricityPrice={settings.doc.electricityPrice}
      now={around.now ?? new Date().toISOString()}
    />
  ));
}
