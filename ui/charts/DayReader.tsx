import Slider from '@mui/material/Slider';
import styles from './Charts.module.css';
import { LEFT_PX, RIGHT_PX } from './chartView';
import type { ChartDays } from './useChartDays';

/** The day that all charts are read on. */
export function DayReader({ from, to, day, today, pick, longDate }: ChartDays) {
  return (
    <div className={styles.day}>
      <div style={{ marginLeft: LEFT_PX, marginRight: RIGHT_PX }}>
        <Slider
          min={from}
          max={to}
          value={day}
          aria-label="Day"
          getAriaValueText={(value) => longDate(value)}
          onChange={(_, value) => pick(value)}
        />
      </div>
      <p role="status" className={styles.caption}>
        <strong suppressHydrationWarning>
          {longDate(day)}
          {day === Math.floor(today) ? ', today' : ''}
        </strong>
      </p>
    </div>
  );
}
