import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import type { Schools } from '../findings/schools';
import { plainLayer } from '../layers/plainLayer';
import { isWellBuilt } from './isWellBuilt';

// What keepers would build and what they would not: common practice, no source.
describe('a pack that keepers would build', () => {
  const judge = (
    kind: FilterKind,
    rows: readonly (readonly [medium: string, chamber: string, thickness?: number])[],
    schools: Partial<Schools> = {},
  ): boolean =>
    isWellBuilt(
      presetFilter(kind, { id: 'f', tankId: 't' }, 'F'),
      rows.map(([medium, chamber, thickness], index) =>
        plainLayer(`l${index}`, medium, chamber, thickness ?? (chamber.startsWith('tray') ? 0.08 : 0.02)),
      ),
      { ...DEFAULT_SCHOOLS, ...schools },
    );
  const TRAYS = ['tray-4', 'tray-3', 'tray-2', 'tray-1'] as const;
  const trays = (...media: string[]) => media.map((medium, index) => [medium, TRAYS[index]!] as const);

  it('catches dirt before its biological media', () => {
    expect(judge('canister-down-flow', trays('foam-15', 'foam-45', 'lava', 'lava'))).toBe(true);
    expect(judge('canister-down-flow', trays('lava', 'lava', 'foam-15', 'foam-45'))).toBe(false);
    expect(judge('canister-down-flow', trays('lava', 'lava', 'lava', 'lava'))).toBe(false);
  });

  it('has something fine, and gives half of the trays of a canister to the bacteria', () => {
    expect(judge('canister-down-flow', trays('foam-15', 'foam-30', 'lava', 'lava'))).toBe(false);
    expect(judge('canister-down-flow', trays('foam-15', 'foam-30', 'foam-45', 'lava'))).toBe(false);
    // The column beside the trays is for dirt.
    const column = (...rest: string[]) =>
      judge('canister-side-riser', [
        ['foam-15', 'column', 0.25],
        ...rest.map((medium, index) => [medium, `tray-${index + 1}`] as const),
      ]);
    expect(column('foam-45', 'lava', 'lava')).toBe(true);
    expect(column('foam-30', 'foam-45', 'lava')).toBe(false);
  });

  it('is foam alone only to those who hold with it, and in a sponge filter', () => {
    const foam = trays('foam-45', 'foam-45', 'foam-45', 'foam-45');
    expect(judge('canister-down-flow', foam)).toBe(false);
    expect(judge('canister-down-flow', foam, { biologicalMedium: 'foam' })).toBe(true);
    expect(judge('internal-sponge', [['foam-30', 'sponge']])).toBe(true);
    expect(judge('internal-sponge', [['floss-bonded', 'sponge']])).toBe(false);
  });

  it('leaves no chamber unused, but for settlement and the well before the cartridges', () => {
    expect(judge('canister-down-flow', trays('foam-15', 'foam-45', 'lava'))).toBe(false);
    const shallow = ['lava', 'tray-1', 0.02] as const;
    expect(judge('canister-down-flow', [...trays('foam-15', 'foam-45', 'lava'), shallow])).toBe(false);
    expect(
      judge('canister-centre-pipe', [
        ['foam-15', 'tray-1'],
        ['foam-45', 'tray-2'],
        ['lava', 'tray-3'],
        ['lava', 'tray-4'],
      ]),
    ).toBe(true);
    expect(
      judge('hang-on-back-cartridge', [
        ['cartridge', 'slot-1'],
        ['scrubbers', 'slot-2'],
      ]),
    ).toBe(true);
    expect(judge('hang-on-back-cartridge', [['cartridge', 'slot-1']])).toBe(false);
  });
});
