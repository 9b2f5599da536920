import { forecast } from '../dirt/forecast';
import type { ForecastInput } from '../dirt/cloggingInput';
import { spongeLayer } from '../explore/variants';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { intakeSponge } from '../filter/intakeSponge';
import { isInternal } from '../filter/kindFamily';
import { applyEdit, type PackEdit } from '../pack/packEdit';

/** A change that moves the service day. */
export interface ServiceHelp {
  readonly key: 'cut' | 'sponge';
  readonly label: string;
  /** Of the pack. */
  readonly edit: PackEdit;
  /** The filter gets a sponge on its intake as well. */
  readonly sponge: boolean;
  /** Service day after it; null: not within the days simulated. */
  readonly serviceDay: number | null;
  /** Dry silt into biological media after it, kg a month. */
  readonly siltPerMonth: number;
}

/** What pads cut to the walls and a sponge on the intake would do to a pack, each as far as it is not done yet. */
export function serviceHelps(input: ForecastInput): ServiceHelp[] {
  const short = input.layers.filter((layer) => layer.cut !== null);
  const cut: PackEdit = {
    type: 'all',
    edits: short.map((layer) => ({ type: 'set', layerId: layer.id, change: { cut: null } })),
  };
  const sponge = intakeSponge(input.filter);
  const inSponge = input.layers.some((layer) => layer.chamber === sponge?.id);
  const filter = addIntakeSponge(input.filter);
  const foam: PackEdit = { type: 'add', layer: spongeLayer(filter), index: 0 };
  return [
    ...(short.length === 0 ? [] : [helpOf('cut', 'Pads cut to the walls', input, cut, false)]),
    ...(inSponge || isInternal(input.filter.kind)
      ? []
      : [helpOf('sponge', 'A sponge on the intake', { ...input, filter }, foam, sponge === null)]),
  ];
}

function helpOf(
  key: ServiceHelp['key'],
  label: string,
  input: ForecastInput,
  edit: PackEdit,
  sponge: boolean,
): ServiceHelp {
  const found = forecast({ ...input, layers: applyEdit(input.layers, edit) });
  const { serviceDay, siltPerMonth } = found;
  return { key, label, edit, sponge, serviceDay, siltPerMonth };
}
