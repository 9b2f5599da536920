import { database } from '@/server/database';
import { troublesOf } from '@/server/trouble';
import { allTroubles } from '@/store/unreadable';
import { TroubleSheet } from '@/ui/troubles/TroubleSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Data check' };

export default function Page() {
  const db = database();
  return <TroubleSheet troubles={troublesOf(db, allTroubles(db))} />;
}
