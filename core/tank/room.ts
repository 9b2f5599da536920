import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const ROOM_BOUNDS = {
  temperature: { what: 'Room temperature', kind: 'temperature', min: 0, max: 45 },
  humidity: { what: 'Relative humidity', kind: 'share', min: 0.05, max: 1 },
} as const satisfies Record<string, Bounds>;

/** Whether a lid lies on a tank; null: not stated. */
export const CoverSchema = z.enum(['open', 'lid']).nullable();

/** The room around a tank: °C, 0–1; null: not known. */
export const RoomSchema = z.object({
  temperature: bounded(ROOM_BOUNDS.temperature).nullable(),
  humidity: bounded(ROOM_BOUNDS.humidity).nullable(),
});
export type Room = z.infer<typeof RoomSchema>;
