import { MAX_FAULTS } from '../files/maxFaults';
import { joined } from '@/core/units/joined';
import type { IncomingDone, IncomingSaid } from '@/server/incomingFile';
import type { Words } from '../fields/wordsFor';

/** Most names listed one by one. */
const MAX_NAMES = 6;

const counted = (words: Words, count: number, one: string, many: string): string =>
  `${words.number(count, 0)} ${count === 1 ? one : many}`;

/** "2 filters (Long run and Reed bench)". */
function filtersSaid(words: Words, names: readonly string[]): string {
  const count = counted(words, names.length, 'filter', 'filters');
  return names.length === 0 || names.length > MAX_NAMES ? count : `${count} (${joined(names)})`;
}

/** What a file holds, and what adding it or replacing everything with it would do. */
export interface IncomingWords {
  readonly holds: string;
  /** null: it adds nothing. */
  readonly adds: string | null;
  readonly stays: string;
  readonly faults: readonly string[];
}

/** Says what was found in a file that was tried. */
export function describeImport(words: Words, { kind, holdings, news, faults }: IncomingSaid): IncomingWords {
  const { counts } = holdings;
  const holds = joined([
    filtersSaid(words, holdings.filters),
    counted(words, counts.log_entry, 'log entry', 'log entries'),
    counted(words, counts.photo, 'photo', 'photos'),
  ]);
  const bad =
    holdings.unreadable === 0
      ? ''
      : ` ${counted(words, holdings.unreadable, 'record', 'records')} in the file cannot be read. They are added as they are, and you can repair them here.`;
  const adds = [
    ...(news.added.length === 0 ? [] : [filtersSaid(words, news.added)]),
    ...(news.entries === 0
      ? []
      : [`${counted(words, news.entries, 'log entry', 'log entries')} for filters you already have`]),
  ];
  return {
    holds: `The ${kind} contains ${holds}.${bad}`,
    adds: adds.length === 0 ? null : `This would add ${joined(adds)}. Your existing data does not change.`,
    stays:
      adds.length === 0
        ? 'You already have everything in this file. There is nothing to add.'
        : 'Replacing removes all your filters, logs, photos, shelf and settings and uses those in the file.',
    faults: [
      ...faults.slice(0, MAX_FAULTS),
      ...(faults.length > MAX_FAULTS ? [`And ${words.number(faults.length - MAX_FAULTS, 0)} more.`] : []),
    ],
  };
}

/** What was done with it. */
export function describeImportResult(words: Words, { news, before }: IncomingDone): string {
  if (news === null)
    return `Everything was replaced.${before === null ? '' : ` Your previous data is kept in ${before}.`}`;
  const { added, entries } = news;
  return `Added ${joined([filtersSaid(words, added), counted(words, entries, 'log entry', 'log entries')])}.`;
}
