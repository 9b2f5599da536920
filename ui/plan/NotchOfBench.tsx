'use client';
import Button from '@mui/material/Button';
import type { Filter } from '@/core/filter/filter';
import type { Spill } from '@/core/filter/spill';
import { cannotSpill } from '@/core/hydraulics/cannotSpill';
import type { PackReport } from '@/core/report/evaluatePack';
import { useWords } from '../fields/UnitsProvider';
import { NotchFields } from '../measure/NotchFields';
import parts from '../measure/filterPart.module.css';
import { EXPLANATIONS } from '../frame/explanations';

export interface NotchProps {
  readonly filter: Filter;
  readonly spill: Spill;
  readonly report: PackReport;
  readonly onChange: (spill: Spill) => void;
}

/** Up to whole millimetres: a saw cuts no finer, and the notch must not come out narrower. */
const toMillimetre = (value: number): number => Math.ceil(value * 1e3) / 1e3;

/** The relief notch of a hang-on-back, and the smallest with which it cannot spill whatever happens to its layers. */
export function NotchOfBench({ filter, spill, report, onChange }: NotchProps) {
  const words = useWords();
  const stack = Math.max(0, ...report.chambers.map((chamber) => chamber.filledDepth));
  const least = cannotSpill(filter, stack)?.notch ?? null;
  const length = (si: number): string => words.show({ kind: 'length', si });
  return (
    <>
      <p className={`quiet ${parts.wide}`}>{EXPLANATIONS['Relief notch']}</p>
      <NotchFields spill={spill} onChange={onChange} />
      {least === null ? (
        <p className={`quiet ${parts.wide}`}>
          No notch is wide enough for this pump and rim. Level the filter, or recirculate part of the flow.
        </p>
      ) : (
        <Button
          onClick={() => onChange({ ...spill, notch: { aboveLip: 0, width: toMillimetre(least.width) } })}
        >
          Use the smallest notch that prevents overflow: {length(toMillimetre(least.width))} at the lip
        </Button>
      )}
    </>
  );
}
