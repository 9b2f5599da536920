import { checkRound } from '@/server/checkRound';
import { database } from '@/server/database';
import { CheckAllPage } from '@/ui/check-all/CheckAllPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Check all filters' };

export default function Page() {
  return <CheckAllPage stops={checkRound(database(), new Date().toISOString())} />;
}
