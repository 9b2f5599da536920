import { z } from 'zod';
import { type Bounds, boundsFault } from './bounds';

/** A Zod number in SI within the bounds, with the same message as the form gives. */
export function bounded(bounds: Bounds) {
  const error = (issue: { input?: unknown }): string =>
    typeof issue.input === 'number'
      ? (boundsFault(bounds, issue.input) ?? '')
      : `${bounds.what} must be a number.`;
  const number = z.number({ error }).max(bounds.max, { error });
  return bounds.aboveMin === true ? number.gt(bounds.min, { error }) : number.min(bounds.min, { error });
}
