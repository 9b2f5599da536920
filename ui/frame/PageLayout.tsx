'use client';
import { useEffect, type ReactNode } from 'react';
import { AppLink } from './AppLink';
import { takeUpEarlyInput } from './earlyInput';
import { StorageNote } from './StorageNote';
import styles from './PageLayout.module.css';
import { KeyHelp } from './KeyHelp';
import { useAway } from '../state/useAway';
import { SchemeSwitch } from './SchemeSwitch';
import type { Shortcut } from '../state/useKeys';
import { useDueNotices } from './useDueNotices';
import { EXPLANATIONS, type ExplainedTerm } from './explanations';

interface Props {
  readonly title: ReactNode;
  readonly subtitle?: ReactNode;
  /** The page that this one belongs to. */
  readonly back?: { readonly label: string; readonly href: string };
  /** The switch between the places of a filter; on a phone it lies at the bottom. */
  readonly places?: ReactNode;
  /** The pages beside this one. */
  readonly nav: ReactNode;
  /** Under the head: what the keeper has just asked it. */
  readonly notice?: string | null;
  readonly shortcuts?: readonly Shortcut[];
  /** At the right: what was saved, undo. */
  readonly status?: ReactNode;
  /** On a phone the head gives its room to what is below. */
  readonly slim?: boolean;
  /** The page that says in a line what it is for; left out: its content says so. */
  readonly page?: ExplainedTerm;
  readonly children: ReactNode;
}

/** The head of every sheet: whose water it is, where in the job one stands, and whether all is saved. */
export function PageLayout({
  title,
  subtitle,
  back,
  places,
  nav,
  notice = null,
  shortcuts = [],
  status,
  slim = false,
  page,
  children,
}: Props) {
  const away = useAway();
  useDueNotices();
  // From here on the page answers: until then it is a picture of itself, and presses are lost.
  useEffect(() => {
    takeUpEarlyInput();
    document.documentElement.dataset.alive = 'true';
  }, []);
  return (
    <>
      <header className={styles.head} data-print="no" data-slim={slim} data-of-filter={places !== undefined}>
        {back === undefined ? null : (
          <AppLink href={back.href} className={styles.back}>
            <span aria-hidden="true">‹</span>
            {back.label}
          </AppLink>
        )}
        <div className={styles.name}>
          <h1 className="title">{title}</h1>
          {subtitle === undefined ? null : <span className="caption">{subtitle}</span>}
        </div>
        {places}
        <div className={styles.nav}>{nav}</div>
        <div className={styles.status}>
          {status}
          <SchemeSwitch />
          <KeyHelp shortcuts={shortcuts} />
        </div>
      </header>
      <StorageNote />
      {away ? (
        <p role="alert" className={styles.waits}>
          The app is not responding, so this page stays open. Start the app again, then press the link again.
        </p>
      ) : null}
      {notice === null ? null : (
        <p role="status" className={styles.waits}>
          {notice}
        </p>
      )}
      <main>
        {page === undefined ? null : (
          <p className={styles.about} data-print="no">
            {EXPLANATIONS[page]}
          </p>
        )}
        {children}
      </main>
    </>
  );
}
