import { database } from '@/server/database';
import { cardOf } from '@/server/loadPackCard';
import { outlooks } from '@/store/outlooks';
import { CardSheet } from '@/ui/repack/CardSheet';
import { drawFilterPage } from '../drawFilterPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Pack card' };

export default function Page({ params }: { params: Promise<{ filterId: string }> }) {
  return drawFilterPage(params, (page) => (
    <CardSheet
      key={page.repack?.job.id ?? 'none'}
      around={page.around}
      filter={page.filter.doc}
      job={page.open?.job.doc ?? null}
      outlook={outlooks.get(database(), page.filter.doc.id)}
      made={cardOf(page)}
    />
  ));
}
