import { notFound } from 'next/navigation';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { NoJob } from '@/ui/strip/NoJob';
import { StripSheet } from '@/ui/strip/StripSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Strip' };

export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const { around, settings, filter, open, current, log } = loadFilterPage(database(), filterId) ?? notFound();
  if (open === null) return <NoJob filter={filter.doc} known={current !== null} />;
  return (
    <StripSheet
      key={open.asFound.doc.id}
      around={around}
      settings={settings}
      filter={filter.doc}
      job={open.job}
      asFound={open.asFound}
      photos={open.photos}
      log={log}
    />
  );
}
