export { checkHumidity } from './humidity';
export { absoluteHumidityGM3, dewPointC, saturationVaporPressureHPa } from './moistAir';
export { ROOM_PLACES, roomCurve, roomDaySchema, roomReadingSchema, withReading } from './roomDays';
export type { RoomDay, RoomPlace, RoomPoint, RoomReading } from './roomDays';
