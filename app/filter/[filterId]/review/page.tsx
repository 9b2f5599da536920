import { notFound, redirect } from 'next/navigation';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { ReviewSheet } from '@/ui/review/ReviewSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Review' };

export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const { around, settings, filter, open, log } = loadFilterPage(database(), filterId) ?? notFound();
  if (open === null) redirect(`/filter/${filterId}/strip`);
  return (
    <ReviewSheet
      key={open.asFound.doc.id}
      around={around}
      settings={settings}
      filter={filter.doc}
      job={open.job}
      asFound={open.asFound}
      log={log}
    />
  );
}
