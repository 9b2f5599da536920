import { z } from 'zod';
import { ANIMALS } from './animals';
import { TANK_BOUNDS, MAX_CIRCULATION } from './tankBounds';
import { IdSchema, nameSchema, NoteSchema } from '../document/fields';
import { AimSchema, PlaceSchema } from '../filter/ports';
import { bounded } from '../units/bounded';
import { AirFilterSchema, MAX_AIR_FILTERS } from './airFilter';
import { FeedSchema } from './feed';
import { LitterSchema } from './litter';
import { PlantsSchema } from './plants';
import { CoverSchema, RoomSchema } from './room';
import { RoutineSchema } from './routine';
import { WaterSchema } from './water';

export const AnimalSchema = z.enum(ANIMALS);
export type Animal = z.infer<typeof AnimalSchema>;

/** A pump that only moves the water, flow m³/s. */
export const CirculationSchema = z.object({
  place: PlaceSchema,
  aim: AimSchema,
  flow: bounded(TANK_BOUNDS.circulation),
});
export type Circulation = z.infer<typeof CirculationSchema>;

/** One body of water and what is fed into it; m above the sea, °C, hardness in degrees; null where not measured. */
export const TankSchema = z.object({
  id: IdSchema,
  name: nameSchema('The tank’s name'),
  note: NoteSchema,
  water: WaterSchema,
  temperature: bounded(TANK_BOUNDS.temperature).describe('°C'),
  pH: bounded(TANK_BOUNDS.pH).nullable(),
  generalHardness: bounded(TANK_BOUNDS.hardness).nullable().describe('German degrees'),
  carbonateHardness: bounded(TANK_BOUNDS.hardness).nullable().describe('German degrees'),
  altitude: bounded(TANK_BOUNDS.altitude).describe('m above the sea'),
  feed: FeedSchema,
  plants: PlantsSchema,
  litter: LitterSchema,
  animals: z.array(AnimalSchema).max(ANIMALS.length),
  circulation: z
    .array(CirculationSchema)
    .max(MAX_CIRCULATION, `A tank has at most ${MAX_CIRCULATION} circulation pumps.`),
  airFilters: z
    .array(AirFilterSchema)
    .max(MAX_AIR_FILTERS, `A tank has at most ${MAX_AIR_FILTERS} air-driven filters.`),
  routine: RoutineSchema,
  cover: CoverSchema,
  room: RoomSchema,
});
export type Tank = z.infer<typeof TankSchema>;
