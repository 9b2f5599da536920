import type { Filter } from './filter';
import type { FilterKind } from './filterKind';
import { isCanister, isHangOnBack } from './kindFamily';
import { USUAL_HOSES, usualBore } from './usualHoses';
import { chamberLayout } from './chamberLayout';
import { PRESETS } from './presets';
import { sizedChamber, sizedEdge, sizedFlow, sizedSpill, type PresetSize } from './presetSize';

/** A filter of a kind and size as its preset has it, all sizes marked as assumed: what a survey begins with. */
export function presetFilter(
  kind: FilterKind,
  ids: { id: string; tankId: string },
  name: string,
  size: PresetSize = 'middle',
): Filter {
  const preset = PRESETS[kind];
  const labelFlow = sizedFlow(preset.labelFlow, size);
  const spill = sizedSpill(preset.spill, size);
  const openEdge = preset.openEdge == null ? null : sizedEdge(preset.openEdge, size);
  const chambers = preset.chambers.map((chamber) => sizedChamber(chamber, size));
  const hoses = isCanister(kind) ? { ...USUAL_HOSES, bore: usualBore(labelFlow) } : null;
  const place = isHangOnBack(kind) ? 'middle' : 'left';
  return {
    ...ids,
    name,
    note: '',
    kind,
    labelFlow,
    pump: { power: null, internalLoss: null, head: { by: 'assumed' } },
    pumps: 1,
    sinceYear: null,
    tankRating: null,
    outside: null,
    hoses,
    spill,
    openEdge,
    intakes: [{ place, depth: null, tube: null, hose: null, open: 1 }],
    outlets: [
      { place, aim: isHangOnBack(kind) ? 'to the front' : 'along the tank', hose: null, aboveWater: 0 },
    ],
    cleanedEvery: null,
    swap: null,
    equipmentK: null,
    equipment: isCanister(kind) ? ['taps'] : [],
    ...chamberLayout(kind, chambers, spill),
    assumed: [
      'sizes',
      'labelFlow',
      ...(hoses === null ? [] : (['hoses'] as const)),
      ...(spill === null ? [] : (['spill'] as const)),
      ...(openEdge === null ? [] : (['openEdge'] as const)),
    ],
  };
}
