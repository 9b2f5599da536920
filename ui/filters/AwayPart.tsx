'use client';
import Button from '@mui/material/Button';
import { addDays, formatISO } from 'date-fns';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { backOn, type Away, type AwayFilter, type Holds } from '@/core/care/awayPlan';
import { MAX_DAYS_AWAY } from '@/core/care/maxDaysAway';
import type { HomePage } from '@/server/homePage';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/UnitsProvider';
import { TextInput } from '../fields/TextInput';
import { AppLink } from '../frame/AppLink';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './AwayPart.module.css';
import today from './TodayList.module.css';

/** A fortnight: most holidays. */
const USUAL_DAYS = 14;

const HOLDS_WORDS: Readonly<Record<Holds, string>> = {
  yes: 'needs nothing until you are back',
  likely: 'will probably need nothing until you are back',
  'perhaps not': 'may need service before you are back',
  no: 'needs service before you are back',
  'not known': 'has no forecast. Enter its media',
  'media are out': 'is open. Finish the repack before you leave',
};

interface Props {
  readonly away: Away | null;
  readonly plan: HomePage['away'];
  /** Nothing is planned any more. */
  readonly onClose: () => void;
}

/** The next time away: what to do before, and whether each filter holds until somebody is back. */
export function AwayPart({ away, plan, onClose }: Props) {
  const words = useWords();
  const router = useRouter();
  const [isOpen, setIsOpen] = useState(plan === null);
  const [fault, setFault] = useState<string | null>(null);
  const [from, setFrom] = useState(
    away?.from ?? formatISO(addDays(new Date(), 7), { representation: 'date' }),
  );
  const [days, setDays] = useState<number | null>(away?.days ?? USUAL_DAYS);
  const save = async (next: Away | null) => {
    const outcome = await send('PATCH', '/api/settings', { away: next });
    if (outcome.kind !== 'saved') return setFault(outcomeFaults(outcome).join(' '));
    setFault(null);
    setIsOpen(false);
    if (next === null) onClose();
    router.refresh();
  };
  const day = (iso: string): string => words.date(iso, { weekday: 'short', day: 'numeric', month: 'short' });
  return (
    <section aria-label="Time away" className={styles.part}>
      {plan === null || away === null ? null : (
        <>
          <p className={today.title}>
            Away {day(away.from)} to {day(backOn(away))}
            <small>assumes normal feeding; less food means slower clogging</small>
          </p>
          <ul>
            {plan.filters.map((filter) => (
              <AwayRow key={filter.id} filter={filter} />
            ))}
          </ul>
          {plan.count > plan.filters.length ? (
            <p className="quiet">and {plan.count - plan.filters.length} more filters</p>
          ) : null}
        </>
      )}
      {isOpen ? (
        <form
          aria-label="When are you away?"
          className={styles.form}
          onSubmit={(event) => {
            event.preventDefault();
            if (days !== null) void save({ from, days });
          }}
        >
          <TextInput
            label="First day away"
            type="date"
            value={from}
            onChange={(event) => setFrom(event.target.value)}
          />
          <CountField label="Days away" value={days} max={MAX_DAYS_AWAY} onChange={setDays} />
          <Button type="submit" disabled={days === null || days === 0 || from === ''}>
            Show what to do
          </Button>
          <Button
            onClick={() => {
              setIsOpen(false);
              if (plan === null) onClose();
            }}
          >
            Cancel
          </Button>
        </form>
      ) : (
        <p className={styles.acts}>
          <button type="button" onClick={() => setIsOpen(true)}>
            Change the dates
          </button>
          <button type="button" onClick={() => void save(null)}>
            Remove these dates
          </button>
        </p>
      )}
      {fault === null ? null : <p role="alert">{fault}</p>}
    </section>
  );
}

function AwayRow({ filter: { id, name, holds, before } }: { readonly filter: AwayFilter }) {
  const words = useWords();
  return (
    <li className={styles.row} data-holds={holds}>
      <AppLink href={`/filter/${id}/care`}>{name}</AppLink>
      <span>
        {before.length === 0 ? null : (
          <>Before you leave: {before.map(({ what }) => words.say(what)).join(' ')} </>
        )}
        <strong>
          {before.length === 0 ? 'The filter' : 'The filter then'} {HOLDS_WORDS[holds]}.
        </strong>
      </span>
    </li>
  );
}
