import { packReadings, type PackReading, type ReadingKey } from '@/core/report/packReadings';
import type { PackReport } from '@/core/report/evaluatePack';
import type { PackEdit } from '@/core/pack/packEdit';
import type { Filter } from '@/core/filter/filter';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { Quantity } from '../fields/Quantity';
import styles from './ReadingRows.module.css';
import type { FoundImprovement } from './foundImprovement';
import { Improvement } from './Improvement';
import { Explanation } from '../frame/Explanation';
import type { ExplainedTerm } from '../frame/explanations';

interface Props {
  /** Which figures, in this order. */
  readonly keys: readonly ReadingKey[];
  readonly filter: Filter;
  readonly report: PackReport;
  /** The pack as found or as last packed, that the figures are compared with. */
  readonly against: PackReport | null;
  readonly improvements: ReadonlyMap<ReadingKey, FoundImprovement>;
  readonly stale: boolean;
  readonly onEdit: (edit: PackEdit) => void;
  /** Day of the forecast that the figures are of; 0: as put in. */
  readonly day: number;
}

/** Figures of the plan: the number, where it comes from, and the same of the pack before. */
export function ReadingRows({ keys, filter, report, against, improvements, stale, onEdit, day }: Props) {
  const words = useWords();
  const before = new Map(
    against === null ? [] : packReadings(against).map((reading) => [reading.key, reading.value]),
  );
  const readings = packReadings(report);
  return keys
    .flatMap((key) => readings.find((reading) => reading.key === key) ?? [])
    .map((reading) => {
      const then = before.get(reading.key) ?? null;
      return (
        <div
          key={reading.key}
          className={styles.row}
          data-stop={isOver(reading)}
          data-long={labelOf(reading, filter).length > LONG_LABEL}
        >
          <dt className={styles.label}>
            {labelOf(reading, filter)}
            {EXPLAINED[reading.key] === undefined ? null : <Explanation of={EXPLAINED[reading.key]!} />}
          </dt>
          <dd className={styles.value} data-testid={`reading-${reading.key}`}>
            {reading.value === null ? 'none' : <Quantity value={reading.value} />}
          </dd>
          {against === null ? null : (
            <dd className={styles.then}>
              <span className="unseen">before: </span>
              {then === null
                ? 'none'
                : then.kind === 'turnover' || then.kind === 'cover'
                  ? words.parts(then).number
                  : words.show(then)}
            </dd>
          )}
          <dd className={styles.word}>
            {wordOf(reading.key, report, words, day)}
            {reading.key === 'bacteria' && report.bacteria !== null ? (
              <Explanation of="Bacteria elsewhere in the tank" />
            ) : null}
            <Improvement of={improvements.get(reading.key) ?? null} stale={stale} onEdit={onEdit} />
          </dd>
        </div>
      );
    });
}

/** Letters from which on a label has a line of its own. */
const LONG_LABEL = 20;

/** Figures that a beginner asks about. */
const EXPLAINED: Partial<Readonly<Record<ReadingKey, ExplainedTerm>>> = {
  headroom: 'Water below the rim',
  leastPassThrough: 'Water through the worst layer',
  turnover: 'Turnover',
  bacteria: 'Bacteria once grown',
  atOnce: 'Bacteria now',
  biologicalSurface: 'Bacteria',
};

const isOver = ({ key, value }: PackReading): boolean =>
  (key === 'overfill' && (value?.si ?? 0) > 0) || (key === 'headroom' && (value?.si ?? 0) < 0);

const labelOf = (reading: PackReading, filter: Filter): string =>
  reading.key === 'overfill' && filter.chambers.every((chamber) => chamber.stop === null)
    ? 'Media above the tray’s rim'
    : reading.label;

function clearWord({ clearWater }: PackReport, words: Words): string {
  const show = (si: number): string => words.show({ kind: 'concentration', si });
  const { fines, solids } = clearWater.with;
  return `finer than 0.1 mm; likely range ${show(fines.low)} to ${show(fines.high)}; ${show(clearWater.without.fines.likely)} without this filter; all dirt in the water ${show(solids.likely)}`;
}

function bacteriaWord({ bacteria }: PackReport, words: Words): string {
  if (bacteria === null) return 'the daily food is 0';
  const { withTank, filtersAlone, firstAtLimit } = bacteria;
  const times = (value: number): string => words.number(value, 1);
  return `likely range ${times(withTank.low)} to ${times(withTank.high)}; ${times(filtersAlone.likely)} without bacteria elsewhere in the tank; ${firstAtLimit} reaches its limit first`;
}

/** What the figure means here, in a few words. */
function wordOf(key: ReadingKey, report: PackReport, words: Words, day: number): string {
  const { totals, sizing, chambers, water } = report;
  switch (key) {
    case 'flow':
      return `predicted${day === 0 ? ', clean' : ''}; ${words.show({ kind: 'share', si: water.shareOfLabel })} of the label`;
    case 'turnover':
      return `about 5 is normal: ${words.show({ kind: 'flow', si: sizing.usualFlow })} on ${words.show({ kind: 'volume', si: sizing.tankVolume }, 0)}`;
    case 'headroom':
      return water.level === null
        ? ''
        : `rim ${words.show({ kind: 'gap', si: water.level.rim }, 0)} above the lip, water ${words.show({ kind: 'gap', si: water.level.beforePack }, 0)}`;
    case 'leastPassThrough': {
      const least = report.layers.find((layer) => layer.passThrough === report.leastPassThrough);
      if (least === undefined) return 'no layers';
      return least.passThroughIfMixed - least.passThrough > 0.02
        ? `layer ${least.flowNumber}; ${words.show({ kind: 'share', si: least.passThroughIfMixed })} if it mixed between layers`
        : `layer ${least.flowNumber} of ${report.layers.length}`;
    }
    case 'overfill': {
      const free = Math.min(...chambers.map((chamber) => chamber.freeDepth));
      if (totals.overfill > 0) return 'must be 0';
      return chambers.length === 1
        ? `${words.show({ kind: 'length', si: free })} of space left`
        : 'all chambers can close';
    }
    case 'leastCover':
      return totals.leastCover !== null && totals.leastCover < 0.995
        ? 'of the chamber covered; the rest is a gap'
        : 'of the chamber covered: wall to wall';
    case 'volume':
      return `${words.show({ kind: 'length', si: totals.thickness })} along the flow`;
    case 'freeVolume':
      return 'up to the fill limits, and beside short pieces';
    case 'dryMass':
      return `about ${words.show({ kind: 'mass', si: totals.drainedMass })} lifted out wet`;
    case 'bacteria':
      return bacteriaWord(report, words);
    case 'atOnce': {
      if (report.bacteria === null) return '';
      const { low, high } = report.bacteria.atOnce;
      return `just after packing; likely range ${words.number(low, 1)} to ${words.number(high, 1)}`;
    }
    case 'biologicalSurface': {
      const { low, high } = totals.biologicalSurfaceRange;
      const range = (si: number): string => words.show({ kind: 'surface', si });
      return `usable surface of all layers; likely range ${range(low)} to ${range(high)}`;
    }
    case 'fines':
      return clearWord(report, words);
    case 'clearing':
      return `until nine tenths of the fine dirt is gone; ${words.show({ kind: 'hours', si: report.clearWater.without.clearing })} without this filter`;
    case 'normalStockVolume':
      return sizing.weighedMass === 0
        ? 'no porous media in this pack'
        : `heavy stocking ${words.show({ kind: 'volume', si: sizing.heavyStockVolume }, 0)}; yours ${words.show({ kind: 'volume', si: sizing.tankVolume }, 0)}; 1 or 2 kg per 100 L`;
  }
}
