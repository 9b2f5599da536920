import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import type { Schools } from '../findings/schools';
import { fixedLayers } from './fixedLayers';

// What keepers leave in a filter when they repack it: common practice, no source.
describe('what a filter has of its own', () => {
  const fixed = (
    kind: FilterKind,
    rows: readonly (readonly [medium: string, chamber: string])[],
    cartridges: Schools['cartridges'] = DEFAULT_SCHOOLS.cartridges,
  ) =>
    fixedLayers(
      presetFilter(kind, { id: 'f', tankId: 't' }, 'F'),
      rows.map(([medium, chamber]) => plainLayer(`${medium} ${chamber}`, medium, chamber, 0.02)),
      { cartridges },
    );

  it('is the foam around the trays and in a prefilter, and a grid or block, wherever it stands', () => {
    expect(
      fixed('canister-outside-in', [
        ['foam-20', 'perimeter'],
        ['foam-30', 'tray-3'],
        ['moulded-grid', 'tray-1'],
      ]),
    ).toEqual(['foam-20 perimeter', 'moulded-grid tray-1']);
    expect(
      fixed('canister-prefilter', [
        ['foam-15', 'prefilter'],
        ['foam-15', 'tray-1'],
      ]),
    ).toEqual(['foam-15 prefilter']);
    expect(fixed('internal-sponge', [['foam-30', 'sponge']])).toEqual([]);
  });

  it('is a cartridge only to a keeper who keeps cartridges', () => {
    const rows = [['cartridge', 'slot-1']] as const;
    expect(fixed('hang-on-back-cartridge', rows, 'replace')).toEqual([]);
    expect(fixed('hang-on-back-cartridge', rows, 'rotate')).toEqual(['cartridge slot-1']);
  });
});
