import { lowerFirst } from '../units/firstLetter';
import { mediumById } from './catalogue';
import type { Medium } from './medium';
import type { OwnMedium } from './ownMediumSchema';
import type { Provenance } from './provenance';

/**
 * The medium that a keeper described; what was not changed keeps the provenance of the medium it is like.
 *
 * @throws Error when the catalogue does not have the medium that it is like
 */
export function ownMedium(own: OwnMedium): Medium {
  const like = mediumById(own.like);
  const from = (same: boolean, provenance: Provenance): Provenance => (same ? provenance : 'entered by you');
  const alike = (key: 'geometry' | 'usableShare' | 'claimedSurface'): boolean =>
    JSON.stringify(own[key]) === JSON.stringify(like[key]);
  return {
    ...like,
    ...own,
    weighedBulk: like.weighedBulk > 0 ? own.dryBulk : 0,
    provenance: {
      bulk: from(own.dryBulk === like.dryBulk && own.drainedBulk === like.drainedBulk, like.provenance.bulk),
      geometry: from(alike('geometry'), like.provenance.geometry),
      surface: from(alike('usableShare') && alike('claimedSurface'), like.provenance.surface),
    },
  };
}

/** A medium of one’s own to begin with: the same figures as the medium that it is like. */
export function ownMediumLike(id: string, like: Medium): OwnMedium {
  const { geometry, usableShare, claimedSurface, dryBulk, drainedBulk, service } = like;
  return {
    id,
    name: `My ${lowerFirst(like.name)}`.slice(0, 60),
    letter: like.letter,
    like: like.like ?? like.id,
    geometry,
    usableShare,
    claimedSurface,
    dryBulk,
    drainedBulk,
    service,
  };
}
