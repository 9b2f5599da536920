import { drawFilterPage } from '../drawFilterPage';
import { redirect } from 'next/navigation';
import { RepackSheet } from '@/ui/repack/RepackSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Repack' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, filter, open, log }) => {
    if (open === null) redirect(`/filter/${filter.doc.id}/strip`);
    const { stage } = open.job.doc;
    if (stage !== 'repack') redirect(`/filter/${filter.doc.id}/${stage}`);
    return (
      <RepackSheet
        key={open.job.doc.id}
        around={around}
        filter={filter}
        job={open.job}
        found={open.asFound.doc.layers}
        planned={open.planned.doc}
        log={log}
        now={new Date().toISOString()}
      />
    );
  });
}
