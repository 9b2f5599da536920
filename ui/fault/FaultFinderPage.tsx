'use client';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { faultState, type Answer } from '@/core/fault/faultFinder';
import { faultTable, openingMinutes, symptomsOf } from '@/core/fault/faultTables';
import type { Cause, FaultContext } from '@/core/fault/faultTable';
import type { Symptom } from '@/core/log/symptom';
import type { Job } from '@/core/job/job';
import { useWords } from '../fields/UnitsProvider';
import { cautions } from '@/core/cautions/cautions';
import { Cautions } from '../frame/Cautions';
import { FilterLayout } from '../frame/FilterLayout';
import { useLog } from '../log/useLog';
import { keepSearch, readSearch } from './keptSearch';
import styles from './FaultFinderPage.module.css';

interface Props {
  readonly context: FaultContext;
  readonly job: Job | null;
}

/** What is seen, in a keeper’s words. */
const SYMPTOM_WORDS: Readonly<Record<Symptom, string>> = {
  'weak flow': 'Weak flow, or only a trickle',
  'water on the floor': 'Water on the floor, or the tank falls too fast',
  'level at the rim': 'Water is up to the rim, or spills at the back',
  noise: 'Rattling or rushing noise',
  'cloudy water': 'Cloudy water',
  'smelly water': 'Smelly water',
  'does not start': 'The filter does not start',
};

/** From what is wrong to its cause: one check after the other, each chosen by its information per minute. */
export function FaultFinderPage({ context, job }: Props) {
  const { filter } = context;
  const [symptom, setSymptom] = useState<Symptom | null>(null);
  const [answers, setAnswers] = useState<readonly Answer[]>([]);
  const [logged, setLogged] = useState<'no' | 'busy' | 'yes' | 'failed'>('no');
  const { save } = useLog(filter.id, null);
  const symptoms = symptomsOf(context);

  // A reload in the middle goes on where it was.
  useEffect(() => {
    const kept = setTimeout(() => {
      const search = readSearch(filter.id);
      if (search === null) return;
      setSymptom(search.symptom);
      setAnswers(search.answers);
    });
    return () => clearTimeout(kept);
  }, [filter.id]);
  const put = (next: Symptom | null, given: readonly Answer[]) => {
    setSymptom(next);
    setAnswers(given);
    setLogged('no');
    keepSearch(filter.id, next === null ? null : { symptom: next, answers: given });
  };
  const record = async (causes: readonly string[]) => {
    if (symptom === null) return;
    setLogged('busy');
    const entry = await save({ kind: 'fault', symptom, causes: [...causes], note: '' });
    setLogged(entry === null ? 'failed' : 'yes');
  };

  return (
    <FilterLayout filter={filter} job={job} here="fault">
      <div className={styles.sheet}>
        {symptom === null ? (
          <section aria-label="What is wrong" className={styles.main}>
            <h2 className={styles.title}>What is wrong?</h2>
            <ul className={styles.choices}>
              {symptoms.map((item) => (
                <li key={item}>
                  <button type="button" className={styles.choice} onClick={() => put(item, [])}>
                    {SYMPTOM_WORDS[item]}
                  </button>
                </li>
              ))}
            </ul>
            <Cautions lines={cautions(filter, [], 'fault')} />
          </section>
        ) : (
          <Search
            context={context}
            symptom={symptom}
            answers={answers}
            logged={logged}
            onAnswers={(given) => put(symptom, given)}
            onAnew={() => put(null, [])}
            onRecord={(names) => void record(names)}
          />
        )}
      </div>
    </FilterLayout>
  );
}

interface SearchProps {
  readonly context: FaultContext;
  readonly symptom: Symptom;
  readonly answers: readonly Answer[];
  readonly logged: 'no' | 'busy' | 'yes' | 'failed';
  readonly onAnswers: (answers: readonly Answer[]) => void;
  readonly onAnew: () => void;
  readonly onRecord: (causes: readonly string[]) => void;
}

function Search({ context, symptom, answers, logged, onAnswers, onAnew, onRecord }: SearchProps) {
  const words = useWords();
  const table = faultTable(symptom, context);
  const { causes, next, minutes, found, pair } = faultState(table, answers, openingMinutes(context));
  const best = causes[0]?.cause ?? null;
  const named = pair ?? (best === null ? [] : [best]);
  return (
    <>
      <section aria-label="Next check" className={styles.main}>
        <p className="caption">{SYMPTOM_WORDS[symptom]}</p>
        {next === null ? (
          <Ending found={found} named={named} />
        ) : (
          <>
            <h2 className={styles.title}>{next.ask}</h2>
            <p>
              About {words.number(minutes)} min
              {next.opens
                ? `${minutes > next.minutes ? '; you need to open the filter' : '; the filter is already open'}`
                : ''}
              .
            </p>
            <ul className={styles.choices}>
              {next.outcomes.map((outcome, at) => (
                <li key={outcome}>
                  <button
                    type="button"
                    className={styles.choice}
                    onClick={() => onAnswers([...answers, { checkId: next.id, outcome: at }])}
                  >
                    {outcome}
                  </button>
                </li>
              ))}
              <li>
                <button
                  type="button"
                  className={styles.unsure}
                  onClick={() => onAnswers([...answers, { checkId: next.id, outcome: null }])}
                >
                  I can’t tell
                </button>
              </li>
            </ul>
            {next.opens ? <Cautions lines={cautions(context.filter, [], 'fault')} /> : null}
          </>
        )}
        <div className={styles.tools}>
          <Button onClick={() => (answers.length === 0 ? onAnew() : onAnswers(answers.slice(0, -1)))}>
            Back
          </Button>
          <Button onClick={onAnew}>Start again</Button>
          {next === null && named.length > 0 && logged !== 'yes' ? (
            <Button
              variant="contained"
              disabled={logged === 'busy'}
              onClick={() => onRecord(named.map(({ name }) => name))}
            >
              Save to the log
            </Button>
          ) : null}
        </div>
        <p role="status">
          {logged === 'yes'
            ? 'Saved to the log.'
            : logged === 'failed'
              ? 'The app is not responding. Nothing was saved. Try again.'
              : ''}
        </p>
        {answers.length === 0 ? null : (
          <>
            <h3 className="caption">Your answers</h3>
            <ol className={styles.answers}>
              {answers.map((answer, at) => {
                const check = table.checks.find(({ id }) => id === answer.checkId);
                if (check === undefined) return null;
                return (
                  <li key={answer.checkId}>
                    <span>
                      {check.ask}{' '}
                      <strong>
                        {answer.outcome === null ? 'I can’t tell' : check.outcomes[answer.outcome]}
                      </strong>
                    </span>
                    <Button
                      aria-label={`Undo: ${check.ask}`}
                      onClick={() => onAnswers(answers.filter((_, other) => other !== at))}
                    >
                      Undo
                    </Button>
                  </li>
                );
              })}
            </ol>
          </>
        )}
      </section>
      <section aria-label="Causes" className={styles.causes}>
        <h2 className="caption">Likely causes (estimate)</h2>
        <ol>
          {causes.map(({ cause, chance }) => (
            <li key={cause?.id ?? 'none'} className={styles.cause}>
              <span>{cause?.name ?? 'Something else'}</span>
              <strong className="figure">{words.show({ kind: 'share', si: chance }, 0)}</strong>
              <span className={styles.bar} aria-hidden="true">
                <span style={{ width: `${100 * chance}%` }} />
              </span>
            </li>
          ))}
        </ol>
        <p className="quiet">Based on this kind of filter, what you have entered and your answers.</p>
      </section>
    </>
  );
}

/** What it is, or what is left, with what to do about it. */
function Ending({ found, named }: { found: boolean; named: readonly Cause[] }) {
  return (
    <>
      <h2 className={styles.title}>
        {named.length === 2
          ? 'Probably two causes at once'
          : found
            ? named[0]?.name
            : 'There is nothing more to check. Most likely: ' + (named[0]?.name ?? 'something else')}
      </h2>
      {named.map(({ id, name, fix, caution }) => (
        <div key={id} className={styles.fix}>
          {named.length === 2 ? <p className={styles.name}>{name}</p> : null}
          <p>{fix}</p>
          {caution === null ? null : <p className={styles.caution}>{caution}</p>}
        </div>
      ))}
      {found ? null : <p className="quiet">Try the causes in the list, the most likely first.</p>}
    </>
  );
}
