import Button from '@mui/material/Button';
import { LIMITS } from '@/core/biology/nitrifiers';
import { bacteriaDetails, type BacteriaDetails } from '@/core/report/bacteriaDetails';
import { describeBottleneck } from '@/core/report/describeBottleneck';
import { tankSizes, type SizingSchool } from '@/core/report/tankSizes';
import type { PackReport } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import { reportChemical, type LayerChemical } from '@/core/report/reportChemical';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Range } from '@/core/maths/range';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { AppLink } from '../frame/AppLink';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import styles from './BacteriaPanel.module.css';
import { ClaimedSurfaces } from './ClaimedSurfaces';
import { DAY } from '@/core/units/time';
import { Explanation } from '../frame/Explanation';

const SCHOOL_NAMES: Readonly<Record<SizingSchool, string>> = {
  'media weight': 'By media weight',
  turnover: 'By turnover',
  food: 'By food',
};

interface Props {
  readonly report: PackReport;
  readonly input: PackInput;
  /** What the answer is made of is drawn along the flow. */
  readonly hasLanes: boolean;
  readonly onLanes: () => void;
}

/** What stands behind the third question: what limits the bacteria, the water they leave, sizes by school, chemical media. */
export function BacteriaPanel({ report, input, hasLanes, onLanes }: Props) {
  const words = useWords();
  const { bacteria, sizing } = report;
  const chemical = reportChemical(input, report);
  const details = bacteria === null ? null : bacteriaDetails(input.tank, bacteria);
  const volume = (si: number): string => words.show({ kind: 'volume', si }, 0);
  return (
    <div className={styles.panel}>
      {bacteria === null || details === null ? null : (
        <>
          <p data-testid="limit">
            {words.say(describeBottleneck(bacteria, details))}
            <Explanation of="Times today’s food" />
          </p>
          <Water bacteria={bacteria} details={details} words={words} />
          <Button aria-pressed={hasLanes} onClick={onLanes}>
            Show it for each layer, along the flow
          </Button>
        </>
      )}
      <dl className={styles.sizes}>
        <div className="caption">
          Tank size this pack suits, judged in different ways; yours holds {volume(sizing.tankVolume)}
        </div>
        {tankSizes(report, input.tank.animals).map(({ school, low, high, counts }) => (
          <div key={school} className={styles.size}>
            <dt>{SCHOOL_NAMES[school]}</dt>
            <dd>{low === null || high === null ? 'no figure' : `${volume(low)} to ${volume(high)}`}</dd>
            <dd className={styles.counts}>Based on {counts}.</dd>
          </div>
        ))}
        <div className={styles.size}>
          <dt>As large as possible</dt>
          <dd>no figure</dd>
          <dd className={styles.counts}>
            No upper limit, but a larger filter costs more, needs more cleaning and does not replace water
            changes.
          </dd>
        </div>
      </dl>
      {chemical.length === 0 ? null : (
        <section aria-label="Chemical media" className={styles.chemical}>
          <h3 className="caption">Chemical media</h3>
          {chemical.map((layer) => (
            <Chemical key={layer.layerId} layer={layer} input={input} words={words} />
          ))}
          <p className="quiet">
            Take chemical media out while there is medicine in the water. You do not need it if the water has
            no tint or smell.
          </p>
        </section>
      )}
      <CollapsibleSection title="Claimed and usable surface" says="per litre of each medium">
        <ClaimedSurfaces layers={input.layers} />
      </CollapsibleSection>
      <p>
        <AppLink href={`/filter/${input.filter.id}/media-swap`}>Plan a media swap in stages</AppLink>
      </p>
    </div>
  );
}

function Water({
  bacteria,
  details,
  words,
}: {
  bacteria: NonNullable<PackReport['bacteria']>;
  details: BacteriaDetails;
  words: Words;
}) {
  const { water } = bacteria;
  const { nitrate, carbonatePerWeek } = details;
  const show = (si: number | null): string =>
    si === null ? 'more than the bacteria can take up' : words.show({ kind: 'concentration', si });
  const range = ({ low, high }: Range): string =>
    `${words.parts({ kind: 'nitrate', si: low }).number} to ${words.show({ kind: 'nitrate', si: high })}`;
  return (
    <dl className={styles.water}>
      <div>
        <dt>Ammonia and nitrite once the bacteria have grown, as nitrogen (N)</dt>
        <dd>
          {show(water.ammonia)} and {show(water.nitrite)}
          {water.freeAmmonia === null ? '' : `; free ammonia (NH₃) ${freeSaid(water.freeAmmonia, words)}`}
        </dd>
      </div>
      <div>
        <dt>Nitrate (NO₃) added in a week</dt>
        <dd>
          {range(nitrate.perWeek)}
          {nitrate.beforeChange === null
            ? '; enter your water changes under Measure to see the level'
            : `; before each water change ${range(nitrate.beforeChange)}`}
        </dd>
      </div>
      <div>
        <dt>Carbonate hardness used up in a week</dt>
        <dd>{words.show({ kind: 'hardness', si: carbonatePerWeek })}, unless plants or stones replace it</dd>
      </div>
      <p className="quiet">
        These are estimates: trust your test kit. The app assumes the filter removes no nitrate unless you
        enter a measured figure.
      </p>
    </dl>
  );
}

/** Least free ammonia that is worth a number, kg/m³. */
const MIN_FREE = 1e-6;

const freeSaid = (si: number, words: Words): string =>
  si < MIN_FREE
    ? `under ${words.show({ kind: 'concentration', si: MIN_FREE }, 3)}`
    : words.show({ kind: 'concentration', si }, 3);

/** What decides how long a chemical layer works. */
const LIFE_WORDS: Readonly<Record<LayerChemical['lifeBy'], string>> = {
  load: 'today’s food decides',
  longest: 'today’s food would let it last longer; replace it after 12 weeks at most',
  usual: 'the usual 5 to 8 weeks, as the daily food is not entered',
  date: '',
  ammonia: 'this is where nothing else takes the ammonia; beside mature media it lasts weeks',
};

function Chemical({ layer, input, words }: { layer: LayerChemical; input: PackInput; words: Words }) {
  const found = input.layers.find(({ id }) => id === layer.layerId);
  if (found === undefined) return null;
  const span = ({ low, high }: Range, kind: 'days' | 'hours', unit: number): string => {
    const long = kind === 'hours' && low > 2 * DAY;
    const shown = long ? 'days' : kind;
    return `${words.parts({ kind: shown, si: low * unit }).number} to ${words.show({ kind: shown, si: high * unit })}`;
  };
  const parts = [
    layer.contact === null
      ? 'no water goes through it'
      : `the water stays ${words.show({ kind: 'time', si: layer.contact })} in it`,
    ...(layer.half === null
      ? []
      : [
          `removes half the tint in ${span(layer.half.tint, 'hours', 1)} and half of a medicine in ${span(layer.half.medicine, 'hours', 1)}`,
        ]),
    ...(layer.holds === null
      ? []
      : [
          `holds ${words.show({ kind: 'milligram', si: layer.holds.low })} to ${words.show({ kind: 'milligram', si: layer.holds.high })} of ammonia nitrogen at ${words.show({ kind: 'concentration', si: LIMITS.ammonia })}, less in hard or salted water, and releases it when the water has less; recharge it for a day in salt water, away from carbon and resin, and rinse out all the salt`,
        ]),
    ...(layer.shortened ? ['new wood or medicine uses it up sooner'] : []),
    layer.left !== null
      ? `${span(layer.left, 'days', DAY)} left`
      : layer.life === null
        ? 'not known how long it lasts'
        : layer.life.low === layer.life.high
          ? `lasts about ${words.show({ kind: 'days', si: layer.life.likely * DAY })}`
          : `lasts ${span(layer.life, 'days', DAY)}`,
    ...(LIFE_WORDS[layer.lifeBy] === '' ? [] : [LIFE_WORDS[layer.lifeBy]]),
  ];
  return (
    <p className={styles.row}>
      <strong>{mediumOf(found).name}</strong>: {parts.join('; ')}.
    </p>
  );
}
