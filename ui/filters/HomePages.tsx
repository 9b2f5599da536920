'use client';
import { SEARCH_PAUSE_MS } from '../state/searchPause';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { HomePage } from '@/server/homePage';
import { TextInput } from '../fields/TextInput';
import { AppLink } from '../frame/AppLink';
import styles from './FiltersSheet.module.css';

const MAX_NAME_LENGTH = 60;

const address = (page: number, find: string): string => {
  const asked = new URLSearchParams({
    ...(find === '' ? {} : { find }),
    ...(page === 1 ? {} : { page: String(page) }),
  }).toString();
  return asked === '' ? '/' : `/?${asked}`;
};

/** Finds filters by name, and leafs through them where they are many. */
export function HomePages({
  home: { find, page, pages, found, all },
}: {
  readonly home: Omit<HomePage, 'rows'>;
}) {
  const router = useRouter();
  const [text, setText] = useState(find);
  useEffect(() => {
    if (text.trim() === find) return undefined;
    const timer = setTimeout(() => router.replace(address(1, text.trim())), SEARCH_PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text, find, router]);
  return (
    <nav aria-label="Filters by name and page" className={styles.pages}>
      <TextInput
        label="Find a filter or tank"
        value={text}
        maxLength={MAX_NAME_LENGTH}
        onChange={(event) => setText(event.target.value)}
      />
      <span role="status">
        {found === all ? `${all} filters` : `${found} of ${all} filters`}
        {pages > 1 ? `, page ${page} of ${pages}` : ''}
      </span>
      {page > 1 ? <AppLink href={address(page - 1, find)}>Previous page</AppLink> : null}
      {page < pages ? <AppLink href={address(page + 1, find)}>Next page</AppLink> : null}
    </nav>
  );
}
