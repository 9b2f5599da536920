import { z } from 'zod';
import { FILTER_BOUNDS } from './filterBounds';
import { IdSchema, nameSchema, NoteSchema } from '../document/fields';
import { bounded } from '../units/bounded';
import { CHAMBER_BOUNDS } from './chamberBounds';
import { ChamberShapeSchema } from './chamberShape';
import { deepest, faceSides, isInward } from './chamberGeometry';
import { EQUIPMENT, EquipmentSchema } from './equipment';
import { FilterKindSchema } from './filterKind';
import { HosesSchema } from './hoses';
import { bodyFaults } from './bodyFaults';
import { OpenEdgeSchema } from './openEdge';
import { IntakesSchema, MAX_PORTS, OutletsSchema } from './ports';
import { PumpSchema } from './pump';
import { SpillSchema } from './spill';
import { SwapSchema } from './swap';

/** Most chambers a filter may have; the largest bodies of the trade have fewer than ten. */
export const MAX_CHAMBERS = 24;

/** Which way the water goes through a chamber. `across` is sideways, `inward` from all sides to the middle. */
export const FlowWaySchema = z.enum(['up', 'down', 'across', 'inward']);
export type FlowWay = z.infer<typeof FlowWaySchema>;

/** A place where media can sit. Lengths m, inside. */
export const ChamberSchema = z
  .object({
    id: IdSchema,
    name: nameSchema('The chamber’s name'),
    /** An intake sponge sits on the intake, in the tank: always the first thing the water meets. */
    where: z.enum(['body', 'intake']),
    shape: ChamberShapeSchema,
    depth: bounded(CHAMBER_BOUNDS.depth).describe('Along the flow, to the chamber’s end'),
    stop: bounded(CHAMBER_BOUNDS.stop)
      .nullable()
      .describe('Fill limit along the flow; null: the end of the chamber'),
    upperStop: bounded(CHAMBER_BOUNDS.stop)
      .nullable()
      .describe('A second fill limit that media must never pass; null: there is only one'),
    cornerRadius: bounded(CHAMBER_BOUNDS.corner).describe('Of its upright corners, inside'),
    narrows: bounded(CHAMBER_BOUNDS.narrows).describe(
      'How much narrower the chamber is at the bottom than at the top, in length and in width; its sizes are those halfway up',
    ),
    way: FlowWaySchema,
    /** Lower left corner of the chamber in the cutaway of the body. */
    place: z.object({ x: bounded(FILTER_BOUNDS.place), y: bounded(FILTER_BOUNDS.place) }),
    lift: z.array(nameSchema('What is lifted')).max(8).describe('What must be removed to reach it, in order'),
  })
  .superRefine((chamber, context) => {
    if (chamber.stop !== null && chamber.stop > chamber.depth)
      context.addIssue({
        code: 'custom',
        path: ['stop'],
        message: 'The fill limit is beyond the end of the chamber. Lower it, or make the chamber deeper.',
      });
    if (chamber.upperStop !== null && chamber.upperStop > chamber.depth)
      context.addIssue({
        code: 'custom',
        path: ['upperStop'],
        message:
          'The upper fill limit is beyond the end of the chamber. Lower it, or make the chamber deeper.',
      });
    if (chamber.upperStop !== null && chamber.upperStop <= (chamber.stop ?? Infinity))
      context.addIssue({
        code: 'custom',
        path: ['upperStop'],
        message: 'Enter the lower of the two limits as the fill limit.',
      });
    if (chamber.depth > deepest(chamber.shape))
      context.addIssue({
        code: 'custom',
        path: ['depth'],
        message: 'The media wall is thicker than half the chamber. Make it thinner.',
      });
    const sides = faceSides(chamber.shape);
    if (!isInward(chamber.shape) && chamber.narrows >= Math.min(sides.shown, sides.into))
      context.addIssue({
        code: 'custom',
        path: ['narrows'],
        message:
          'The chamber would have no width at the bottom. Enter how much narrower it is there, not how wide.',
      });
    if (isInward(chamber.shape) !== (chamber.way === 'inward'))
      context.addIssue({
        code: 'custom',
        path: ['way'],
        message: 'Water flows inward in perimeter and sleeve chambers only.',
      });
  });
export type Chamber = z.infer<typeof ChamberSchema>;

/** What a survey begins with and the keeper has not measured yet. */
export const ASSUMABLE = ['sizes', 'labelFlow', 'hoses', 'spill', 'openEdge'] as const;

/** One filter on one tank; chambers in flow order. */
export const FilterSchema = z
  .object({
    id: IdSchema,
    tankId: IdSchema,
    name: nameSchema('The filter’s name'),
    note: NoteSchema,
    kind: FilterKindSchema,
    labelFlow: bounded(FILTER_BOUNDS.labelFlow).describe('Sum of the flows on the labels of all pumps, m³/s'),
    pump: PumpSchema,
    pumps: z
      .int('The number of pumps must be a whole number.')
      .min(1, 'A filter needs at least one pump.')
      .max(MAX_PORTS, `A filter has at most ${MAX_PORTS} pumps.`),
    sinceYear: z
      .int('The year must be a whole number.')
      .min(1950, 'The year must be 1950 or later.')
      .max(2200, 'The year must be at most 2200.')
      .nullable()
      .describe('In use since'),
    tankRating: bounded(FILTER_BOUNDS.tankRating)
      .nullable()
      .describe('Size of tank that the box says it is for, m³'),
    body: z.object({ width: bounded(FILTER_BOUNDS.bodyWidth), height: bounded(FILTER_BOUNDS.bodyHeight) }),
    outside: z
      .object({
        length: bounded(FILTER_BOUNDS.outside),
        width: bounded(FILTER_BOUNDS.outside),
        height: bounded(FILTER_BOUNDS.outside),
      })
      .nullable()
      .describe('The body from outside, m; null: not measured'),
    hoses: HosesSchema.nullable().describe('null for filters in or on the tank'),
    spill: SpillSchema.nullable().describe('null for all but hang-on-backs'),
    openEdge: OpenEdgeSchema.nullable().describe(
      'Top edge of the dividers in a filter inside the tank; null: none that water could pass',
    ),
    intakes: IntakesSchema,
    outlets: OutletsSchema,
    equipment: z.array(EquipmentSchema).max(EQUIPMENT.length),
    equipmentK: bounded(FILTER_BOUNDS.equipmentK)
      .nullable()
      .describe('Velocity heads lost at a heater or lamp in the body; null: typical for what is in it'),
    chambers: z
      .array(ChamberSchema)
      .min(1, 'A filter needs at least one chamber: add one.')
      .max(MAX_CHAMBERS, `A filter has at most ${MAX_CHAMBERS} chambers.`),
    cleanedEvery: bounded(FILTER_BOUNDS.cleanedEvery)
      .nullable()
      .describe(
        'Days after which its mechanical layers are cleaned at any flow, to spare other filters on the tank; null: when it is due',
      ),
    swap: SwapSchema.nullable().describe('Media being replaced in stages; null: none'),
    /** Names of numbers that are still a preset’s and not the keeper’s. */
    assumed: z.array(z.enum(ASSUMABLE)),
  })
  .refine((filter) => new Set(filter.chambers.map((chamber) => chamber.id)).size === filter.chambers.length, {
    path: ['chambers'],
    error: 'Two chambers have the same id.',
  })
  .superRefine((filter, context) => {
    bodyFaults(filter).forEach(({ at, message }) =>
      context.addIssue({ code: 'custom', path: ['chambers', at], message }),
    );
    const { spill } = filter;
    const index = filter.chambers.findIndex((chamber) => chamber.where === 'body');
    const stop = filter.chambers[index]?.way === 'up' ? filter.chambers[index].stop : null;
    if (spill !== null && stop !== null && stop > spill.lipAboveFloor + spill.rimAboveLip)
      context.addIssue({
        code: 'custom',
        path: ['chambers', index, 'stop'],
        message: 'The fill limit is above the rim. Lower it, or measure the lip and rim again.',
      });
  });
export type Filter = z.infer<typeof FilterSchema>;
