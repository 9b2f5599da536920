import { z } from 'zod';
import { ROOM_BOUNDS } from './roomBounds';
import { bounded } from '../units/bounded';

/** Whether a lid lies on a tank; null: not stated. */
export const CoverSchema = z.enum(['open', 'lid']).nullable();

/** The room around a tank: °C, 0–1; null: not known. */
export const RoomSchema = z.object({
  temperature: bounded(ROOM_BOUNDS.temperature).nullable(),
  humidity: bounded(ROOM_BOUNDS.humidity).nullable(),
});
export type Room = z.infer<typeof RoomSchema>;
