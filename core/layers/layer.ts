import { z } from 'zod';
import { DaySchema, IdSchema, NoteSchema } from '../document/fields';
import { OwnMediumSchema } from '../media/ownMediumSchema';
import { bounded } from '../units/bounded';
import { LAYER_BOUNDS } from './layerBounds';
import { MEDIUM_ID } from '../document/mediumId';
import { MixSchema } from './mix';
import { DIRT_STATES, WEAR_SIGNS, TREATMENTS } from './layerStates';

/** How loose media is held. Two small bags hold less than one large one; a wrapper lets no water in. */
export const HolderSchema = z.enum(['none', 'bag', 'small bags', 'wrapper']);
export type Holder = z.infer<typeof HolderSchema>;

export const DirtSchema = z.enum(DIRT_STATES);
export type Dirt = z.infer<typeof DirtSchema>;

export const SignSchema = z.enum(WEAR_SIGNS);
export type Sign = z.infer<typeof SignSchema>;

export const TreatmentSchema = z.enum(TREATMENTS);
export type Treatment = z.infer<typeof TreatmentSchema>;

/** One piece of media in a chamber; m. */
export const LayerSchema = z.object({
  id: IdSchema,
  medium: MEDIUM_ID,
  own: OwnMediumSchema.nullable().describe('Data of the keeper’s own medium; else null'),
  mix: MixSchema.nullable().describe('What is mixed with it; null: nothing'),
  chamber: IdSchema.describe('Id of the chamber it sits in'),
  thickness: bounded(LAYER_BOUNDS.thickness).describe('Along the flow, m'),
  cut: z
    .object({ length: bounded(LAYER_BOUNDS.cutLength), width: bounded(LAYER_BOUNDS.cutWidth) })
    .nullable()
    .describe('Size of the piece across the flow, m; null: reaches the walls'),
  gapFill: z.enum(['open', 'floss']).describe('What fills the gap beside a short piece'),
  compressionRatio: bounded(LAYER_BOUNDS.compressionRatio).describe(
    'Thickness as packed over uncompressed thickness',
  ),
  holder: HolderSchema,
  placed: z.boolean().describe('Placed by hand rather than poured'),
  installedOn: DaySchema.nullable().describe('Installed on; null: not known'),
  dirt: DirtSchema.nullable().describe('As found; null when not looked at'),
  signs: z.array(SignSchema).max(WEAR_SIGNS.length).describe('As found'),
  wetMass: bounded(LAYER_BOUNDS.wetMass).nullable().describe('Weight wet as found, kg'),
  treatment: TreatmentSchema.nullable().describe('What the keeper decided; null when not decided'),
  note: NoteSchema,
});
export type Layer = z.infer<typeof LayerSchema>;
