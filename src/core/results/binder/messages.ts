import type { RoomTask } from './room';

/** What to do about a room before starting. */
export const ROOM_WORDS: Readonly<Record<RoomTask, string>> = {
  'very-damp': 'Wait, or dehumidify first: at 70 % and more pieces swell, wart and stay soft.',
  damp: 'Run the dehumidifier toward 45 %, close the door; fewer squirts than usual.',
  'a-little-damp': 'A little damp: spray less, press without a break.',
  dry: 'Run the humidifier toward 45 %; else a little more oil, a few more squirts, pack firmer.',
  cold: 'Cold: butters set in the beaker. Warm the room, or pour them warmer.',
  hot: 'Hot: alcohol leaves fast and butters stay soft. Work in the cool.',
};
