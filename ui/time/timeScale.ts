import { linearScale, type LinearScale } from '../drawing/linearScale';

/** Width of the slider’s handle, px: its middle stands over the day. */
export const HANDLE_PX = 18;

/** Where each day stands across a strip, px. */
export const timeScale = (days: number, width: number): LinearScale =>
  linearScale([0, days], [HANDLE_PX / 2, Math.max(HANDLE_PX, width - HANDLE_PX / 2)]);
