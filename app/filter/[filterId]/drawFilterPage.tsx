import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { database } from '@/server/database';
import { lookAtOutlook } from '@/server/outlookWork';
import { loadFilterPage, type FilterPage } from '@/server/loadFilterPage';
import { troublesOf } from '@/server/trouble';
import { DataCheckPage } from '@/ui/troubles/DataCheckPage';

/** Draws a sheet of one filter, or what stands in its way: no such filter, or documents that cannot be used. */
export async function drawFilterPage(
  params: Promise<{ filterId: string }>,
  draw: (page: FilterPage) => ReactNode,
): Promise<ReactNode> {
  const { filterId } = await params;
  lookAtOutlook(filterId);
  const page = loadFilterPage(database(), filterId) ?? notFound();
  return 'unreadable' in page ? (
    <DataCheckPage troubles={troublesOf(database(), page.unreadable)} />
  ) : (
    draw(page)
  );
}
