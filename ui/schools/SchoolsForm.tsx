'use client';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import type { School, Schools } from '@/core/findings/schools';
import { type Position, SCHOOL_WORDS } from '@/core/findings/schoolWords';
import type { Sentence } from '@/core/units/sentence';
import { useWords } from '../fields/UnitsProvider';
import styles from './SchoolsForm.module.css';

interface Props {
  readonly schools: Schools;
  readonly onChange: (schools: Schools) => void;
  /** What the figures of a pack say on each question. */
  readonly numbers?: Readonly<Record<School, Sentence>>;
}

/** The questions on which keepers disagree, each with its positions and their reasons. */
export function SchoolsForm({ schools, onChange, numbers }: Props) {
  const words = useWords();
  return (
    <section id="schools" aria-label="Where keepers disagree" className={styles.schools}>
      {(Object.keys(SCHOOL_WORDS) as School[]).map((school) => {
        const { question, positions } = SCHOOL_WORDS[school];
        return (
          <fieldset key={school} className={styles.question}>
            <legend>{question}</legend>
            {numbers === undefined ? null : <p className={styles.numbers}>{words.say(numbers[school])}</p>}
            <RadioGroup
              name={school}
              value={schools[school]}
              onChange={(_, value) => onChange({ ...schools, [school]: value })}
            >
              {Object.entries<Position>(positions).map(([value, { name, because }]) => (
                <FormControlLabel
                  key={value}
                  value={value}
                  control={<Radio />}
                  className={styles.position}
                  label={
                    <>
                      <strong>{name}</strong>
                      <span className="quiet"> {because}</span>
                    </>
                  }
                />
              ))}
            </RadioGroup>
          </fieldset>
        );
      })}
    </section>
  );
}
