import { drawFilterPage } from '../drawFilterPage';
import { MeasureSheet } from '@/ui/measure/MeasureSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Measure' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, ({ tank, filter, open, current, flows }) => (
    <MeasureSheet
      key={filter.doc.id}
      tank={tank}
      filter={filter}
      job={open?.job.doc ?? null}
      flows={flows}
      untouched={open === null && current === null}
      layers={(open?.asFound.doc ?? current)?.layers ?? []}
    />
  ));
}
