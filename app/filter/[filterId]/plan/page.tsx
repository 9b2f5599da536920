import { notFound, redirect } from 'next/navigation';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { PlanSheet } from '@/ui/plan/PlanSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Layer' };

export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const page = loadFilterPage(database(), filterId) ?? notFound();
  if (page.open === null || page.open.job.doc.stage === 'strip') redirect(`/filter/${filterId}/strip`);
  const { job, asFound, planned, alternatives } = page.open;
  return (
    <PlanSheet
      key={planned.doc.id}
      around={page.around}
      settings={page.settings}
      filter={page.filter}
      job={job}
      asFound={asFound.doc}
      planned={planned}
      alternatives={alternatives}
      log={page.log}
    />
  );
}
