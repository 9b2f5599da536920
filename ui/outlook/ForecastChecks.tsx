'use client';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import type { LearnedRow } from '@/core/learn/learnedRows';
import { describeOffTwice, describeScore } from '@/core/outlook/describeForecastChecks';
import { CHECKED, type Checked, type ForecastCheck } from '@/core/outlook/forecastCheck';
import { DAY } from '@/core/units/time';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import tables from '../frame/FigureTable.module.css';
import { readForecastChecks } from './readForecastChecks';

const CAPTIONS: Readonly<Record<Checked, string>> = {
  service: 'Days until the flow reached its limit',
  flow: 'Flow just after packing',
  level: 'Water below the rim, at the last look',
};
/** Below and above what was predicted. */
const WAYS: Readonly<Record<Checked, readonly [string, string]>> = {
  service: ['sooner', 'later'],
  flow: ['less', 'more'],
  level: ['nearer the rim', 'further below'],
};

interface Props {
  readonly filterId: string;
  /** What the log taught, for what to say where two were off the same way. */
  readonly learned: readonly LearnedRow[];
}

/** What was forecast of each of the last packs, and what happened. */
export function ForecastChecks({ filterId, learned }: Props) {
  const words = useWords();
  const [checks, setChecks] = useState<readonly ForecastCheck[] | 'failed' | null>(null);
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    const ends = new AbortController();
    void readForecastChecks(filterId, ends.signal).then((found) => {
      if (!ends.signal.aborted) setChecks(found ?? 'failed');
    });
    return () => ends.abort();
  }, [filterId, asked]);
  if (checks === null)
    return <p role="status">Working out what was forecast. The first time takes some seconds.</p>;
  if (checks === 'failed')
    return (
      <p role="alert">
        The app is not responding.{' '}
        <Button onClick={() => (setChecks(null), setAsked(asked + 1))}>Try again</Button>
      </p>
    );
  if (checks.length === 0)
    return (
      <p>No pack can be compared yet. A pack counts once the next one is in and its flow was measured.</p>
    );
  return (
    <>
      <p>{words.say(describeScore(checks))}</p>
      {describeOffTwice(checks, learned).map((said, index) => (
        <p key={index}>{words.say(said)}</p>
      ))}
      {CHECKED.map((what) => {
        const rows = checks.filter((check) => check.what === what);
        return rows.length === 0 ? null : (
          <table key={what} className={tables.table}>
            <caption>{CAPTIONS[what]}</caption>
            <thead>
              <tr>
                <th scope="col">Packed on</th>
                <th scope="col">Predicted</th>
                <th scope="col">What happened</th>
                <th scope="col">Difference</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((check) => (
                <tr key={check.packedAt}>
                  <th scope="row" suppressHydrationWarning>
                    {words.date(check.packedAt, { day: 'numeric', month: 'short', year: 'numeric' })}
                  </th>
                  <td>{expectedWords(check, words)}</td>
                  <td>{seenWords(check, words)}</td>
                  <td>{offWords(check, words)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        );
      })}
      <p className="quiet">
        Each forecast is worked out from the log up to the day of packing, with the tank and filter as they
        are now.
      </p>
    </>
  );
}

const show = (what: Checked, value: number, words: Words): string =>
  what === 'service'
    ? words.show({ kind: 'days', si: Math.round(value) * DAY })
    : words.show({ kind: what === 'flow' ? 'flow' : 'gap', si: value });

function expectedWords({ what, expected: { low, high } }: ForecastCheck, words: Words): string {
  if (high === null) return `${show(what, low, words)} or later`;
  const [from, to] = [show(what, low, words), show(what, high, words)];
  if (from === to) return from;
  return `${what === 'service' ? Math.round(low) : from} to ${to}`;
}

function seenWords({ what, seen, openedOn }: ForecastCheck, words: Words): string {
  if (seen !== null) return show(what, seen, words);
  return `cleaned after ${show(what, openedOn ?? 0, words)}, not at its limit yet`;
}

function offWords({ what, off }: ForecastCheck, words: Words): string {
  if (off === null) return 'cannot be told';
  if (off === 0) return 'within the range';
  return `${show(what, Math.abs(off), words)} ${WAYS[what][off < 0 ? 0 : 1]}`;
}
