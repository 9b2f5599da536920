'use client';
import { forecastInput } from '@/core/dirt/forecastInput';
import { useMemo } from 'react';
import type { Finding } from '@/core/findings/finding';
import type { Question as QuestionKey } from '@/core/findings/question';
import type { Filter } from '@/core/filter/filter';
import type { PackEdit } from '@/core/pack/packEdit';
import type { PackReport } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import type { ReadingKey } from '@/core/report/packReadings';
import type { FlowState } from '@/core/service/flowState';
import { useShelf } from '../fields/OnShelf';
import { YearCost } from '../time/YearCost';
import { FindingList } from '../readings/FindingsPanel';
import { FlowReadingRows } from '../readings/FlowReadingRows';
import { ReadingRows } from '../readings/ReadingRows';
import { useImprovements } from '../readings/useImprovements';
import { BacteriaPanel } from './BacteriaPanel';

const NO_LAYERS: readonly [] = [];

/** The figures that answer each question, beside its headline. */
const FIGURES: Readonly<Record<QuestionKey, readonly ReadingKey[]>> = {
  through: [
    'leastPassThrough',
    'flow',
    'turnover',
    'headroom',
    'overfill',
    'leastCover',
    'fines',
    'clearing',
  ],
  clogs: [],
  bacteria: ['bacteria', 'atOnce', 'biologicalSurface'],
  cost: ['dryMass', 'volume', 'freeVolume'],
};

export interface QuestionDetailsProps {
  readonly filter: Filter;
  readonly input: PackInput;
  readonly report: PackReport;
  /** The pack as found or as last packed, that the figures are compared with; null where there is none. */
  readonly against: PackReport | null;
  readonly flow: FlowState;
  readonly onSelect: (layerId: string | null) => void;
  readonly onEdit: (edit: PackEdit) => void;
  /** Does over weeks what the plan would do at once; left out where that cannot be planned. */
  readonly onStaged?: ((staged: NonNullable<Finding['staged']>) => void) | undefined;
  readonly day: number;
  /** Shows along the flow what the answer on bacteria is made of, or no longer. */
  readonly onBacteriaLanes: () => void;
  readonly hasBacteriaLanes: boolean;
}

/** The findings that belong to a question, and all its figures. */
export function QuestionDetails({ of, ...props }: QuestionDetailsProps & { readonly of: QuestionKey }) {
  const { input, report, onSelect, onEdit, onStaged } = props;
  return (
    <>
      <FindingList
        findings={report.findings.filter(({ question }) => question === of)}
        input={input}
        report={report}
        onSelect={onSelect}
        onEdit={onEdit}
        onStaged={onStaged}
      />
      {FIGURES[of].length === 0 ? null : <Figures of={of} {...props} />}
      {of === 'bacteria' ? (
        <BacteriaPanel
          report={report}
          input={input}
          hasLanes={props.hasBacteriaLanes}
          onLanes={props.onBacteriaLanes}
        />
      ) : null}
      {of === 'cost' ? <Year input={input} /> : null}
    </>
  );
}

/** What the pack costs in a year. */
function Year({ input }: { input: PackInput }) {
  const prices = useShelf();
  const year = useMemo(() => forecastInput(input, input.filter, input.layers), [input]);
  return <YearCost input={year} found={NO_LAYERS} {...prices} />;
}

function Figures({
  of,
  filter,
  input,
  report,
  against,
  flow,
  onEdit,
  day,
}: QuestionDetailsProps & { readonly of: QuestionKey }) {
  const { improvements, stale } = useImprovements(input);
  return (
    <dl>
      <ReadingRows
        keys={FIGURES[of]}
        filter={filter}
        report={report}
        against={against}
        improvements={improvements}
        stale={stale}
        onEdit={onEdit}
        day={day}
      />
      {of === 'through' ? (
        <FlowReadingRows flow={flow} fit={input.cleanFlow?.fit ?? null} filter={filter} report={report} />
      ) : null}
    </dl>
  );
}
