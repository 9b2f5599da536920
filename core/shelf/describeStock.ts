import { sentence, type Sentence } from '../units/sentence';
import type { Shelf } from './shelf';

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** What of a medium lies on the shelf, in a few words; null where there is none. */
export function describeStock({ items }: Shelf, medium: string): Sentence | null {
  const own = items.filter((item) => 'medium' in item && item.medium === medium);
  const count = (kind: 'sheet' | 'piece', offcut?: boolean): number =>
    own.reduce(
      (sum, item) =>
        item.kind === kind && (item.kind !== 'sheet' || item.offcut === offcut) ? sum + item.count : sum,
      0,
    );
  const [sheets, offcuts, pieces] = [count('sheet', false), count('sheet', true), count('piece')];
  const volume = own.reduce((sum, item) => (item.kind === 'loose' ? sum + item.volume : sum), 0);
  const counts = [
    ...(sheets > 0 ? [counted(sheets, 'sheet', 'sheets')] : []),
    ...(offcuts > 0 ? [counted(offcuts, 'off-cut', 'off-cuts')] : []),
    ...(pieces > 0 ? [`${pieces}`] : []),
  ];
  if (volume > 0) return sentence`${{ kind: 'volume', si: volume }} on the shelf`;
  return counts.length === 0 ? null : sentence`${counts.join(' and ')} on the shelf`;
}
