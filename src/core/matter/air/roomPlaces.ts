export const ROOM_PLACES = ['workroom', 'drying-room'] as const;
export type RoomPlace = (typeof ROOM_PLACES)[number];
