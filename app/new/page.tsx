import { database } from '@/server/database';
import { tanks } from '@/store/tanks';
import { NewFilter } from '@/ui/measure/NewFilter';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Add a filter' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ tank?: string | string[] }>;
}) {
  const { tank } = await searchParams;
  const known = typeof tank === 'string' ? tanks.find(database(), tank) : null;
  return <NewFilter tank={known?.doc ?? null} />;
}
