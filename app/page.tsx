import { isTryOut } from '@/demo/tryOut';
import { database } from '@/server/database';
import { homeRow } from '@/server/homeRow';
import { loadHome } from '@/server/loadHome';
import { FiltersSheet } from '@/ui/filters/FiltersSheet';

export const dynamic = 'force-dynamic';

export default function Page() {
  const now = new Date().toISOString();
  const { filters, troubles } = loadHome(database(), now);
  const rows = filters.map((filter) => homeRow(filter, now)).sort((a, b) => a.next.urgency - b.next.urgency);
  return (
    <FiltersSheet rows={rows} troubles={troubles} tryOut={rows.some(({ id }) => isTryOut(id))} now={now} />
  );
}
