import { CATALOGUE } from '../media/catalogue';
import { mediumOf } from '../layers/mediumOf';
import { canBeCut, canBeSized } from '../media/handling';
import type { Filter } from '../filter/filter';
import { sentence, type Sentence } from '../units/sentence';
import { evaluatePack, type PackReport } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { LAYER_BOUNDS } from '../layers/layerBounds';
import { applyEdit, type PackEdit } from '../pack/packEdit';

/** One small change and what it does. Differences are after − before; m³/s, m, share. */
export interface WhatIf {
  readonly what: Sentence;
  /** A change of the pack that the bench can make; undefined where hoses or pump would have to change. */
  readonly edit?: PackEdit;
  readonly flow: number;
  /** null where there is no level. */
  readonly headroom: number | null;
  /** Of the least share through any layer. */
  readonly leastPassThrough: number;
}

/** Steps that hands can make: a centimetre of media, half a metre and two millimetres of hose, a third sent round. */
const MORE_MEDIA = 0.01;
const SHORTER_HOSE = 0.5;
const WIDER_HOSE = 0.002;
const RECIRCULATED = 0.3;

interface Change {
  readonly what: Sentence;
  readonly edit?: PackEdit;
  readonly filter?: Filter;
}

/**
 * What each small change to a pack or its filter would do to flow, headroom and pass-through.
 *
 * @example whatIf({ ...aloneOn(reedBench.tank), ...reedBench, flow: null }, evaluatePack({ ...aloneOn(reedBench.tank), ...reedBench, flow: null })).length // 19
 */
export function whatIf(input: PackInput, before: PackReport): WhatIf[] {
  return [...packChanges(input, before), ...filterChanges(input.filter)].map(({ what, edit, filter }) => {
    const after = evaluatePack({
      ...input,
      filter: filter ?? input.filter,
      layers: edit === undefined ? input.layers : applyEdit(input.layers, edit),
    });
    const level = before.water.level;
    return {
      what,
      ...(edit === undefined ? {} : { edit }),
      flow: after.water.flow - before.water.flow,
      headroom:
        level === null || after.water.level === null ? null : after.water.level.headroom - level.headroom,
      leastPassThrough: (after.leastPassThrough ?? 1) - (before.leastPassThrough ?? 1),
    };
  });
}

/** Small changes of the layers that hands can make. */
export function packChanges(
  { layers, filter }: Pick<PackInput, 'layers' | 'filter'>,
  report: PackReport,
): Change[] {
  const numbers = new Map(report.layers.map((layerReport) => [layerReport.layerId, layerReport.flowNumber]));
  return layers.flatMap((layer): Change[] => {
    const set = (change: Partial<typeof layer>): PackEdit => ({ type: 'set', layerId: layer.id, change });
    const number = `layer ${numbers.get(layer.id) ?? ''}`;
    const foams = CATALOGUE.filter(
      (medium) => medium.geometry.form === 'foam' && medium.id !== 'foam-bumped',
    );
    const index = foams.findIndex((medium) => medium.id === layer.medium);
    const [coarser, finer] = [foams[index - 1], foams[index + 1]];
    const medium = mediumOf(layer);
    const isSized = canBeSized(medium);
    return [
      ...(isSized && layer.thickness + MORE_MEDIA <= LAYER_BOUNDS.thickness.max
        ? [
            {
              what: sentence`${{ kind: 'length', si: MORE_MEDIA }} more of ${number}`,
              edit: set({ thickness: layer.thickness + MORE_MEDIA }),
            },
          ]
        : []),
      ...(isSized && layer.thickness - MORE_MEDIA >= LAYER_BOUNDS.thickness.min
        ? [
            {
              what: sentence`${{ kind: 'length', si: MORE_MEDIA }} less of ${number}`,
              edit: set({ thickness: layer.thickness - MORE_MEDIA }),
            },
          ]
        : []),
      ...(index >= 0 && coarser !== undefined
        ? [{ what: sentence`${number} one grade coarser`, edit: set({ medium: coarser.id }) }]
        : []),
      ...(index >= 0 && finer !== undefined
        ? [{ what: sentence`${number} one grade finer`, edit: set({ medium: finer.id }) }]
        : []),
      ...(layer.cut !== null && filter.chambers.some((chamber) => chamber.id === layer.chamber)
        ? [
            ...(canBeCut(medium)
              ? [{ what: sentence`${number} cut to the walls`, edit: set({ cut: null }) }]
              : []),
            ...(layer.gapFill === 'open'
              ? [
                  {
                    what: sentence`the gap beside ${number} filled with floss`,
                    edit: set({ gapFill: 'floss' }),
                  },
                ]
              : []),
          ]
        : []),
    ];
  });
}

function filterChanges(filter: Filter): Change[] {
  const { hoses, spill, intakes } = filter;
  return [
    ...(intakes.every(({ open }) => open === 1)
      ? []
      : [
          {
            what: sentence`a clean intake strainer`,
            filter: { ...filter, intakes: intakes.map((intake) => ({ ...intake, open: 1 })) },
          },
        ]),
    ...(hoses === null
      ? []
      : [
          ...(hoses.inside === 'clean'
            ? []
            : [
                {
                  what: sentence`clean hoses`,
                  filter: { ...filter, hoses: { ...hoses, inside: 'clean' as const } },
                },
              ]),
          {
            what: sentence`hoses ${{ kind: 'gap', si: WIDER_HOSE }} wider`,
            filter: { ...filter, hoses: { ...hoses, bore: hoses.bore + WIDER_HOSE } },
          },
          ...(hoses.outlet > SHORTER_HOSE
            ? [
                {
                  what: sentence`${{ kind: 'run', si: SHORTER_HOSE }} less hose`,
                  filter: { ...filter, hoses: { ...hoses, outlet: hoses.outlet - SHORTER_HOSE } },
                },
              ]
            : []),
        ]),
    ...(spill === null || spill.recirculated >= RECIRCULATED
      ? []
      : [
          {
            what: sentence`${{ kind: 'share', si: RECIRCULATED }} recirculated`,
            filter: { ...filter, spill: { ...spill, recirculated: RECIRCULATED } },
          },
        ]),
  ];
}

/**
 * The change that helps one figure most, or null where none helps it by as much as is worth a word.
 *
 * @example bestFor([{ flow: 1 }, { flow: 3 }], 'flow', 2) // { flow: 3 }
 */
export function bestFor(
  changes: readonly WhatIf[],
  figure: 'flow' | 'headroom' | 'leastPassThrough',
  least: number,
): WhatIf | null {
  const of = (change: WhatIf): number => change[figure] ?? 0;
  const best = changes.reduce<WhatIf | null>(
    (most, item) => (most === null || of(item) > of(most) ? item : most),
    null,
  );
  return best !== null && of(best) >= least ? best : null;
}
