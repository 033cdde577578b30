import type { RoomTask } from './room';

/** What to do about a room before starting. */
export const ROOM_WORDS: Readonly<Record<RoomTask, string>> = {
  'very-damp': 'Wait, or dehumidify first. From 70% on, pieces swell, wart and stay soft.',
  damp: 'Run the dehumidifier toward 45%, close the door, and spray less than usual.',
  'a-little-damp': 'The air is a little damp. Spray less, and press without a break.',
  dry: 'Run the humidifier toward 45%. Or use a little more oil, spray more, and pack firmer.',
  cold: 'Cold: butters set in the beaker. Warm the room, or pour them warmer.',
  hot: 'Hot: alcohol leaves fast and butters stay soft. Work in the cool.',
};
