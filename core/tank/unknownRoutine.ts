import type { Routine } from './routine';

/** Nobody has said how the water is changed. */
export const UNKNOWN_ROUTINE: Routine = { waterChange: null, tapNitrate: null, nitrateRemoved: 0 };
