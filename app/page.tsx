import { database } from '@/server/database';
import { loadHome } from '@/server/loadHome';
import { FiltersSheet } from '@/ui/filters/FiltersSheet';

export const dynamic = 'force-dynamic';

export default function Page() {
  const now = new Date().toISOString();
  const { filters, troubles } = loadHome(database(), now);
  return <FiltersSheet filters={filters} troubles={troubles} now={now} />;
}
