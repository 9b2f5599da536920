import type { NeatLayerFile } from '@/formats/neatLayerFile';

/** Id of what is in the filter now: as found in the open repack, or as packed last. */
export function packInFilter({ jobs }: Pick<NeatLayerFile, 'jobs'>): string | null {
  const open = jobs.find(({ stage }) => stage !== 'done');
  const [last] = jobs
    .filter(({ stage }) => stage === 'done')
    .sort((a, b) => (b.finishedAt ?? '').localeCompare(a.finishedAt ?? ''));
  return open?.asFoundPackId ?? last?.asPackedPackId ?? null;
}
