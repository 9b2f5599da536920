import { database } from '@/server/database';
import { loadRound } from '@/server/loadFilterPage';
import { RoundSheet } from '@/ui/filters/FiltersSheet';

export const dynamic = 'force-dynamic';

export default function Page() {
  return <RoundSheet pages={loadRound(database())} now={new Date().toISOString()} />;
}
