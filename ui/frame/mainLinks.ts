import type { TabLink } from './TabRow';

const LINKS = [
  { label: 'Filters', href: '/' },
  { label: 'Add a filter', href: '/new' },
  { label: 'Shelf', href: '/shelf' },
  { label: 'Mature media', href: '/mature' },
  { label: 'Settings', href: '/settings' },
];

/** The pages that belong to no one filter. */
export const mainLinks = (here: string): TabLink[] =>
  LINKS.map((link) => ({ ...link, here: link.href === here }));
