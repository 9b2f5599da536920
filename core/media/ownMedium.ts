import { z } from 'zod';
import { IdSchema, nameSchema } from '../document/fields';
import { bounded } from '../units/bounded';
import { lowerFirst } from '../units/firstLetter';
import { mediumById } from './catalogue';
import { GeometrySchema } from './geometry';
import { OWN_MEDIUM_BOUNDS } from './ownMediumBounds';
import { ServiceSchema, type Medium } from './medium';
import type { Provenance } from './provenance';

/**
 * A medium of the keeper’s own: one of the catalogue with figures that the keeper knows better. What kind of thing it
 * is (how it is cut or poured, what it does for the water) comes from the medium that it is like.
 */
export const OwnMediumSchema = z
  .object({
    id: IdSchema,
    name: nameSchema('The medium’s name'),
    letter: z
      .string()
      .regex(/^\p{Lu}{1,2}$/u, 'The mark of a medium is one or two capital letters.')
      .describe('Marks the layer in every drawing'),
    like: z.string().min(1).max(64).describe('Id of the medium in the catalogue that it is like'),
    geometry: GeometrySchema,
    usableShare: z
      .object({
        low: bounded(OWN_MEDIUM_BOUNDS.usableLow),
        likely: bounded(OWN_MEDIUM_BOUNDS.usableLikely),
        high: bounded(OWN_MEDIUM_BOUNDS.usableHigh),
      })
      .refine(({ low, likely, high }) => low <= likely && likely <= high, {
        error:
          'Of the shares of surface that bacteria can use, the least must not be above the likely one, nor that above the most.',
      }),
    claimedSurface: bounded(OWN_MEDIUM_BOUNDS.claimedSurface).nullable().describe('m² per m³ of bed'),
    dryBulk: bounded(OWN_MEDIUM_BOUNDS.dryBulk).describe('kg per m³ of bed'),
    drainedBulk: bounded(OWN_MEDIUM_BOUNDS.drainedBulk).describe('kg per m³ of bed, wet and drained'),
    service: ServiceSchema,
  })
  .refine(({ geometry }) => geometry.form !== 'rings' || geometry.bore < geometry.outerDiameter, {
    path: ['geometry'],
    error: 'The bore of a ring must be less than its outer diameter.',
  })
  .refine(({ dryBulk, drainedBulk }) => dryBulk <= drainedBulk, {
    path: ['drainedBulk'],
    error: 'A medium cannot weigh less wet and drained than dry.',
  });
export type OwnMedium = z.infer<typeof OwnMediumSchema>;

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
