import { lowerFirst } from '../units/firstLetter';
import { bedGeometry } from './bedGeometry';
import type { Medium, UsableShare } from './medium';
import { sumOf } from '../maths/sum';

/** A medium and the share of the mixture’s volume that was poured of it, 0–1. */
export interface MixtureShare {
  readonly medium: Medium;
  readonly share: number;
}

/**
 * Loose media mixed in one bed, as one medium: masses and surfaces add by their shares of the volume; the water sees
 * grains with the surface and the porosity of the whole.
 *
 * @param parts the first gives the mixture its looks and its care; shares add up to 1
 * @param porosity of the mixture, 0–1; null: the mean of the parts, which grains that fill each other’s gaps fall below
 * @source mass and surface are extensive; the grain is the Ergun diameter 6(1−ε)/S.
 * @example mixedMedium([{ medium: mediumById('lava'), share: 0.5 }, { medium: mediumById('scrubbers'), share: 0.5 }], null).dryBulk // 374
 */
export function mixedMedium(
  parts: readonly [MixtureShare, ...MixtureShare[]],
  porosity: number | null,
): Medium {
  const [{ medium: main }] = parts;
  const mean = (of: (medium: Medium) => number): number =>
    sumOf(parts, ({ medium, share }) => share * of(medium));
  const surfaceOf = (medium: Medium): number => bedGeometry(medium.geometry).specificSurface;
  const surface = mean(surfaceOf);
  const open = porosity ?? mean(({ geometry }) => geometry.porosity);
  const usable = (key: keyof UsableShare): number =>
    mean((medium) => surfaceOf(medium) * medium.usableShare[key]) / surface;
  return {
    ...main,
    id: `mix-${parts.map(({ medium, share }) => `${medium.id}-${Math.round(share * 1e4)}`).join('-')}`,
    like: main.like ?? main.id,
    name: mixedName(parts),
    letter: parts
      .map(({ medium }) => medium.letter.charAt(0))
      .slice(0, 2)
      .join(''),
    roles: [...new Set(parts.flatMap(({ medium }) => medium.roles))],
    geometry: { form: 'grains', grainSize: (6 * (1 - open)) / surface, porosity: open },
    usableShare: { low: usable('low'), likely: usable('likely'), high: usable('high') },
    claimedSurface: parts.every(({ medium }) => medium.claimedSurface === null)
      ? null
      : mean((medium) => medium.claimedSurface ?? surfaceOf(medium)),
    dryBulk: mean(({ dryBulk }) => dryBulk),
    drainedBulk: mean(({ drainedBulk }) => drainedBulk),
    weighedBulk: mean(({ weighedBulk }) => weighedBulk),
    provenance: {
      ...main.provenance,
      geometry: porosity === null ? 'calibrated' : 'entered by you',
    },
  };
}

function mixedName(parts: readonly MixtureShare[]): string {
  const plain = (name: string): string => name.split(',')[0] ?? name;
  return parts
    .map(({ medium }, index) => {
      const name = plain(medium.name);
      return index === 0 ? name : lowerFirst(name);
    })
    .join(' mixed with ');
}

/** Media that can be mixed in one bed: grains, rings and ribbon, poured. */
export const canBeMixed = ({ supply, family, roles }: Medium): boolean =>
  supply === 'loose' && family !== 'floss' && roles.length > 0;
