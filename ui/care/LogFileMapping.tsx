'use client';
import Button from '@mui/material/Button';
import type { Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import { MAX_LOG_ENTRIES } from '@/formats/fileLimits';
import { LOG_FIELDS, logField, type LogFieldKey } from '@/formats/logCsv/logFields';
import type { ColumnChoice, DecimalSign, Mapping } from '@/formats/logCsv/guessMapping';
import type { DayOrder } from '@/formats/logCsv/parseMoment';
import type { CsvRead, LogCsvApi, OpenedCsv } from '@/workers/logCsvWorker';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { TextInput } from '../fields/TextInput';
import tables from '../frame/FigureTable.module.css';
import { describeLogEntry } from '../job/describeLogEntry';
import { send } from '../state/send';
import styles from './LogFile.module.css';

interface Props {
  readonly filterId: string;
  readonly name: string;
  readonly file: OpenedCsv;
  readonly remote: Remote<LogCsvApi>;
  readonly nameOf: (layerId: string) => string | null;
  readonly onAdd: (entries: readonly LogEntry[]) => void;
  readonly onCancel: () => void;
}

const LEFT_OUT = 'ignore';
const FIELD_CHOICES = [
  { value: LEFT_OUT, label: LEFT_OUT },
  ...(Object.keys(LOG_FIELDS) as LogFieldKey[])
    .filter((key) => logField(key).own !== true)
    .map((key) => ({ value: key, label: logField(key).words })),
];
/** A field that only this app’s own files have is offered where it was found. */
const choicesFor = (choice: ColumnChoice | null) =>
  choice === null || logField(choice.field).own !== true
    ? FIELD_CHOICES
    : [...FIELD_CHOICES, { value: choice.field, label: logField(choice.field).words }];

const DECIMALS: readonly { value: DecimalSign; label: string }[] = [
  { value: '.', label: '1,234.5 (point)' },
  { value: ',', label: '1.234,5 (comma)' },
];
const ORDERS: readonly { value: DayOrder; label: string }[] = [
  { value: 'day first', label: '31/12 (day first)' },
  { value: 'month first', label: '12/31 (month first)' },
];
/** Most faults that are shown at once. */
const MAX_FAULTS = 8;
const DAY = { day: 'numeric', month: 'short', year: 'numeric' } as const;

const NO_ANSWER = 'The app is not responding, so the file could not be checked.';

/** What came of reading, and of what. */
interface ReadState {
  readonly mapping: Mapping;
  readonly since: string;
  readonly read: CsvRead;
  /** Entries that the log has not got yet; null: not known, there are too many. */
  readonly missing: number | null;
}

/** What each column of a file holds, and what the file would add to the log. */
export function LogFileMapping({ filterId, name, file, remote, nameOf, onAdd, onCancel }: Props) {
  const words = useWords();
  const [mapping, setMapping] = useState<Mapping>(file.guess);
  const [since, setSince] = useState('');
  const [last, setState] = useState<ReadState | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const state = last !== null && last.mapping === mapping && last.since === since ? last : null;
  useEffect(() => {
    let isCurrent = true;
    const show = (next: ReadState, wrong: string | null) => {
      setState(next);
      setFault(wrong);
    };
    const work = async () => {
      const from = since === '' ? null : new Date(`${since}T00:00`).toISOString();
      const read = await remote.read(mapping, filterId, from, MAX_LOG_ENTRIES);
      if (!isCurrent) return;
      if (read.entries === null || read.entries.length === 0)
        return show({ mapping, since, read, missing: null }, null);
      const trial = await send<{ missing: number }>('POST', `/api/filters/${filterId}/log?try`, {
        entries: read.entries,
      });
      if (!isCurrent) return;
      show(
        { mapping, since, read, missing: trial.kind === 'saved' ? trial.value.missing : null },
        trial.kind === 'saved' ? null : trial.kind === 'refused' ? trial.faults.join(' ') : NO_ANSWER,
      );
    };
    work().catch(() => isCurrent && setFault(NO_ANSWER));
    return () => {
      isCurrent = false;
    };
  }, [mapping, since, remote, filterId]);
  const setColumn = (place: number, choice: ColumnChoice | null) =>
    setMapping((now) => ({
      ...now,
      columns: now.columns.map((known, column) =>
        column === place ? choice : known?.field === choice?.field ? null : known,
      ),
    }));
  return (
    <div role="group" aria-label="What is in the file" className={styles.mapping}>
      <p>
        <strong>{name}</strong>: {words.number(file.rows, 0)} rows ({file.encoding}). Check what each column
        contains.
      </p>
      <div className={styles.scroll}>
        <table className={tables.table}>
          <thead>
            <tr>
              <th scope="col">Column</th>
              <th scope="col">First rows</th>
              <th scope="col">Contains</th>
              <th scope="col">Unit</th>
            </tr>
          </thead>
          <tbody>
            {file.headings.map((heading, place) => {
              const choice = mapping.columns[place] ?? null;
              const units = choice === null ? [] : logField(choice.field).units;
              const column = heading === '' ? `column ${place + 1}` : heading;
              return (
                <tr key={place}>
                  <th scope="row">{column}</th>
                  <td className={styles.samples}>
                    {file.samples.map((row, line) => (
                      <span key={line}>{row[place] ?? ''}</span>
                    ))}
                  </td>
                  <td>
                    <ChoiceField
                      label={`${column} contains`}
                      value={choice?.field ?? LEFT_OUT}
                      choices={choicesFor(file.guess.columns[place] ?? null)}
                      onChange={(value) =>
                        setColumn(place, value === LEFT_OUT ? null : { field: value as LogFieldKey, unit: 0 })
                      }
                    />
                  </td>
                  <td>
                    {choice === null || units.length < 2 ? (
                      (units[0]?.words ?? '')
                    ) : (
                      <ChoiceField
                        label={`Unit of ${column}`}
                        value={String(choice.unit)}
                        choices={units.map((unit, index) => ({ value: String(index), label: unit.words }))}
                        onChange={(value) => setColumn(place, { ...choice, unit: Number(value) })}
                      />
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className={styles.actions}>
        <ChoiceField<DecimalSign>
          label="Numbers are written as"
          value={mapping.decimal}
          choices={DECIMALS}
          onChange={(decimal) => setMapping((now) => ({ ...now, decimal }))}
        />
        <ChoiceField<DayOrder>
          label="Dates with slashes"
          value={mapping.order}
          choices={ORDERS}
          onChange={(order) => setMapping((now) => ({ ...now, order }))}
        />
        <TextInput
          label="Only entries since"
          type="date"
          value={since}
          onChange={(event) => setSince(event.target.value)}
        />
      </div>
      {fault === null ? null : <p role="alert">{fault}</p>}
      {state === null ? (
        fault === null ? (
          <p role="status">Reading the file.</p>
        ) : null
      ) : (
        <Summary {...{ state, nameOf }} />
      )}
      <div className={styles.actions}>
        <Button
          variant="contained"
          disabled={state?.missing == null || state.missing === 0}
          onClick={() => onAdd(state?.read.entries ?? [])}
        >
          {state?.missing == null || state.missing === 0
            ? 'Add to the log'
            : `Add ${words.number(state.missing, 0)} ${state.missing === 1 ? 'entry' : 'entries'} to the log`}
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </div>
  );
}

/** What a file would add, and which of its rows it cannot. */
function Summary({ state: { read, missing }, nameOf }: { state: ReadState; nameOf: Props['nameOf'] }) {
  const words = useWords();
  const count = (value: number, one: string, many: string) =>
    `${words.number(value, 0)} ${value === 1 ? one : many}`;
  const { faults, badRows, first, span } = read;
  return (
    <div role="status" className={styles.summary}>
      {span === null ? (
        <p>No row can be added as an entry.</p>
      ) : (
        <>
          <p>
            <strong>{count(read.count, 'entry', 'entries')}</strong> from {words.date(span[0], DAY)} to{' '}
            {words.date(span[1], DAY)}
            {missing === null || missing === read.count
              ? '.'
              : missing === 0
                ? ': all of them are already in the log.'
                : `: ${words.number(read.count - missing, 0)} of them are already in the log, or are in the file twice.`}
          </p>
          <ul aria-label="The first entries" className={styles.first}>
            {first.map((entry) => (
              <li key={entry.id}>
                {words.date(entry.at, DAY)}, {words.clock(entry.at)}: {describeLogEntry(entry, words, nameOf)}
                {entry.note === '' ? '' : `: ${entry.note}`}
              </li>
            ))}
          </ul>
        </>
      )}
      {read.entries === null ? (
        <p className={styles.faults}>
          A log can hold {words.number(MAX_LOG_ENTRIES, 0)} entries. Choose a later day under “Only entries
          since”.
        </p>
      ) : null}
      {badRows === 0 ? null : (
        <>
          <p>{count(badRows, 'row is', 'rows are')} left out:</p>
          <ul aria-label="Rows that are left out" className={styles.faults}>
            {faults.slice(0, MAX_FAULTS).map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
            {badRows > MAX_FAULTS ? <li>And {words.number(badRows - MAX_FAULTS, 0)} more.</li> : null}
          </ul>
        </>
      )}
    </div>
  );
}
