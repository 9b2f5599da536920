import { faultContext } from '@/core/fault/faultContext';
import { layersThatFit } from '@/server/layersThatFit';
import { FaultFinderPage } from '@/ui/fault/FaultFinderPage';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Fault finder' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, filter, open, current, repack }) => (
    <FaultFinderPage
      key={filter.doc.id}
      context={faultContext(
        filter.doc,
        layersThatFit(filter.doc, current ?? open?.asFound.doc ?? null),
        around,
        repack?.job.finishedAt ?? null,
        around.now ?? new Date().toISOString(),
      )}
      job={open?.job.doc ?? null}
    />
  ));
}
