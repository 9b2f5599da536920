import { faultLines } from '@/core/document/faultLines';
import { packFaults } from '@/core/pack/pack';
import { FILE_FORMAT, FILE_VERSION, NeatLayerFileSchema, type NeatLayerFile } from './neatLayerFile';

export type ReadResult =
  | { readonly ok: true; readonly file: NeatLayerFile }
  | { readonly ok: false; readonly faults: readonly string[] };

/**
 * Reads the text of a `*.neatlayer.json`. Anything wrong comes back as one clear line a fault; nothing is thrown.
 * Beyond the schema it checks what belongs together: packs, jobs and log to the filter, media to the catalogue.
 */
export function readNeatLayerFile(text: string): ReadResult {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return bad('This is not whole JSON: the file may have been cut off. Fetch it again from where it came.');
  }
  if (typeof raw !== 'object' || raw === null || !('format' in raw) || raw.format !== FILE_FORMAT)
    return bad('This is not a Neat Layer file: it has no "format": "neatlayer".');
  if (!('version' in raw) || typeof raw.version !== 'number')
    return bad('The file does not say which version it is of: "version" must be a number.');
  if (raw.version > FILE_VERSION)
    return bad(
      `The file is of version ${raw.version}, newer than this app reads (${FILE_VERSION}). Update the app, then open it again.`,
    );
  const parsed = NeatLayerFileSchema.safeParse(raw);
  if (!parsed.success) return { ok: false, faults: faultLines(parsed.error) };
  const faults = belongFaults(parsed.data);
  return faults.length === 0 ? { ok: true, file: parsed.data } : { ok: false, faults };
}

const bad = (fault: string): ReadResult => ({ ok: false, faults: [fault] });

function belongFaults({ tank, filter, packs, jobs, log }: NeatLayerFile): string[] {
  const packIds = new Set(packs.map((pack) => pack.id));
  const jobIds = new Set(jobs.map((job) => job.id));
  const strange = (what: string, list: readonly { filterId: string }[]): string[] =>
    list.flatMap((one, at) =>
      one.filterId === filter.id
        ? []
        : [`${what} ${at + 1} belongs to the filter “${one.filterId}”, which is not in the file.`],
    );
  const twice = (what: string, list: readonly { id: string }[]): string[] =>
    new Set(list.map((one) => one.id)).size === list.length ? [] : [`Two ${what} have the same id.`];
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
      packFaults(filter, pack.layers).map((fault) => `Pack “${pack.name}”: ${fault}`),
    ),
    ...jobs.flatMap((job, at) =>
      [job.asFoundPackId, job.plannedPackId, ...job.alternativePackIds, job.asPackedPackId].flatMap((id) =>
        id === null || packIds.has(id)
          ? []
          : [`Job ${at + 1} refers to the pack “${id}”, which is not in the file.`],
      ),
    ),
    ...(jobs.filter((job) => job.stage !== 'done').length > 1
      ? ['More than one job is open; a filter has at most one.']
      : []),
    ...log.flatMap((entry, at) =>
      entry.jobId === null || jobIds.has(entry.jobId)
        ? []
        : [`Log entry ${at + 1} refers to the job “${entry.jobId}”, which is not in the file.`],
    ),
  ];
}
