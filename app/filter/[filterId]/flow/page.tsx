import { drawFilterPage } from '../drawFilterPage';
import { FlowSheet } from '@/ui/flow/FlowSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Flow' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ tank, filter, open, log }) => (
    <FlowSheet
      key={filter.doc.id}
      tank={tank.doc}
      filter={filter.doc}
      job={open?.job.doc ?? null}
      log={log}
      now={new Date().toISOString()}
    />
  ));
}
