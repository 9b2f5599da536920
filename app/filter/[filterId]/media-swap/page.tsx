import { layersThatFit } from '@/server/layersThatFit';
import { SwapSheet } from '@/ui/swap/SwapSheet';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Media swap' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, filter, open, current }) => (
    <SwapSheet
      key={filter.doc.id}
      filter={filter}
      job={open?.job.doc ?? null}
      layers={layersThatFit(filter.doc, current ?? open?.asFound.doc ?? null)}
      around={around}
      now={new Date().toISOString()}
    />
  ));
}
