'use client';
import { useEffect, useState } from 'react';
import type { Forecast, ForecastInput } from '@/core/dirt/forecast';
import { forecastWorkers } from './forecastWorkers';

type Outlook = Forecast | null;

/** Forecasts of several packs, one after the other; null until all have come, or where none can be had. */
export function usePackForecasts(inputs: readonly ForecastInput[]): readonly Outlook[] | null {
  const [made, setMade] = useState<{ of: readonly ForecastInput[]; list: readonly Outlook[] } | null>(null);
  useEffect(() => {
    let wanted = true;
    void (async () => {
      const list: Outlook[] = [];
      for (const input of inputs) {
        if (!wanted) return;
        list.push(await forecastWorkers()[1].forecast({ ...input, brief: true }));
      }
      if (wanted) setMade({ of: inputs, list });
    })().catch(() => wanted && setMade(null));
    return () => {
      wanted = false;
    };
  }, [inputs]);
  return made?.of === inputs ? made.list : null;
}
