'use client';
import Button from '@mui/material/Button';
import { ROUTINE_BOUNDS } from '@/core/tank/routineBounds';
import type { Routine } from '@/core/tank/routine';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { TankPart } from './tankPart';
import styles from './WaterForm.module.css';

/** A usual water change, to be typed over: 30 % a week (common practice, no source). */
const DEFAULT_ROUTINE = { share: 0.3, every: 7 };

/** How the water is changed, and what was measured of its nitrate. */
export function RoutineFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const { routine } = tank;
  const { waterChange } = routine;
  const put = (change: Partial<Routine>) => onChange({ routine: { ...routine, ...change } });
  return (
    <CollapsibleSection
      title="Water changes and nitrate"
      says={
        waterChange === null
          ? 'not known'
          : `${words.show({ kind: 'share', si: waterChange.share })} every ${words.number(waterChange.every)} days`
      }
    >
      <div className={styles.fields}>
        {waterChange === null ? (
          <Button onClick={() => put({ waterChange: DEFAULT_ROUTINE })}>Enter the water changes</Button>
        ) : (
          <>
            <QuantityField
              label="Water changed"
              bounds={ROUTINE_BOUNDS.share}
              value={waterChange.share}
              onChange={(share) => share !== null && put({ waterChange: { ...waterChange, share } })}
            />
            <QuantityField
              label="Days between changes"
              bounds={ROUTINE_BOUNDS.every}
              value={waterChange.every}
              digits={0}
              onChange={(every) => every !== null && put({ waterChange: { ...waterChange, every } })}
            />
            <Button onClick={() => put({ waterChange: null })}>Remove</Button>
          </>
        )}
        <QuantityField
          label="Tap water nitrate"
          hint="as NO₃"
          optional
          bounds={ROUTINE_BOUNDS.tapNitrate}
          value={routine.tapNitrate}
          onChange={(tapNitrate) => put({ tapNitrate })}
        />
        <QuantityField
          label="Nitrate removed by the filter"
          hint="as NO₃ a day. Leave at 0 unless you measured it"
          bounds={ROUTINE_BOUNDS.nitrateRemoved}
          value={routine.nitrateRemoved}
          onChange={(si) => si !== null && put({ nitrateRemoved: si })}
        />
      </div>
    </CollapsibleSection>
  );
}
