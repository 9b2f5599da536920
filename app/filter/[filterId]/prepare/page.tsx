import { redirect } from 'next/navigation';
import { database } from '@/server/database';
import { openPlans } from '@/server/openPlans';
import { PrepareSheet } from '@/ui/prepare/PrepareSheet';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Prepare' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ around, settings, shelf, filter, open }) => {
    if (open === null) redirect(`/filter/${filter.doc.id}/plan`);
    if (open.job.doc.stage === 'strip') redirect(`/filter/${filter.doc.id}/strip`);
    return (
      <PrepareSheet
        key={open.planned.doc.id}
        around={around}
        electricityPrice={settings.doc.electricityPrice}
        filter={filter.doc}
        job={open.job}
        shelf={shelf}
        found={open.job.doc.occasion === 'first pack' ? [] : open.asFound.doc.layers}
        boxed={open.job.doc.occasion === 'first pack' ? open.asFound.doc.layers : []}
        planned={open.planned}
        others={openPlans(database(), filter.doc.id)}
        now={new Date().toISOString()}
      />
    );
  });
}
