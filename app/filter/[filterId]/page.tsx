import { notFound, redirect } from 'next/navigation';
import { database } from '@/server/database';
import { filters } from '@/store/filters';
import { jobs } from '@/store/jobs';
import { whereItOpens } from '@/ui/frame/filterPlaces';

export const dynamic = 'force-dynamic';

/** A filter opens where its keeper left off. */
export default async function Page({ params }: { params: Promise<{ filterId: string }> }) {
  const { filterId } = await params;
  const db = database();
  if (filters.find(db, filterId) === null) notFound();
  redirect(whereItOpens(filterId, jobs.open(db, filterId)?.doc.stage ?? null));
}
