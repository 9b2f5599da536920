import { notFound, redirect } from 'next/navigation';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { RepackSheet } from '@/ui/repack/RepackSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Repack' };

export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const { around, filter, open, log } = loadFilterPage(database(), filterId) ?? notFound();
  if (open === null) redirect(`/filter/${filterId}/strip`);
  if (open.job.doc.stage !== 'repack') redirect(`/filter/${filterId}/${open.job.doc.stage}`);
  return (
    <RepackSheet
      key={open.job.doc.id}
      around={around}
      filter={filter.doc}
      job={open.job}
      planned={open.planned.doc}
      log={log}
    />
  );
}
