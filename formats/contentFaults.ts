import type { Job } from '@/core/job/job';
import type { PackRole } from '@/core/pack/pack';
import { recordFaults, packFaults } from '@/core/pack/packFaults';
import type { FilterContent } from './neatLayerFile';

/** A pack that a job names, and the role it has there. */
interface Named {
  readonly id: string;
  readonly role: PackRole;
}

const packsNamedBy = (job: Job): Named[] => [
  { id: job.asFoundPackId, role: 'as found' },
  { id: job.plannedPackId, role: 'planned' },
  ...job.alternativePackIds.map((id): Named => ({ id, role: 'alternative' })),
  ...(job.asPackedPackId === null ? [] : [{ id: job.asPackedPackId, role: 'as packed' } as const]),
];

/**
 * What does not belong together in all there is about one filter: packs, jobs and log entries of another filter, the
 * same id twice, packs of an open job that do not fit the filter, jobs that name packs which are not there, share one, or give one
 * a role it does not have. Empty when all agrees. One line a fault; places count from 1.
 */
export function contentFaults({ tank, filter, packs, jobs, log }: FilterContent): string[] {
  const strange = (what: string, list: readonly { filterId: string }[]): string[] =>
    list.flatMap((item, index) =>
      item.filterId === filter.id
        ? []
        : [`${what} ${index + 1} belongs to the filter “${item.filterId}”, which is not in the file.`],
    );
  const twice = (what: string, list: readonly { id: string }[]): string[] =>
    new Set(list.map((item) => item.id)).size === list.length ? [] : [`Two ${what} have the same id.`];
  const jobIds = new Set(jobs.map((job) => job.id));
  // What was packed once may name chambers that the filter has lost since.
  const records = new Set(
    jobs.filter((job) => job.stage === 'done').flatMap((job) => packsNamedBy(job).map(({ id }) => id)),
  );
  return [
    ...(filter.tankId === tank.id
      ? []
      : [`The filter belongs to the tank “${filter.tankId}”, which is not in the file.`]),
    ...strange('Pack', packs),
    ...strange('Job', jobs),
    ...strange('Log entry', log),
    ...twice('packs', packs),
    ...twice('jobs', jobs),
    ...twice('log entries', log),
    ...packs.flatMap((pack) =>
      (records.has(pack.id) ? recordFaults(pack.layers) : packFaults(filter, pack.layers)).map(
        (fault) => `Pack “${pack.name}”: ${fault}`,
      ),
    ),
    ...roleFaults(packs, jobs),
    ...jobs.flatMap((job, place) =>
      (job.stage === 'done') === (job.finishedAt !== null) &&
      (job.stage === 'done') === (job.asPackedPackId !== null)
        ? []
        : [
            `Job ${place + 1} must have a pack as packed and a moment it was finished when it is done, and only then.`,
          ],
    ),
    ...(jobs.filter((job) => job.stage !== 'done').length > 1
      ? ['More than one job is open; a filter has at most one.']
      : []),
    ...log.flatMap((entry, position) =>
      entry.jobId === null || jobIds.has(entry.jobId)
        ? []
        : [`Log entry ${position + 1} refers to the repack “${entry.jobId}”, which is not in the file.`],
    ),
  ];
}

/** Every pack that a job names is there, has the role it is named in, and is named once. */
function roleFaults(packs: FilterContent['packs'], jobs: FilterContent['jobs']): string[] {
  const roles = new Map(packs.map((pack) => [pack.id, pack.role]));
  const owners = new Map<string, number>();
  return jobs.flatMap((job, index) =>
    packsNamedBy(job).flatMap(({ id, role }) => {
      const stored = roles.get(id);
      if (stored === undefined)
        return [`Job ${index + 1} refers to the pack “${id}”, which is not in the file.`];
      const owner = owners.get(id);
      owners.set(id, index);
      return [
        ...(stored === role
          ? []
          : [`Job ${index + 1} takes the pack “${id}” as ${role}, but the pack is ${stored}.`]),
        ...(owner === undefined
          ? []
          : [
              `Job ${index + 1} names the pack “${id}”, which job ${owner + 1} names already: each has its own.`,
            ]),
      ];
    }),
  );
}
