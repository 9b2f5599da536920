'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';
import { isAway } from '../state/useAway';
import { flushAll } from '../state/unsaved';

type Props = Omit<ComponentProps<typeof Link>, 'href'> & { readonly href: string };

/**
 * A link within the app. Pages hold live data and come from this machine, so nothing is fetched ahead; what was typed
 * a moment ago is stored before the next page is asked for, so that it is in it. While the server is away the page
 * stays, and its head says so.
 */
export function AppLink({ href, ...props }: Props) {
  const router = useRouter();
  const go = async () => {
    if (await isAway()) return;
    await flushAll();
    router.push(href);
  };
  return (
    <Link
      prefetch={false}
      {...props}
      href={href}
      onNavigate={(event) => {
        event.preventDefault();
        void go();
      }}
    />
  );
}
