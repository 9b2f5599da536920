'use client';
import { DeletedEntry } from '../log/DeletedEntry';
import { useLog } from '../log/useLog';
import { useServerState } from '../state/useServerState';
import { StoredPhoto } from '../job/StoredPhoto';
import { SEARCH_PAUSE_MS } from '../state/searchPause';
import { LONGEST_NOTE } from '@/core/document/longestNote';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { LOG_PAGE } from '@/core/log/logPage';
import type { LogEntry } from '@/core/log/logEntry';
import type { Photo } from '@/core/log/photo';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { TextInput } from '../fields/TextInput';
import { describeLogEntry } from '../job/describeLogEntry';
import { lazyPart } from '../frame/lazyPart';
import { PageButtons } from '../frame/PageButtons';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import type { LogPage } from '@/server/logPage';
import styles from './LogSheet.module.css';

// Wanted once an entry is edited.
const Photos = lazyPart(() => import('../job/Photos').then((module) => module.Photos));

interface Props {
  readonly filterId: string;
  readonly first: LogPage;
  /** Changes when something was added elsewhere on the sheet. */
  readonly added: number;
  readonly nameOf: (layerId: string) => string | null;
}

const ALL_KINDS = 'all';
const KIND_CHOICES: readonly { readonly value: string; readonly label: string }[] = [
  { value: ALL_KINDS, label: 'everything' },
  { value: 'look', label: 'quick looks' },
  { value: 'flow', label: 'flows' },
  { value: 'level', label: 'levels' },
  { value: 'service', label: 'services' },
  { value: 'repacked', label: 'repacks' },
  { value: 'test', label: 'water tests' },
  { value: 'water change', label: 'water changes' },
  { value: 'top-up', label: 'top-ups' },
  { value: 'addition', label: 'things added to the water' },
  { value: 'cloudy', label: 'cloudy water' },
  { value: 'change', label: 'feeding and hardware' },
  { value: 'fault', label: 'faults' },
  { value: 'snooze', label: 'jobs put off' },
  { value: 'note', label: 'notes' },
];

/** The log, a page at a time: searched, filtered, mended, with undo. */
export function LogList({ filterId, first, added, nameOf }: Props) {
  const words = useWords();
  const [page, setPage] = useServerState(first);
  const [kind, setKind] = useState(ALL_KINDS);
  const [text, setText] = useState('');
  const [from, setFrom] = useState(0);
  const [changed, setChanged] = useState(0);
  const [editing, setEditing] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const isFirst = useRef(true);

  useEffect(() => {
    // The server has just sent this page.
    if (isFirst.current) {
      isFirst.current = false;
      return undefined;
    }
    const asked = new AbortController();
    const timer = setTimeout(() => {
      const query = new URLSearchParams({
        text,
        from: String(from),
        ...(kind === ALL_KINDS ? {} : { kind }),
      });
      fetch(`/api/filters/${filterId}/log?${query.toString()}`, { signal: asked.signal })
        .then(async (answer) => {
          if (!answer.ok) throw new Error(answer.statusText);
          setPage((await answer.json()) as LogPage);
          setFault(null);
        })
        .catch(() => {
          if (!asked.signal.aborted) setFault('The app is not responding, so the list was not updated.');
        });
    }, SEARCH_PAUSE_MS);
    return () => {
      clearTimeout(timer);
      asked.abort();
    };
  }, [filterId, kind, text, from, added, changed, setPage]);

  const { remove, ...logged } = useLog(filterId, null, () => setChanged((count) => count + 1));
  const { entries, total, photos } = page;
  return (
    <section aria-label="Log" className={styles.part}>
      <h2 className="title">Log</h2>
      <div className={styles.find}>
        <TextInput
          label="Search the log"
          type="search"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setFrom(0);
          }}
        />
        <ChoiceField
          label="Show"
          value={kind}
          choices={KIND_CHOICES}
          onChange={(value) => {
            setKind(value);
            setFrom(0);
          }}
        />
      </div>
      <DeletedEntry {...logged} />
      {fault === null ? null : <p role="alert">{fault}</p>}
      <p className="quiet">
        {total === 0
          ? 'No entries match.'
          : `${words.number(from + 1)} to ${words.number(from + entries.length)} of ${words.number(total)}, newest first`}
      </p>
      <ol className={styles.list}>
        {entries.map((entry) => (
          <li key={entry.id} className={styles.entry}>
            <span className="caption">
              {words.date(entry.at, { day: 'numeric', month: 'short', year: 'numeric' })},{' '}
              {words.clock(entry.at)}
            </span>
            <span>
              {describeLogEntry(entry, words, nameOf)}
              {entry.note === '' ? '' : `: ${entry.note}`}
            </span>
            {editing === entry.id ? null : (
              <EntryPhotos photos={photos.filter(({ entryId }) => entryId === entry.id)} />
            )}
            {editing === entry.id ? (
              <EditEntry
                entry={entry}
                photos={photos.filter(({ entryId }) => entryId === entry.id)}
                onPhotos={(own) =>
                  setPage((shown) => ({
                    ...shown,
                    photos: [...shown.photos.filter(({ entryId }) => entryId !== entry.id), ...own],
                  }))
                }
                onDone={(saved) => {
                  setEditing(null);
                  if (saved !== null) setChanged((count) => count + 1);
                }}
              />
            ) : (
              <span className={styles.acts}>
                {entry.kind === 'repacked' ? null : (
                  <>
                    <button
                      type="button"
                      aria-label={`Edit ${describeLogEntry(entry, words, nameOf)}`}
                      onClick={() => setEditing(entry.id)}
                    >
                      Edit
                    </button>
                    <button
                      type="button"
                      aria-label={`Delete ${describeLogEntry(entry, words, nameOf)}`}
                      onClick={() => void remove(entry)}
                    >
                      Delete
                    </button>
                  </>
                )}
              </span>
            )}
          </li>
        ))}
      </ol>
      <PageButtons from={from} size={LOG_PAGE} total={total} onFrom={setFrom} />
    </section>
  );
}

/** Photos of an entry, small; each opens in full. */
function EntryPhotos({ photos }: { readonly photos: readonly Photo[] }) {
  if (photos.length === 0) return null;
  return (
    <span className={styles.thumbs}>
      {photos.map(({ id }, index) => (
        <a key={id} href={`/api/photos/${id}`} target="_blank" rel="noreferrer">
          <StoredPhoto photoId={id} alt={`Photo ${index + 1}`} />
        </a>
      ))}
    </span>
  );
}

/** A moment as the field for date and time has it, by this browser’s clock. */
const localMoment = (at: string): string => {
  const date = new Date(at);
  return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
};

/** When it was, and what is noted of it. */
function EditEntry({
  entry,
  photos,
  onPhotos,
  onDone,
}: {
  readonly entry: LogEntry;
  readonly photos: readonly Photo[];
  readonly onPhotos: (photos: readonly Photo[]) => void;
  readonly onDone: (saved: LogEntry | null) => void;
}) {
  const [at, setAt] = useState(localMoment(entry.at));
  const [note, setNote] = useState(entry.note);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const save = async () => {
    const moment = new Date(at);
    if (Number.isNaN(moment.getTime())) return setFaults(['Enter a date and a time.']);
    const outcome = await send<LogEntry>('PUT', `/api/log/${entry.id}`, {
      ...entry,
      at: at === localMoment(entry.at) ? entry.at : moment.toISOString(),
      note: note.trim(),
    });
    if (outcome.kind === 'saved') return onDone(outcome.value);
    setFaults(outcomeFaults(outcome));
  };
  return (
    <form
      className={styles.edit}
      aria-label="Edit entry"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <TextInput
        label="When"
        type="datetime-local"
        value={at}
        onChange={(event) => setAt(event.target.value)}
      />
      <TextInput
        label="Note"
        value={note}
        maxLength={LONGEST_NOTE}
        onChange={(event) => setNote(event.target.value)}
      />
      <Photos address={() => Promise.resolve(`/api/log/${entry.id}/photos`)} {...{ photos, onPhotos }} />
      <Button type="submit">Save entry</Button>
      <Button onClick={() => onDone(null)}>Cancel</Button>
      {faults.map((line) => (
        <p key={line} role="alert">
          {line}
        </p>
      ))}
    </form>
  );
}
