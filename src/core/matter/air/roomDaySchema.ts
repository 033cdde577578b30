import { z } from 'zod';
import { ROOM_PLACES } from './roomPlaces';

export const roomReadingSchema = z.object({
  at: z.iso.datetime({ offset: true }),
  humidityPct: z.number().min(0).max(100),
  tempC: z.number().min(-20).max(60),
  by: z.enum(['typed', 'simulated-sensor', 'serial-sensor']),
});
export type RoomReading = z.infer<typeof roomReadingSchema>;

/** The readings of a room on one day, oldest first. */
export const roomDaySchema = z.object({
  id: z.uuid(),
  origin: z.enum(['own', 'sample']),
  place: z.enum(ROOM_PLACES),
  /** As the workshop's clock has it, `2026-04-18`. */
  day: z.iso.date(),
  readings: z.array(roomReadingSchema).max(3000),
});
export type RoomDay = Readonly<z.infer<typeof roomDaySchema>>;
