import { database } from '@/server/database';
import { troublesOf } from '@/server/trouble';
import { shelf } from '@/store/shelf';
import { ShelfSheet } from '@/ui/shelf/ShelfSheet';
import { DataCheckPage } from '@/ui/troubles/DataCheckPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Shelf' };

export default function Page() {
  const db = database();
  const { unreadable } = shelf.read(db, '');
  if (unreadable.length > 0) return <DataCheckPage troubles={troublesOf(db, unreadable)} />;
  return <ShelfSheet shelf={shelf.get(db)} />;
}
