'use client';
import { useMemo } from 'react';
import { forecastInput } from '@/core/dirt/forecastInput';
import type { Filter } from '@/core/filter/filter';
import { isHangOnBack } from '@/core/filter/kindFamily';
import type { Layer } from '@/core/layers/layer';
import { blockHead } from '@/core/prepare/blockHead';
import { levelStrip } from '@/core/prepare/levelStrip';
import { templatesFor } from '@/core/prepare/templates';
import { type Surroundings } from '@/core/report/surroundings';
import { matureLeaves } from '@/core/report/matureLeaves';
import { packMeasures } from '@/core/report/packMeasures';
import { describeNewTank } from '@/core/report/newTankCourse';
import { useForecast } from '../time/useForecast';
import type { usePreparation } from './usePreparation';

interface Figured {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly found: readonly Layer[];
  readonly planned: readonly Layer[];
  readonly pieces: ReturnType<typeof usePreparation>['pieces'];
  readonly isFirstPack: boolean;
  readonly now: string;
}

/** What is worked out for the planned pack before the filter is opened: by the core, once for each plan. */
export function usePrepareFigures({ around, filter, found, planned, pieces, isFirstPack, now }: Figured) {
  const head = useMemo(() => blockHead(filter, planned, around.tank.temperature), [filter, planned, around]);
  const leaving = useMemo(
    () =>
      matureLeaves(packMeasures({ ...around, filter, layers: planned, flow: null, found }).context, planned),
    [around, filter, planned, found],
  );
  const newTank = useMemo(
    () =>
      isFirstPack && planned.length > 0
        ? describeNewTank({ tank: around.tank, filter, layers: planned, others: around.others, now })
        : null,
    [isFirstPack, around, filter, planned, now],
  );
  const input = useMemo(() => forecastInput(around, filter, planned), [around, filter, planned]);
  const clogs = useForecast(isHangOnBack(filter.kind) ? input : null).found?.forecast ?? null;
  const strip = clogs === null ? null : levelStrip(clogs.simulation.headroom, clogs.serviceDay);
  const templates = templatesFor(filter, pieces.all, strip);
  return { head, matureLeaves: leaving, newTank, input, strip, templates };
}
