import { jugFlow } from '@/core/hydraulics/jugFlow';
import { turnover } from '@/core/hydraulics/turnover';
import { netVolume } from '@/core/tank/netVolume';
import { USUAL_FILLINGS } from '@/core/practice/usualFillings';
import type { Tank } from '@/core/tank/tank';
import { Quantity } from '../fields/Quantity';
import { useWords } from '../fields/UnitsProvider';
import styles from './Stopwatch.module.css';

interface Props {
  readonly tank: Tank;
  /** m³ */
  readonly jug: number;
  readonly seconds: readonly number[];
}

/** The flow of the times so far, how exact it is, and how often it turns the tank over. */
export function FlowResult({ tank, jug, seconds }: Props) {
  const words = useWords();
  const flow = seconds.length === 0 ? null : jugFlow(jug, seconds);
  return (
    <output className={styles.result} aria-label="Flow">
      {flow === null ? (
        <span className="quiet">Fill the jug three times to get the flow and how exact it is.</span>
      ) : (
        <>
          <span className={styles.mean}>
            <Quantity value={{ kind: 'flow', si: flow.mean }} />
          </span>
          <span>
            {flow.spread === null
              ? 'one time only: not known how exact'
              : `±${words.show({ kind: 'flow', si: flow.spread })}`}
            {' · '}
            {words.show({ kind: 'turnover', si: turnover(flow.mean, netVolume(tank.water).value) })}
          </span>
          {seconds.length < USUAL_FILLINGS ? (
            <span className="quiet">{USUAL_FILLINGS - seconds.length} more would make it more exact.</span>
          ) : null}
        </>
      )}
    </output>
  );
}
