'use client';
import Button from '@mui/material/Button';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { NEEDS_WORK, type RoundAnswer } from '@/core/care/roundAnswer';
import type { RoundStop } from '@/server/checkRound';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { mainLinks } from '../frame/mainLinks';
import { PageLayout } from '../frame/PageLayout';
import { TabRow } from '../frame/TabRow';
import { VerdictLine } from '../frame/VerdictLine';
import { useLog } from '../log/useLog';
import { useKeys, type Shortcut } from '../state/useKeys';
import styles from './CheckAllPage.module.css';
import { useRound } from './useRound';

/** All filters one after the other: a whole fish room in one pass, and a list of what needs work at its end. */
export function CheckAllPage({ stops }: { readonly stops: readonly RoundStop[] }) {
  const round = useRound(stops);
  const { stop, undo } = round;
  const back = keyFor('u', 'undo the last answer', () => void undo?.());
  useKeys([back]);
  return (
    <PageLayout
      title="Check all filters"
      back={{ label: 'Filters', href: '/' }}
      nav={<TabRow label="Main" links={mainLinks('/check-all')} />}
      shortcuts={[...ANSWER_KEYS, back]}
    >
      <div className={styles.sheet}>
        <div className={styles.bar}>
          <progress aria-label="Filters checked" value={round.done} max={Math.max(1, stops.length)} />
          <span role="status">
            {round.done} of {stops.length} checked
          </span>
          {undo === null ? null : <Button onClick={() => void undo()}>Undo</Button>}
        </div>
        {stop === null ? <RoundList round={round} /> : <Stop key={stop.id} stop={stop} put={round.put} />}
        <Faults of={round.faults} />
      </div>
    </PageLayout>
  );
}

/** As they are listed; the stop in hand listens for them. */
const ANSWER_KEYS: readonly Shortcut[] = [
  { keys: 'W', does: 'all well' },
  { keys: 'N', does: 'needs work' },
  { keys: 'S', does: 'skip' },
];

const keyFor = (key: string, does: string, run: () => void): Shortcut => ({
  keys: key.toUpperCase(),
  does,
  matches: (event) =>
    event.key.toLowerCase() === key && !event.ctrlKey && !event.metaKey && !event.altKey && !event.repeat,
  run,
});

type Round = ReturnType<typeof useRound>;

/** The filter that the keeper stands before. */
function Stop({ stop, put }: { readonly stop: RoundStop; readonly put: Round['put'] }) {
  const words = useWords();
  const { save, faults, busy } = useLog(stop.id, null);
  const say = async (answer: RoundAnswer) => {
    if (busy) return;
    const entry = await save(
      answer === 'all well'
        ? { kind: 'look', seen: ['all well'], note: '' }
        : { kind: 'note', note: NEEDS_WORK },
    );
    if (entry !== null) put(stop.id, answer, entry);
  };
  const skip = () => {
    if (!busy) put(stop.id, 'skipped', null);
  };
  useKeys([
    keyFor('w', 'all well', () => void say('all well')),
    keyFor('n', 'needs work', () => void say('needs work')),
    keyFor('s', 'skip', skip),
  ]);
  return (
    <section aria-label={stop.name} className={styles.stop}>
      <h2 className={styles.name}>{stop.name}</h2>
      <p className="quiet">
        {FILTER_KINDS[stop.kind].name}
        {stop.tank === stop.name ? '' : ` · ${stop.tank}`}
      </p>
      <VerdictLine level={stop.level}>{words.say(stop.state)}</VerdictLine>
      {stop.due.length === 0 ? null : <p>Due now: {stop.due.map((what) => words.say(what)).join(' ')}</p>}
      <div className={styles.answers}>
        <Button variant="contained" disabled={busy} onClick={() => void say('all well')}>
          All well
        </Button>
        <Button disabled={busy} onClick={() => void say('needs work')}>
          Needs work
        </Button>
        <Button disabled={busy} onClick={skip}>
          Skip
        </Button>
      </div>
      <Faults of={faults} />
    </section>
  );
}

const Faults = ({ of }: { readonly of: readonly string[] }) =>
  of.map((fault) => (
    <p key={fault} role="alert">
      {fault}
    </p>
  ));

/** What came of it: what needs work first. */
function RoundList({ round }: { readonly round: Round }) {
  const work = round.of('needs work');
  const skipped = round.of('skipped');
  const well = round.of('all well').length;
  return (
    <section aria-label="Result">
      <h2 className={styles.name}>
        {work.length === 0
          ? 'Nothing needs work.'
          : `${work.length} ${work.length === 1 ? 'filter needs' : 'filters need'} work.`}
      </h2>
      <p className="quiet">
        {well} {well === 1 ? 'is' : 'are'} well. All answers are in the logs.
      </p>
      <ul className={styles.list}>
        {work.map((stop) => (
          <li key={stop.id}>
            <AppLink href={`/filter/${stop.id}/care`}>{stop.name}</AppLink>
            <AppLink href={`/filter/${stop.id}/fault`}>Find a fault</AppLink>
          </li>
        ))}
      </ul>
      {skipped.length === 0 ? null : (
        <p className={styles.skipped}>
          Skipped: {skipped.map(({ name }) => name).join(', ')}.{' '}
          <Button onClick={round.again}>Check the skipped ones</Button>
        </p>
      )}
      <Button variant="contained" component={AppLink} href="/">
        Go to Filters
      </Button>
    </section>
  );
}
