import type { Step } from '../step';

/** From version 7: a tank has a lid and stands in a room; a keeper has an order of the filters, and may be away. */
export const toVersion8: Step = {
  tank: (doc) => ({ cover: null, room: { temperature: null, humidity: null }, ...doc }),
  settings: (doc) => ({ filterOrder: [], away: null, ...doc }),
};
