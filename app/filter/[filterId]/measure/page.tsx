import { notFound } from 'next/navigation';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { MeasureSheet } from '@/ui/measure/MeasureSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Measure' };

export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const { tank, filter, open, current, flows } = loadFilterPage(database(), filterId) ?? notFound();
  return (
    <MeasureSheet
      key={filterId}
      tank={tank}
      filter={filter}
      job={open?.job.doc ?? null}
      flows={flows}
      untouched={open === null && current === null}
      layers={(open?.asFound.doc ?? current)?.layers ?? []}
    />
  );
}
