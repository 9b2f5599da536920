import { randomUUID } from 'node:crypto';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import { contentFaults } from '@/formats/contentFaults';
import type { FilterContent } from '@/formats/neatLayerFile';
import type { Stored } from './documentTable';
import { InvalidError } from './errors';
import { filters } from './filters';
import { jobs } from './jobs';
import { log } from './log';
import type { Db } from './openDatabase';
import { ownMedia } from './ownMedia';
import { packs } from './packs';
import { checkFileSize } from './checkFileSize';
import { tanks } from './tanks';

/** All that is stored about one filter, as its file holds it. */
export function readFilterContent(db: Db, filterId: string): FilterContent {
  const filter = filters.get(db, filterId).doc;
  return {
    tank: tanks.get(db, filter.tankId).doc,
    filter,
    packs: packs.ofFilter(db, filterId).map(({ doc }) => doc),
    jobs: jobs.ofFilter(db, filterId).map(({ doc }) => doc),
    log: [...log.ofFilter(db, filterId)],
  };
}

/**
 * Adds the content of a file as it is, ids and all. All or nothing.
 *
 * @throws InvalidError where its parts do not belong together, or an id is taken
 */
export function insertFilterContent(db: Db, content: FilterContent): Stored<Filter> {
  const { tank, filter, packs: packDocs, jobs: jobDocs, log: entries } = content;
  const faults = contentFaults(content);
  if (faults.length > 0) throw new InvalidError(faults);
  return db
    .transaction(() => {
      tanks.insert(db, tank);
      const stored = filters.insert(db, filter);
      packDocs.forEach((pack) => packs.insertRecord(db, pack));
      jobDocs.forEach((job) => jobs.insert(db, job));
      entries.forEach((entry) => log.insertRecord(db, entry));
      checkFileSize(db, filter.id);
      return stored;
    })
    .immediate();
}

/**
 * Adds the content of a file beside what is there: every document gets a new id, so that nothing stored is touched.
 * So does a medium of one’s own that is stored with other figures.
 */
export function addFilterContent(db: Db, content: FilterContent): Stored<Filter> {
  const stored = new Map(ownMedia(db).map((own) => [own.id, JSON.stringify(own)]));
  const isOther = (own: OwnMedium): boolean =>
    stored.has(own.id) && stored.get(own.id) !== JSON.stringify(own);
  return insertFilterContent(db, withNewIds(content, isOther));
}

function withNewIds(content: FilterContent, isOther: (own: OwnMedium) => boolean): FilterContent {
  const fresh = new Map<string, string>();
  const renew = (id: string): string => {
    const known = fresh.get(id) ?? randomUUID();
    fresh.set(id, known);
    return known;
  };
  const filterId = renew(`filter:${content.filter.id}`);
  const tankId = renew(`tank:${content.tank.id}`);
  const packId = (id: string): string => renew(`pack:${id}`);
  const renamedOwn = <T extends Pick<Layer, 'medium' | 'own'>>(part: T): T => {
    if (part.own === null || !isOther(part.own)) return part;
    const id = renew(`own:${part.own.id}`);
    return { ...part, medium: id, own: { ...part.own, id } };
  };
  const layerOf = (layer: Layer): Layer => ({
    ...renamedOwn(layer),
    mix: layer.mix === null ? null : { ...layer.mix, parts: layer.mix.parts.map(renamedOwn) },
  });
  const jobId = (id: string | null): string | null => (id === null ? null : renew(`job:${id}`));
  return {
    tank: { ...content.tank, id: tankId },
    filter: { ...content.filter, id: filterId, tankId },
    packs: content.packs.map((pack) => ({
      ...pack,
      id: packId(pack.id),
      filterId,
      layers: pack.layers.map(layerOf),
    })),
    jobs: content.jobs.map((job) => ({
      ...job,
      id: renew(`job:${job.id}`),
      filterId,
      asFoundPackId: packId(job.asFoundPackId),
      plannedPackId: packId(job.plannedPackId),
      alternativePackIds: job.alternativePackIds.map(packId),
      asPackedPackId: job.asPackedPackId === null ? null : packId(job.asPackedPackId),
    })),
    log: content.log.map((entry) => ({ ...entry, id: randomUUID(), filterId, jobId: jobId(entry.jobId) })),
  };
}
