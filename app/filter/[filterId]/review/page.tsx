import { drawFilterPage } from '../drawFilterPage';
import { redirect } from 'next/navigation';
import { ReviewSheet } from '@/ui/review/ReviewSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Review' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, settings, ownMedia, filter, open, log }) => {
    if (open === null) redirect(`/filter/${filter.doc.id}/strip`);
    return (
      <ReviewSheet
        key={open.asFound.doc.id}
        around={around}
        settings={settings}
        ownMedia={ownMedia}
        filter={filter.doc}
        job={open.job}
        asFound={open.asFound}
        log={log}
      />
    );
  });
}
