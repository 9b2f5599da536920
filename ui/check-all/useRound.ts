'use client';
import { useState } from 'react';
import type { RoundAnswer } from '@/core/care/roundAnswer';
import type { LogEntry } from '@/core/log/logEntry';
import type { RoundStop } from '@/server/checkRound';
import { useLog } from '../log/useLog';

/** What a keeper says of a stop, or that it is left for later. */
export type RoundChoice = RoundAnswer | 'skipped';

/** What was said on this page; `entry` is what was logged for it. */
interface Said {
  readonly id: string;
  readonly answer: RoundChoice;
  readonly entry: LogEntry | null;
}

/** A round of all filters: where the keeper stands, what was said so far, and one step back. */
export function useRound(stops: readonly RoundStop[]) {
  const [said, setSaid] = useState<readonly Said[]>([]);
  const answerOf = (stop: RoundStop): RoundChoice | null =>
    said.find(({ id }) => id === stop.id)?.answer ?? stop.answer;
  const last = said.at(-1);
  const { remove, faults } = useLog(last?.id ?? '', null);
  return {
    stop: stops.find((item) => answerOf(item) === null) ?? null,
    faults,
    /** How many have an answer, or were skipped. */
    done: stops.filter((item) => answerOf(item) !== null).length,
    of: (answer: RoundChoice) => stops.filter((item) => answerOf(item) === answer),
    put: (id: string, answer: RoundChoice, entry: LogEntry | null) =>
      setSaid((before) => [...before.filter((item) => item.id !== id), { id, answer, entry }]),
    /** Null: there is nothing to take back. */
    undo:
      last === undefined
        ? null
        : async () => {
            if (last.entry === null || (await remove(last.entry)))
              setSaid((before) => before.filter((item) => item !== last));
          },
    /** Comes to the skipped ones again. */
    again: () => setSaid((before) => before.filter(({ answer }) => answer !== 'skipped')),
  };
}
