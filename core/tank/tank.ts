import { z } from 'zod';
import { IdSchema, nameSchema, NoteSchema } from '../document/fields';
import { AimSchema, PlaceSchema } from '../filter/ports';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';
import { AirFilterSchema, MAX_AIR_FILTERS } from './airFilter';
import { FeedSchema } from './feed';
import { LitterSchema } from './litter';
import { PlantsSchema } from './plants';
import { CoverSchema, RoomSchema } from './room';
import { RoutineSchema } from './routine';
import { WaterSchema } from './water';

/** What a tank's numbers may be, SI. The widest a home or club keeper could mean; common practice, no source. */
export const TANK_BOUNDS = {
  temperature: { what: 'Temperature', kind: 'temperature', min: 0, max: 40 },
  pH: { what: 'pH', kind: 'plain', min: 4, max: 10 },
  hardness: { what: 'Hardness', kind: 'hardness', min: 0, max: 50 },
  altitude: { what: 'Altitude', kind: 'altitude', min: -400, max: 5000 },
  circulation: { what: 'Flow of the circulation pump', kind: 'flow', min: 0, max: 20e-3, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/** Animals that change the advice. */
export const ANIMALS = ['fry', 'shrimp', 'strong flow', 'still water', 'dirty eaters'] as const;
export const AnimalSchema = z.enum(ANIMALS);
export type Animal = z.infer<typeof AnimalSchema>;

/** Most circulation pumps of one tank. */
export const MAX_CIRCULATION = 8;

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
