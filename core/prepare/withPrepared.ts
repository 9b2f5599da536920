import type { Job } from '../job/job';

/** What is prepared, with one preparation done at a moment, or not done any more. */
export const withPrepared = (
  prepared: Job['prepared'],
  key: string,
  done: boolean,
  at: string,
): Job['prepared'] => {
  const others = prepared.filter((item) => item.key !== key);
  return done ? [...others, { key, at }] : others;
};
