'use client';
import Button from '@mui/material/Button';
import { linearScale } from '../drawing/linearScale';
import { USUAL_DIRT } from '@/core/dirt/dirtNumbers';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { VariantOutlook } from '@/core/explore/variants';
import { CourseLine } from '../drawing/CourseLine';
import { LimitLine } from '../drawing/LimitLine';
import { useWords } from '../fields/UnitsProvider';
import { askWorker } from './forecastWorkers';
import { daysIn } from './serviceWords';
import { useWorkerAnswer } from './useWorkerAnswer';
import styles from './Variants.module.css';

const WIDTH = 190;
const HEIGHT = 86;
/** Room for the figures at the axes, px. */
const LEFT = 36;
const FOOT = 18;

const work = (input: ForecastInput) => askWorker('long', (remote) => remote.variants(input));

/** The same filter laid out in other ways, a small picture each: what a year does to it. */
export function Variants({ input }: { input: ForecastInput }) {
  const { found, stale, failed, retry } = useWorkerAnswer(input, work);
  if (failed)
    return (
      <p role="alert">
        The other layouts could not be worked out. <Button onClick={retry}>Try again</Button>
      </p>
    );
  if (found === null) return <p className="quiet">Working out a year for each …</p>;
  const variants = found.answer;
  return (
    <section aria-label="Other layouts over a year">
      <h2 className="caption">
        Other layouts over a year: share of the clean value by day, with the limit for service dashed
      </h2>
      <ul className={styles.variants} aria-busy={stale}>
        {variants.map((variant) => (
          <Outlook key={variant.key} variant={variant} plan={variants[0]} />
        ))}
      </ul>
    </section>
  );
}

function Outlook({ variant, plan }: { variant: VariantOutlook; plan: VariantOutlook | undefined }) {
  const words = useWords();
  const { course, limit } = variant.course;
  const days = course.length - 1;
  const lowest = Math.min(0, ...course);
  const x = linearScale([0, days], [LEFT, WIDTH - 8]);
  const y = linearScale([lowest, 1], [HEIGHT - FOOT, 6]);
  const share = (value: number): string => words.show({ kind: 'share', si: value });
  const pointsOf = (values: ArrayLike<number>) =>
    Array.from(values, (value, day) => ({ x: x(day), y: y(value) }));
  const service =
    variant.serviceDay === null
      ? 'no service within a year'
      : `service in about ${daysIn(words, variant.serviceDay)}`;
  const sooner = (variant.serviceDay ?? Infinity) < (plan?.serviceDay ?? Infinity);
  const silt = words.show({ kind: 'sludge', si: variant.siltPerMonth / USUAL_DIRT.sludgeDensity }, 1);
  const fines = words.show({ kind: 'concentration', si: variant.fines });
  return (
    <li className={styles.variant} data-key={variant.key}>
      <h3>{variant.name}</h3>
      <svg
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`${variant.name}: ${service}, silt caught by biological media ${silt} a month, fine dirt in the water ${fines}`}
      >
        <path
          d={`M${LEFT} ${y(0)} H${WIDTH - 8} M${LEFT} 6 V${y(lowest)}`}
          stroke="var(--rule)"
          fill="none"
        />
        <g className={styles.axis}>
          {[1, limit, 0].map((value) => (
            <text key={value} x={LEFT - 5} y={y(value) + 4} textAnchor="end" data-limit={value === limit}>
              {share(value)}
            </text>
          ))}
          {[0, days / 2, days].map((day) => (
            <text
              key={day}
              x={x(day)}
              y={HEIGHT - 3}
              textAnchor={day === 0 ? 'start' : day === days ? 'end' : 'middle'}
            >
              {day === 0 ? 'day 0' : words.number(day, 0)}
            </text>
          ))}
        </g>
        <LimitLine y={y(limit)} left={LEFT} right={WIDTH - 8} />
        {plan === undefined || plan === variant || plan.course.by !== variant.course.by ? null : (
          <CourseLine points={pointsOf(plan.course.course)} beside />
        )}
        <CourseLine points={pointsOf(course)} />
        {variant.serviceDay === null ? null : (
          <circle cx={x(variant.serviceDay)} cy={y(limit)} r={4} fill="var(--attention)" />
        )}
      </svg>
      <p className={sooner ? styles.worse : undefined}>
        <strong>{service}</strong>
      </p>
      <p className="quiet">
        silt {silt} a month; fine dirt in the water {fines}
        {variant.key === 'second filter' && variant.othersEvery !== null
          ? `; clean the second filter every ${daysIn(words, variant.othersEvery)}`
          : ''}
        {variant.spillDay === null ? '' : `; spills on day ${words.number(variant.spillDay, 0)}`}
        {variant.overfill === 0
          ? ''
          : `; ${words.show({ kind: 'length', si: variant.overfill })} too high for its chamber`}
      </p>
    </li>
  );
}
