'use client';
import Button from '@mui/material/Button';
import { addDays, format, parseISO } from 'date-fns';
import type { Swap, SwapStage } from '@/core/filter/swap';
import { lowerFirst } from '@/core/units/firstLetter';
import { useWords } from '../fields/UnitsProvider';
import styles from './SwapSheet.module.css';

interface Props {
  readonly swap: Swap;
  readonly now: string;
  readonly onChange: (swap: Swap | null) => void;
}

/** The stages as dated steps: what goes out, what comes in, and a tick when it is done. */
export function StageList({ swap, now, onChange }: Props) {
  const words = useWords();
  const today = format(parseISO(now), 'yyyy-MM-dd');
  const begins = swap.begunOn ?? today;
  const begun = swap.begunOn !== null;
  const date = (day: number): string =>
    words.date(addDays(parseISO(begins), day), { weekday: 'short', day: 'numeric', month: 'short' });
  const put = (index: number, doneOn: string | null) =>
    onChange({
      ...swap,
      stages: swap.stages.map((stage, at) => (at === index ? { ...stage, doneOn } : stage)),
    });
  const done = swap.stages.every(({ doneOn }) => doneOn !== null);
  return (
    <section aria-label="Stages">
      <ol className={styles.stages}>
        {swap.stages.map((stage, index) => (
          <li key={index} data-done={stage.doneOn !== null}>
            <span className={styles.when}>
              <strong>{begun ? date(stage.day) : `day ${words.number(stage.day, 0)}`}</strong>
              {begun ? null : <span className="quiet">{stage.day === 0 ? 'today' : date(stage.day)}</span>}
            </span>
            <span>{partsSaid(swap, stage, words.number)}</span>
            {begun ? (
              stage.doneOn === null ? (
                <Button onClick={() => put(index, today)}>Stage {index + 1} is done</Button>
              ) : (
                <span className="quiet">
                  done {words.date(stage.doneOn, { day: 'numeric', month: 'short' })}{' '}
                  <Button onClick={() => put(index, null)}>Not done</Button>
                </span>
              )
            ) : null}
          </li>
        ))}
      </ol>
      {begun ? (
        <div className={styles.tools}>
          <Button onClick={() => onChange(null)}>{done ? 'Finish this swap' : 'Cancel this swap'}</Button>
        </div>
      ) : null}
    </section>
  );
}

/** “Take out half of the sintered glass and all of the lava; put the new media in their place.” */
function partsSaid(
  { pieces }: Swap,
  { parts }: SwapStage,
  number: (value: number, digits?: number) => string,
): string {
  const said = parts.map(({ key, share }) => {
    const name = lowerFirst(pieces.find((piece) => piece.key === key)?.name ?? 'medium');
    return `${shareSaid(share, number)} of the ${name}`;
  });
  const list =
    said.length < 2 ? (said[0] ?? '') : `${said.slice(0, -1).join(', ')} and ${said[said.length - 1]}`;
  const news = parts.some(({ key }) => (pieces.find((piece) => piece.key === key)?.newSurface ?? 0) > 0);
  return `Take out ${list}${news ? ' and put new media in its place, beside the media that stays' : ''}.`;
}

const FRACTIONS: readonly (readonly [value: number, word: string])[] = [
  [1, 'all'],
  [1 / 2, 'half'],
  [1 / 3, 'a third'],
  [2 / 3, 'two thirds'],
  [1 / 4, 'a quarter'],
  [3 / 4, 'three quarters'],
];

/** A share as a keeper says it: within two in a hundred of a plain fraction, else in percent. */
function shareSaid(share: number, number: (value: number, digits?: number) => string): string {
  const found = FRACTIONS.find(([value]) => Math.abs(value - share) < 0.02);
  return found?.[1] ?? `${number(share * 100, 0)} %`;
}
