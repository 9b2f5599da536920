'use client';
import { useEffect, useRef, useState, type ReactNode } from 'react';
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

export interface FrameLink {
  readonly label: string;
  readonly href: string;
  readonly here?: boolean;
  /** A stage that is behind: it gets its tick. */
  readonly done?: boolean;
  /** A stage not reached yet: what it waits for, shown on press. */
  readonly waitsFor?: string;
}

interface Props {
  readonly title: ReactNode;
  readonly subtitle?: ReactNode;
  readonly links: readonly FrameLink[];
  readonly linksLabel: string;
  readonly shortcuts?: readonly Shortcut[];
  /** At the right: what was saved, undo. */
  readonly status?: ReactNode;
  /** On a phone the links give their room to what is below. */
  readonly slim?: boolean;
  /** The page that says in a line what it is for; left out: its content says so. */
  readonly page?: ExplainedTerm;
  readonly children: ReactNode;
}

/** Links from which on the head of a page has no room for what the filter is beside its name. */
const CROWDED_LINKS = 8;

/** The head of every sheet: whose water it is, where in the job one stands, and whether all is saved. */
export function PageLayout({
  title,
  subtitle,
  links,
  linksLabel,
  shortcuts = [],
  status,
  slim = false,
  page,
  children,
}: Props) {
  const nav = useRef<HTMLElement>(null);
  const away = useAway();
  useDueNotices();
  const [waits, setWaits] = useState<string | null>(null);
  // From here on the page answers: until then it is a picture of itself, and presses are lost.
  useEffect(() => {
    takeUpEarlyInput();
    document.documentElement.dataset.alive = 'true';
  }, []);
  // On a phone the row of stages is wider than the screen: the one we are on comes into sight.
  useEffect(() => {
    nav.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, []);
  return (
    <>
      <header
        className={styles.head}
        data-print="no"
        data-slim={slim}
        data-crowded={links.length > CROWDED_LINKS}
      >
        <div className={styles.name}>
          <h1 className="title">{title}</h1>
          {subtitle === undefined ? null : <span className="caption">{subtitle}</span>}
        </div>
        <nav ref={nav} aria-label={linksLabel} className={styles.links}>
          {links.map((link) =>
            link.waitsFor !== undefined ? (
              <button
                key={link.label}
                type="button"
                className={styles.closed}
                onClick={() => setWaits(link.waitsFor ?? null)}
              >
                {link.label}
              </button>
            ) : (
              <AppLink
                key={link.label}
                href={link.href}
                className={styles.link}
                aria-current={link.here === true ? 'page' : undefined}
              >
                {link.label}
                {link.done === true ? (
                  <>
                    <span aria-hidden="true"> ✓</span>
                    <span className="unseen"> (done)</span>
                  </>
                ) : null}
              </AppLink>
            ),
          )}
        </nav>
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
      {waits === null ? null : (
        <p role="status" className={styles.waits}>
          {waits}
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
