import { database } from '@/server/database';
import { troublesOf } from '@/server/trouble';
import { allTroubles } from '@/store/unreadable';
import { DataCheckPage } from '@/ui/troubles/DataCheckPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Data check' };

export default function Page() {
  const db = database();
  return <DataCheckPage troubles={troublesOf(db, allTroubles(db))} />;
}
