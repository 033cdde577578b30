export { checkHumidity } from './humidity';
export { absoluteHumidityGM3, dewPointC, saturationVaporPressureHPa } from './moistAir';
export { ROOM_PLACES } from './roomPlaces';
export { roomCurve, withReading } from './roomDays';
export { roomDaySchema, roomReadingSchema } from './roomDaySchema';
export type { RoomDay, RoomReading } from './roomDaySchema';
export type { RoomPlace } from './roomPlaces';
export type { RoomPoint } from './roomDays';
