import { lowerFirst } from '../units/firstLetter';
import type { Medium } from './medium';

/**
 * The name of a medium as it stands among others in a sentence: its commas would part it, and a number stays with its
 * unit at a line’s end.
 *
 * @example nameInList({ name: 'Medium foam, 30 ppi' }) // 'medium foam (30\u00a0ppi)'
 */
export function nameInList({ name }: Pick<Medium, 'name'>): string {
  const [plain = '', ...more] = lowerFirst(name).split(', ');
  return more.length === 0 ? plain : `${plain} (${more.join(', ').replace(/(\d) /g, '$1\u00a0')})`;
}
