import { database } from '@/server/database';
import { loadMature } from '@/server/loadMature';
import { MatureSheet } from '@/ui/mature/MatureSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Mature media' };

export default function Page() {
  const now = new Date().toISOString();
  return <MatureSheet tanks={loadMature(database(), now)} now={now} />;
}
