'use client';
import { LONGEST_NOTE } from '@/core/document/longestNote';
import { USUAL_WATER_CHANGE } from '@/core/practice/usualWaterChange';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { MANY_KINDS, manyEntries, type ManyKind } from '@/core/log/manyEntries';
import { TEST_BOUNDS } from '@/core/log/logBounds';
import type { LogEntry } from '@/core/log/logEntry';
import { upperFirst } from '@/core/units/firstLetter';
import type { DrawnRow } from './drawRows';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { TextInput } from '../fields/TextInput';
import { send } from '../state/send';
import styles from './AwayPart.module.css';
import today from './TodayList.module.css';

interface Props {
  readonly rows: readonly DrawnRow[];
  readonly onClose: () => void;
}

/** One entry for many filters at once: the sponges of a fish room, a round of looks. */
export function ManyLog({ rows, onClose }: Props) {
  const words = useWords();
  const router = useRouter();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [kind, setKind] = useState<ManyKind>('all well');
  const [share, setShare] = useState(USUAL_WATER_CHANGE);
  const [note, setNote] = useState('');
  const [logged, setLogged] = useState<readonly LogEntry[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  // Made once for what is entered: sent again because the answer was lost, they are the same entries.
  const entries = useMemo(
    () =>
      manyEntries(
        rows
          .filter(({ id }) => chosen.includes(id))
          .map(({ id, tankId, airFilters, layers }) => ({ id, tankId, airFilters, layers })),
        { kind, share, note: note.trim() },
        new Date().toISOString(),
        () => crypto.randomUUID(),
      ),
    [rows, chosen, kind, share, note],
  );
  const said = (refused: readonly string[] | null) =>
    setFault(refused?.join(' ') ?? 'The app is not responding. Nothing was changed. Try again.');
  const save = async () => {
    const outcome = await send('POST', '/api/log/many', { entries });
    if (outcome.kind !== 'saved') return said(outcome.kind === 'refused' ? outcome.faults : null);
    setFault(null);
    setLogged(entries);
    setChosen([]);
    router.refresh();
  };
  const undo = async () => {
    const outcome = await send('DELETE', '/api/log/many', { ids: logged.map(({ id }) => id) });
    if (outcome.kind !== 'saved') return said(outcome.kind === 'refused' ? outcome.faults : null);
    setFault(null);
    setLogged([]);
    router.refresh();
  };
  return (
    <section aria-label="Log for several filters" className={styles.part}>
      <p className={today.title}>Log for several filters</p>
      <CheckList
        legend="Filters"
        items={rows.map(({ id, name }) => ({ value: id, label: name }))}
        chosen={chosen}
        onChange={setChosen}
      />
      <div className={styles.form}>
        <ChoiceField<ManyKind>
          label="What you did"
          value={kind}
          choices={MANY_KINDS.map((value) => ({ value, label: upperFirst(value) }))}
          onChange={setKind}
        />
        {kind === 'water changed' ? (
          <QuantityField
            label="Water changed"
            bounds={TEST_BOUNDS.share}
            value={share}
            onChange={(si) => si !== null && setShare(si)}
          />
        ) : null}
        <TextInput
          label="Note"
          value={note}
          maxLength={LONGEST_NOTE}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button
          variant="contained"
          disabled={entries.length === 0 || (kind === 'note' && note.trim() === '')}
          onClick={() => void save()}
        >
          {entries.length === 0
            ? 'Save to the logs'
            : `Save ${words.number(entries.length, 0)} ${entries.length === 1 ? 'entry' : 'entries'}`}
        </Button>
        <Button onClick={() => setChosen(rows.map(({ id }) => id))}>Select all</Button>
        <Button onClick={onClose}>Close</Button>
      </div>
      <p role="status">
        {logged.length === 0 ? null : (
          <>
            Logged for {words.number(logged.length, 0)} {logged.length === 1 ? 'filter' : 'filters'}.{' '}
            <Button onClick={() => void undo()}>Undo</Button>
          </>
        )}
      </p>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </section>
  );
}
