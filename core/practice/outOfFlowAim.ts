import { HOUR } from '../units/time';

/** The usual aim of the trade for media out of flow, s: less than an hour (common practice, no source). */
export const OUT_OF_FLOW_AIM = HOUR;
