'use client';
import type { Forecast } from '@/core/dirt/forecast';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import { askWorker } from './forecastWorkers';
import { useWorkerAnswer, type WorkerAnswer } from './useWorkerAnswer';

const work = async (inputs: readonly ForecastInput[]): Promise<readonly Forecast[]> => {
  const list: Forecast[] = [];
  for (const input of inputs)
    list.push(await askWorker('long', (remote) => remote.forecast({ ...input, brief: true })));
  return list;
};

/** Forecasts of several packs, one after the other. */
export const usePackForecasts = (
  inputs: readonly ForecastInput[],
): WorkerAnswer<readonly ForecastInput[], readonly Forecast[]> => useWorkerAnswer(inputs, work);
