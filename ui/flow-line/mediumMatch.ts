import type { Medium } from '@/core/media/medium';

/**
 * How well a medium answers a search; 0: not at all. Its name as typed comes first, then a name that begins so, then one that
 * has every word as a whole word, then every word somewhere in name, family, grade, roles or service.
 *
 * @example mediumMatch(mediumById('foam-15'), 'coarse foam') // 3; very coarse foam has 2
 */
export function mediumMatch({ name, family, grade, roles, service, like }: Medium, wanted: string): number {
  const search = wanted.trim().toLowerCase();
  const own = name.toLowerCase();
  const text = [own, family, grade ?? '', ...roles, service, like === undefined ? '' : 'my own'].join(' ');
  const words = search.split(/\s+/);
  if (!words.every((word) => text.includes(word))) return 0;
  if (search === '') return 1;
  if (own === search) return 4;
  if (own.startsWith(search)) return 3;
  const inName = own.split(/[^\p{L}\p{N}]+/u);
  return words.every((word) => inName.includes(word)) ? 2 : 1;
}
