import { notFound } from 'next/navigation';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { FlowSheet } from '@/ui/flow/FlowSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Flow' };

export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const { tank, filter, open, log } = loadFilterPage(database(), filterId) ?? notFound();
  return (
    <FlowSheet
      key={filterId}
      tank={tank.doc}
      filter={filter.doc}
      job={open?.job.doc ?? null}
      log={log}
      now={new Date().toISOString()}
    />
  );
}
