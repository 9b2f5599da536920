import { database } from '@/server/database';
import { loadFilters } from '@/server/loadFilterPage';
import { FiltersSheet } from '@/ui/filters/FiltersSheet';

export const dynamic = 'force-dynamic';

export default function Page() {
  return <FiltersSheet pages={loadFilters(database())} now={new Date().toISOString()} />;
}
