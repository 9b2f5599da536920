'use client';
import { useMemo } from 'react';
import type { ForecastInput } from '@/core/dirt/forecast';
import type { CleanFlowFit } from '@/core/hydraulics/cleanFlowFit';
import { askWorker } from './forecastWorkers';
import { useWorkerAnswer } from './useWorkerAnswer';

interface Question {
  readonly input: ForecastInput;
  readonly measured: number;
}

const work = ({ input, measured }: Question) =>
  askWorker('long', (remote) => remote.flowFit(input, measured));

/**
 * How a flow timed with the clean pack agrees with the prediction for that pack; null while it is worked out, where
 * it cannot be, and without such a flow.
 *
 * @param input the pack that was in when the flow was timed
 * @param measured m³/s, or null
 */
export function useFlowFit(input: ForecastInput, measured: number | null): CleanFlowFit | null {
  const question = useMemo(() => (measured === null ? null : { input, measured }), [input, measured]);
  const { found, stale, failed } = useWorkerAnswer(question, work);
  return question === null || stale || failed || found === null ? null : found.answer;
}
