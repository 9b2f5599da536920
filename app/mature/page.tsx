import { database } from '@/server/database';
import { maturePage } from '@/server/maturePage';
import { MatureSheet } from '@/ui/mature/MatureSheet';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Mature media' };

interface Asked {
  readonly searchParams: Promise<{ readonly from?: string | string[] }>;
}

export default async function Page({ searchParams }: Asked) {
  const { from } = await searchParams;
  const now = new Date().toISOString();
  return <MatureSheet page={maturePage(database(), Math.trunc(Number(from)) || 0, now)} now={now} />;
}
