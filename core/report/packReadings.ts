import type { Quantity } from '../units/quantity';
import type { PackReport } from './evaluatePack';

export type ReadingKey =
  | 'flow'
  | 'turnover'
  | 'headroom'
  | 'leastPassThrough'
  | 'overfill'
  | 'leastCover'
  | 'volume'
  | 'freeVolume'
  | 'dryMass'
  | 'bacteria'
  | 'atOnce'
  | 'biologicalSurface'
  | 'fines'
  | 'clearing'
  | 'normalStockVolume';

/** One figure of a report, named, so that packs can be laid beside each other. */
export interface PackReading {
  readonly key: ReadingKey;
  readonly label: string;
  /** null when the pack has no such figure. */
  readonly value: Quantity | null;
}

/** The figures of a report that differ from pack to pack. */
export function packReadings(report: PackReport): readonly PackReading[] {
  const { totals, sizing, water } = report;
  return [
    { key: 'flow', label: 'Flow', value: { kind: 'flow', si: water.flow } },
    { key: 'turnover', label: 'Turnover', value: { kind: 'turnover', si: report.predictedTurnover } },
    ...(water.level === null
      ? []
      : [
          {
            key: 'headroom' as const,
            label: 'Water below the rim',
            value: { kind: 'gap' as const, si: water.level.headroom },
          },
        ]),
    {
      key: 'leastPassThrough',
      label: 'Water through the worst layer',
      value: report.leastPassThrough === null ? null : { kind: 'share', si: report.leastPassThrough },
    },
    { key: 'overfill', label: 'Media above the fill limit', value: { kind: 'length', si: totals.overfill } },
    {
      key: 'leastCover',
      label: 'Poorest fit',
      value: totals.leastCover === null ? null : { kind: 'share', si: totals.leastCover },
    },
    {
      key: 'fines',
      label: 'Fine dirt in the water',
      value: { kind: 'concentration', si: report.clearWater.with.fines.likely },
    },
    {
      key: 'clearing',
      label: 'Cloudy water clears in',
      value: { kind: 'hours', si: report.clearWater.with.clearing },
    },
    { key: 'volume', label: 'Media', value: { kind: 'volume', si: totals.volume } },
    { key: 'freeVolume', label: 'Free space', value: { kind: 'volume', si: totals.freeVolume } },
    { key: 'dryMass', label: 'Dry weight', value: { kind: 'mass', si: totals.dryMass } },
    {
      key: 'bacteria',
      label: 'Bacteria once grown: enough for',
      value: report.bacteria === null ? null : { kind: 'cover', si: report.bacteria.withTank.likely },
    },
    {
      key: 'atOnce',
      label: 'Bacteria now: enough for',
      value: report.bacteria === null ? null : { kind: 'cover', si: report.bacteria.atOnce.likely },
    },
    {
      key: 'biologicalSurface',
      label: 'Surface for bacteria',
      value: { kind: 'surface', si: totals.biologicalSurface },
    },
    {
      key: 'normalStockVolume',
      label: 'By media weight, normal stocking',
      value: { kind: 'volume', si: sizing.normalStockVolume },
    },
  ];
}

/** A figure before and after a change. */
export interface ReadingChange {
  readonly key: ReadingKey;
  readonly label: string;
  readonly before: Quantity | null;
  readonly after: Quantity | null;
}

/** Share of a value that a change must exceed to count: below it lies rounding. */
const ROUNDING_SHARE = 5e-3;

/** The figures that differ between two reports, in the order of {@link packReadings}. */
export function readingChanges(before: PackReport, after: PackReport): ReadingChange[] {
  const later = packReadings(after);
  return packReadings(before).flatMap((reading, index) => {
    const next = later[index]?.value ?? null;
    const [a, b] = [reading.value?.si ?? null, next?.si ?? null];
    const same =
      a === b ||
      (a !== null && b !== null && Math.abs(a - b) <= ROUNDING_SHARE * Math.max(Math.abs(a), Math.abs(b)));
    return same ? [] : [{ key: reading.key, label: reading.label, before: reading.value, after: next }];
  });
}
