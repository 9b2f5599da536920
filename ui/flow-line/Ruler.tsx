import { linearScale } from '../drawing/linearScale';
import { fromSi } from '@/core/units/unitTable';
import { useWords } from '../fields/UnitsProvider';
import { useFlowLine } from './FlowLineContext';
import styles from './Ruler.module.css';

/** Px that a number on the ruler needs. */
const NUMBER_PX = 40;

/** A ruler under each chamber: the distance along the flow from its inlet, in the keeper's unit. */
export function Ruler() {
  const { layout } = useFlowLine();
  const words = useWords();
  const unit = words.unit('length');
  return (
    <svg className={styles.ruler} width={layout.width} height={20} aria-hidden="true">
      {layout.chambers.map((box) => {
        const length = box.width / layout.along;
        const scale = linearScale([0, fromSi(length, unit)], [0, box.width]);
        // Whole units only: parts of them crowd the numbers and tell nothing a dimension does not.
        const ticks = scale.ticks(Math.max(1, Math.floor(box.width / NUMBER_PX))).filter(Number.isInteger);
        return (
          <g key={box.chamber.id} transform={`translate(${box.x} 0)`}>
            <path d={`M0 0.5 H${box.width}`} stroke="var(--rule)" />
            {ticks.map((tick) => (
              <g key={tick} transform={`translate(${scale(tick)} 0)`}>
                <path d="M0 0 V5" stroke="var(--rule)" />
                <text y={17} textAnchor={tick === 0 ? 'start' : 'middle'} className={styles.number}>
                  {tick === 0 && box === layout.chambers[0] ? `0 ${unit.symbol}` : words.number(tick)}
                </text>
              </g>
            ))}
          </g>
        );
      })}
    </svg>
  );
}
