import type { Medium } from '@/core/media/medium';

/** Every word of the search is somewhere in a medium’s name, family, grade, roles or service. */
export function matchesMedium(
  { name, family, grade, roles, service, like }: Medium,
  wanted: string,
): boolean {
  const text = [name, family, grade ?? '', ...roles, service, like === undefined ? '' : 'my own']
    .join(' ')
    .toLowerCase();
  return wanted
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}
