'use client';
import type { ReactNode } from 'react';
import type { EnsembleRange } from '@/core/dirt/ensembleRange';
import type { Forecast } from '@/core/dirt/forecast';
import { PASS_THROUGH_GOAL } from '@/core/practice/passThroughGoal';
import { serviceInterval } from '@/core/practice/serviceInterval';
import { useWords } from '../fields/UnitsProvider';
import { useShelf } from '../fields/OnShelf';
import { Quantity } from '../fields/Quantity';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { daysToLook, type NextService, type NoService } from '@/core/report/verdict';
import { QUESTION_WORDS } from '@/core/findings/question';
import { questionLevels } from '@/core/report/questionLevels';
import { DAYS_IN } from '@/core/report/serviceSpan';
import { Question } from '../readings/Question';
import { formatServiceRange } from '../time/serviceWords';
import type { QuestionDetailsProps } from './QuestionDetails';
import styles from './FourQuestions.module.css';

// Loaded once the sheet stands.
const CostFigure = lazyPart(() => import('./CostFigure').then((module) => module.CostFigure));
const QuestionDetails = lazyPart(() => import('./QuestionDetails').then((module) => module.QuestionDetails));

/** The text in place of a service. */
const NO_SERVICE_WORDS: Readonly<Record<NoService, string>> = {
  working: 'the next service is being worked out',
  failed: 'the next service could not be worked out',
};

interface Props extends QuestionDetailsProps {
  readonly forecast: Forecast | null;
  readonly range: EnsembleRange | null;
  /** The next service, or why there is none. */
  readonly service: NextService | NoService;
  /** What the pack is called that the figures are compared with: “As found”. */
  readonly againstName: string;
  /** When that pack is due, days; null: not within a year, or not known. */
  readonly foundServiceDay: number | null;
  /** What time does to the pack, and what can be planned for it. */
  readonly overTime: ReactNode;
}

/** The four questions by which a keeper judges a filter, each answered in a line, with all that stands behind it. */
export function FourQuestions(props: Props) {
  const { forecast, range, service, againstName, foundServiceDay, overTime, ...details } = props;
  const { report, against, day } = details;
  const { bacteria } = report;
  const words = useWords();
  usePreload(CostFigure, QuestionDetails);
  const isEmpty = report.layers.length === 0;
  const levels = questionLevels(report, details.filter.kind, range?.earliest);
  const share = (value: number | null): string =>
    value === null ? '–' : words.show({ kind: 'share', si: value });
  const least = report.leastPassThrough;
  const usual = serviceInterval(details.filter.kind);
  const lookAfter = typeof service === 'string' ? null : daysToLook(service);
  const priced = useShelf().shelf.items.some(({ price }) => price !== null);
  const weight = { kind: 'mass', si: report.totals.dryMass } as const;
  const surface = (si: number): string => words.show({ kind: 'surface', si });
  return (
    <section aria-label="Key questions" className={styles.panel}>
      <h2 className="unseen">Results for the plan{day === 0 ? '' : ` on day ${day}`}</h2>
      <div className={styles.head}>
        <span className="caption">The plan{day === 0 ? '' : ` on day ${day}`}</span>
        <span className="caption">{againstName.toLowerCase()}</span>
      </div>
      <Question
        question={QUESTION_WORDS.through}
        level={levels.through}
        figure={share(least)}
        about={
          isEmpty
            ? 'add the first layer'
            : `of the water goes through the worst layer; aim for ${words.show({ kind: 'share', si: PASS_THROUGH_GOAL })} or more`
        }
        then={against === null ? null : share(against.leastPassThrough)}
      >
        <QuestionDetails of="through" {...details} />
      </Question>
      <Question
        question={QUESTION_WORDS.clogs}
        level={levels.clogs}
        figure={forecast === null || isEmpty ? '–' : formatServiceRange(words, range, forecast.serviceDay)}
        about={
          isEmpty
            ? 'add the first layer'
            : typeof service === 'string' && forecast === null
              ? NO_SERVICE_WORDS[service]
              : `until the next service${range === null ? '' : ' (likely range)'}; ${
                  lookAfter === null
                    ? `${words.number(usual / DAYS_IN.weeks, 0)} weeks or more is normal`
                    : `look inside after ${words.number(lookAfter, 0)} days${
                        range?.latest == null ? ': a little more food can move it by months' : ' in any case'
                      }`
                }`
        }
        then={forecast === null || against === null ? null : formatServiceRange(words, null, foundServiceDay)}
      >
        <QuestionDetails of="clogs" {...details} />
        {overTime}
      </Question>
      <Question
        question={QUESTION_WORDS.bacteria}
        level={levels.bacteria}
        figure={
          <Quantity
            value={
              bacteria === null
                ? { kind: 'surface', si: report.totals.biologicalSurface }
                : { kind: 'cover', si: bacteria.withTank.likely }
            }
          />
        }
        about={
          bacteria === null
            ? 'usable. The daily food is 0'
            : `once the bacteria have grown (likely range ${words.number(bacteria.withTank.low, 1)} to ${words.number(bacteria.withTank.high, 1)}); 1 or more is enough`
        }
        then={
          against === null
            ? null
            : against.bacteria === null
              ? surface(against.totals.biologicalSurface)
              : words.number(against.bacteria.withTank.likely, 1)
        }
      >
        <QuestionDetails of="bacteria" {...details} />
      </Question>
      <Question
        question={QUESTION_WORDS.cost}
        level={levels.cost}
        figure={priced ? <CostFigure input={details.input} /> : <Quantity value={weight} />}
        about={`of media,${priced ? ` ${words.show(weight)}` : ''} dry; ${words.show({ kind: 'mass', si: report.totals.drainedMass })} lifted out wet`}
        then={against === null || priced ? null : words.show({ kind: 'mass', si: against.totals.dryMass })}
      >
        <QuestionDetails of="cost" {...details} />
      </Question>
    </section>
  );
}
