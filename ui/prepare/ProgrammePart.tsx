'use client';
import Checkbox from '@mui/material/Checkbox';
import { stepTitle, type ProgrammeStep } from '@/core/prepare/programme';
import { TextInput } from '../fields/TextInput';
import { useWords } from '../fields/UnitsProvider';
import styles from './Prepare.module.css';
import { SoakTimer } from './SoakTimer';
import { HOUR } from '@/core/units/time';

interface Props {
  readonly steps: readonly ProgrammeStep[];
  readonly repackOn: string | null;
  readonly now: string;
  readonly onDay: (day: string | null) => void;
  readonly onTick: (key: string, done: boolean) => void;
}

/** What is done with new media before the filter is opened, day by day. */
export function ProgrammePart({ steps, repackOn, now, onDay, onTick }: Props) {
  const words = useWords();
  const today = now.slice(0, 10);
  const days = [...new Set(steps.map(({ on, daysBefore }) => on ?? String(daysBefore)))];
  const heading = (step: ProgrammeStep): string => {
    if (step.on !== null)
      return `${words.date(step.on, { weekday: 'long', day: 'numeric', month: 'long' })}${step.on === today ? ', today' : ''}`;
    return step.daysBefore === 0
      ? 'On the day of the repack'
      : `${step.daysBefore} ${step.daysBefore === 1 ? 'day' : 'days'} before`;
  };
  return (
    <section aria-label="Preparations" className={styles.part}>
      <h2 className="title">Preparations</h2>
      <TextInput
        label="Day of the repack"
        type="date"
        value={repackOn ?? ''}
        onChange={(event) =>
          onDay(/^\d{4}-\d{2}-\d{2}$/.test(event.target.value) ? event.target.value : null)
        }
      />
      {steps.length === 0 ? <p className="quiet">No new media, so there is nothing to prepare.</p> : null}
      {days.map((day) => {
        const own = steps.filter(({ on, daysBefore }) => (on ?? String(daysBefore)) === day);
        const [first] = own;
        if (first === undefined) return null;
        const late = own.some(({ on, doneAt }) => doneAt === null && on !== null && on < today);
        return (
          <div key={day} className={styles.day} data-due={first.on !== null && first.on <= today}>
            <h3 className="caption">
              {heading(first)}
              {late ? ', overdue' : ''}
            </h3>
            <ul>
              {own.map((step) => (
                <li key={step.key} className={styles.step} data-done={step.doneAt !== null}>
                  <Checkbox
                    checked={step.doneAt !== null}
                    onChange={(_, on) => onTick(step.key, on)}
                    slotProps={{ input: { 'aria-label': stepTitle(step) } }}
                  />
                  <div>
                    <p>{stepTitle(step)}</p>
                    <p className="quiet">
                      about {words.number(step.minutes)} min of work
                      {step.stands > 0 && step.doneAt === null
                        ? `, then leave it for ${words.show({ kind: 'hours', si: step.stands * HOUR })}`
                        : ''}
                    </p>
                    {step.stands > 0 && step.doneAt !== null ? (
                      <SoakTimer stands={step.stands} doneAt={step.doneAt} />
                    ) : null}
                    {step.caution === null ? null : <p className={styles.caution}>{step.caution}</p>}
                  </div>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
