'use client';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { cautions } from '@/core/cautions/cautions';
import { presetFilter } from '@/core/filter/presetFilter';
import { CATALOGUE } from '@/core/media/catalogue';
import { TANK_BOUNDS } from '@/core/tank/tankBounds';
import { CourseLine, RangeBand } from '../drawing/CourseLine';
import { DayLine } from '../drawing/DayLine';
import { LimitLine } from '../drawing/LimitLine';
import { ReadingMark } from '../drawing/ReadingMark';
import { Swatch } from '../drawing/Swatch';
import { ValueAxis } from '../drawing/ValueAxis';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { QuantityField } from '../fields/QuantityField';
import { TextInput } from '../fields/TextInput';
import { ToggleField } from '../fields/ToggleField';
import { Cautions } from '../frame/Cautions';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { Explanation } from '../frame/Explanation';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { PageLayout } from '../frame/PageLayout';
import { VerdictBanner } from '../frame/VerdictBanner';
import styles from './Gallery.module.css';

const CANISTER = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Gallery');

/** Our components in each of their states, with made-up content. */
export function Gallery() {
  return (
    <PageLayout title="Gallery" nav={<TabRow label="Main" links={mainLinks('')} />}>
      {(['works', 'check', 'urgent', 'empty'] as const).map((level) => (
        <VerdictBanner
          key={level}
          verdict={{ level, state: [`A verdict that is “${level}”.`], next: ['What comes next.'] }}
        />
      ))}
      <div className={styles.sheet}>
        <Fields />
        <Part title="Buttons">
          <Button variant="contained">Next step</Button>
          <Button>Another way</Button>
          <Button disabled>Not yet</Button>
        </Part>
        <Part title="Media">
          {CATALOGUE.map((medium) => (
            <span key={medium.id} className={styles.item}>
              <Swatch medium={medium} /> {medium.name}
            </span>
          ))}
        </Part>
        <Part title="Chart">
          <Chart />
        </Part>
        <Part title="Cautions">
          <Cautions lines={cautions(CANISTER, [], 'handling')} />
        </Part>
        <Part title="A term that is explained">
          <span>
            Likely range <Explanation of="Likely range" />
          </span>
          <Explanation of="Pressure lost" line />
        </Part>
        <Part title="A part that opens">
          <div className={styles.whole}>
            <CollapsibleSection title="Closed" says="what stands in it">
              <p>Its content.</p>
            </CollapsibleSection>
            <CollapsibleSection title="Open" says="what stands in it" open attention>
              <p>Its content.</p>
            </CollapsibleSection>
          </div>
        </Part>
        <Part title="Texts">
          <p>What is said.</p>
          <p className="quiet">What is said by the way.</p>
          <p className="caption">A caption</p>
          <p role="status">What has just happened.</p>
          <p role="alert">What went wrong, and what to do.</p>
        </Part>
      </div>
    </PageLayout>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className={styles.part}>
      <h2 className="title">{title}</h2>
      <div className={styles.list}>{children}</div>
    </section>
  );
}

function Fields() {
  const [temperature, setTemperature] = useState<number | null>(null);
  const [name, setName] = useState('A name');
  const [count, setCount] = useState<number | null>(3);
  const [choice, setChoice] = useState<'one' | 'other'>('one');
  const [state, setState] = useState<'loose' | 'packed' | null>('loose');
  const [chosen, setChosen] = useState<readonly ('a' | 'b')[]>(['a']);
  return (
    <Part title="Fields">
      <QuantityField
        label="Temperature"
        bounds={TANK_BOUNDS.temperature}
        value={temperature}
        onChange={setTemperature}
        optional
        hint="A number with its unit."
      />
      <CountField label="Count" value={count} onChange={setCount} />
      <TextInput label="Name" value={name} onChange={(event) => setName(event.target.value)} />
      <TextInput
        label="With a fault"
        value={name}
        onChange={(event) => setName(event.target.value)}
        error
        helperText="What to type instead."
      />
      <ChoiceField
        label="Choice"
        value={choice}
        choices={[
          { value: 'one', label: 'one' },
          { value: 'other', label: 'the other' },
        ]}
        onChange={setChoice}
      />
      <ToggleField
        label="State"
        options={[
          { value: 'loose', label: 'loose' },
          { value: 'packed', label: 'packed' },
        ]}
        value={state}
        onChange={setState}
      />
      <CheckList
        legend="Any of these"
        items={[
          { value: 'a', label: 'the first' },
          { value: 'b', label: 'the second' },
        ]}
        chosen={chosen}
        onChange={setChosen}
      />
    </Part>
  );
}

const WIDTH = 360;
const HEIGHT = 140;
const [LEFT, RIGHT, TOP, FOOT] = [40, WIDTH - 10, 10, HEIGHT - 20];

/** A made-up course with its range, limit, readings and days. */
function Chart() {
  const y = (share: number): number => FOOT - share * (FOOT - TOP);
  const points = Array.from({ length: 20 }, (_, at) => {
    const share = 0.9 - 0.035 * at;
    return { x: LEFT + (at * (RIGHT - LEFT)) / 19, y: y(share), low: y(share * 0.85), high: y(share * 1.1) };
  });
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label="A course over days" className={styles.chart}>
      <ValueAxis y={y} ticks={[0, 0.5, 1]} left={LEFT} right={RIGHT} say={(tick) => `${100 * tick} %`} />
      <RangeBand points={points} />
      <CourseLine points={points} />
      <LimitLine y={y(0.6)} left={LEFT} right={RIGHT} says="limit" />
      <DayLine x={120} top={TOP} foot={FOOT} as="past" />
      <DayLine x={200} top={TOP} foot={FOOT} as="now" />
      <DayLine x={280} top={TOP} foot={FOOT} as="planned" />
      <ReadingMark x={90} y={y(0.8)} odd={false} />
      <ReadingMark x={150} y={y(0.3)} odd />
    </svg>
  );
}
