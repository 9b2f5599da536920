'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import { MAX_PORTS } from '@/core/filter/ports';
import { MAX_POINTS, PUMP_BOUNDS, type Pump } from '@/core/filter/pump';
import { shutOffHead } from '@/core/filter/shutOffHead';
import { curveThroughOutput, type OutputFault } from '@/core/hydraulics/curveThroughOutput';
import { emptyOutput } from '@/core/hydraulics/emptyOutput';
import { internalLoss } from '@/core/hydraulics/internalHead';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import type { FilterPart } from './filterPart';
import styles from './filterPart.module.css';
import { Explanation } from '../frame/Explanation';

/** What the pump lifts and draws, how many there are, and since when. */
export function PumpFields({ filter, onChange }: FilterPart) {
  const words = useWords();
  const { pump } = filter;
  const head = shutOffHead(filter.kind, pump, filter.labelFlow);
  const set = (change: Partial<Pump>) => onChange({ pump: { ...pump, ...change } });
  return (
    <>
      <ChoiceField<Pump['head']['by']>
        label="Lift (maximum head)"
        value={pump.head.by}
        choices={[
          { value: 'assumed', label: 'not known' },
          { value: 'label', label: 'on the label' },
          { value: 'curve', label: 'a curve' },
        ]}
        onChange={(by) => set({ head: headFor(by, head.value, filter) })}
      />
      <Explanation of="Maximum head" line />
      {pump.head.by === 'label' ? (
        <QuantityField
          label="Maximum head"
          bounds={PUMP_BOUNDS.head}
          value={pump.head.shutOff}
          onChange={(si) => si !== null && set({ head: { by: 'label', shutOff: si } })}
          className={styles.field}
        />
      ) : null}
      <QuantityField
        label="Power"
        optional
        bounds={PUMP_BOUNDS.power}
        value={pump.power}
        onChange={(power) => set({ power })}
        className={styles.field}
      />
      <QuantityField
        label="Pressure lost inside"
        optional
        bounds={PUMP_BOUNDS.internalLoss}
        value={pump.internalLoss}
        placeholder={words.parts({ kind: 'run', si: internalLoss(filter) }).number}
        onChange={(loss) => set({ internalLoss: loss })}
        className={styles.field}
      />
      <CountField
        label="Pumps in the filter"
        value={filter.pumps}
        min={1}
        max={MAX_PORTS}
        onChange={(pumps) => pumps !== null && onChange({ pumps })}
      />
      <CountField
        label="In use since, year"
        optional
        value={filter.sinceYear}
        min={1950}
        max={2200}
        onChange={(sinceYear) => onChange({ sinceYear })}
      />
      {filter.hoses === null ? null : <PrintedOutput {...{ filter, onChange }} />}
      {pump.head.by === 'curve' ? (
        <CurvePoints head={pump.head} onChange={(next) => set({ head: next })} />
      ) : null}
    </>
  );
}

const OUTPUT_FAULTS: Readonly<Record<OutputFault, string>> = {
  'above the label flow': 'Enter a flow below the flow on the label.',
  'above what the pump lifts':
    'The pump does not lift enough for this flow through these hoses. Check the maximum head, the hoses and the flow.',
};

/** What comes through the hoses with nothing in the filter: predicted, until the keeper enters what the maker prints. */
function PrintedOutput({ filter, onChange }: FilterPart) {
  const [typed, setTyped] = useState<number | null>(null);
  const curve = typed === null ? null : curveThroughOutput(filter, typed);
  return (
    <div className={styles.rows}>
      <div className={styles.line}>
        <QuantityField
          label="Output with hoses"
          bounds={PUMP_BOUNDS.output}
          value={typed ?? emptyOutput(filter)}
          onChange={setTyped}
          className={styles.field}
        />
        <Button
          disabled={curve === null || typeof curve === 'string'}
          onClick={() => {
            if (curve === null || typeof curve === 'string') return;
            onChange({ pump: { ...filter.pump, head: curve } });
            setTyped(null);
          }}
        >
          Use the printed output
        </Button>
      </div>
      <p className="quiet" aria-live="polite">
        {typeof curve === 'string'
          ? OUTPUT_FAULTS[curve]
          : 'Predicted, with no media in the filter. If the manufacturer prints this figure, enter it here.'}
      </p>
    </div>
  );
}

type Curve = Extract<Pump['head'], { by: 'curve' }>;

function CurvePoints({ head, onChange }: { head: Curve; onChange: (head: Curve) => void }) {
  const words = useWords();
  const { points } = head;
  const put = (next: Curve['points']) => onChange({ by: 'curve', points: next });
  const set = (place: number, change: Partial<Curve['points'][number]>) =>
    put(points.map((point, index) => (index === place ? { ...point, ...change } : point)));
  return (
    <div className={styles.rows} role="group" aria-label="Points of the pump curve">
      {points.map((point, position) => (
        // Points have no name of their own; their place distinguishes them.
        <div key={position} className={styles.line}>
          <QuantityField
            label={`Flow ${position + 1}`}
            bounds={PUMP_BOUNDS.pointFlow}
            value={point.flow}
            onChange={(si) => si !== null && set(position, { flow: si })}
            className={styles.field}
          />
          <QuantityField
            label={`Height ${position + 1}`}
            bounds={PUMP_BOUNDS.pointHead}
            value={point.head}
            onChange={(si) => si !== null && set(position, { head: si })}
            className={styles.field}
          />
          {points.length > 2 ? (
            <Button
              aria-label={`Remove point ${position + 1}`}
              onClick={() => put(points.filter((_, index) => index !== position))}
            >
              ×
            </Button>
          ) : null}
        </div>
      ))}
      <Button
        disabled={points.length >= MAX_POINTS}
        onClick={() => {
          const last = points.at(-1);
          put([...points, { flow: (last?.flow ?? 0) * 1.1 + 1e-6, head: 0 }]);
        }}
      >
        Add a point
      </Button>
      <p className="quiet">
        From no flow to the greatest, in {words.unit('flow').symbol}. Use the curve in the manual, or flows
        you timed at different heights.
      </p>
    </div>
  );
}

function headFor(by: Pump['head']['by'], shutOff: number, { labelFlow }: Filter): Pump['head'] {
  if (by === 'assumed') return { by };
  if (by === 'label') return { by, shutOff };
  return {
    by,
    points: [
      { flow: 0, head: shutOff },
      { flow: labelFlow, head: 0 },
    ],
  };
}
