import type { LinearScale } from '../drawing/linearScale';

/** What all lanes of the charts share: their days, and the day that is read. Days count from the first one shown. */
export interface ChartView {
  readonly x: LinearScale;
  readonly width: number;
  /** First and last day in sight. */
  readonly from: number;
  readonly to: number;
  readonly today: number;
  /** The day that is read. */
  readonly day: number;
  readonly onDay: (day: number) => void;
  /** "12 Oct" */
  readonly dateOf: (day: number) => string;
}

/** px around the plots. */
export const LEFT_PX = 46;
export const RIGHT_PX = 16;
