import type { Method } from '../formula';
import { dampWindow, type DampWindow } from './windows';

/** The working range of a room and what to do outside of it. Common practice. */
export const ROOM_AIM_PCT = 45;
const ROOM_LOW_PCT = 40;
const ROOM_HIGH_PCT = 50;
const DAMP_FROM_PCT = 55;
const VERY_DAMP_FROM_PCT = 70;
const COLD_BELOW_C = 15;
const HOT_FROM_C = 27;

export interface RoomAdvice {
  readonly verdict: 'good' | 'workable' | 'wait';
  /** What to change before starting, gravest first; empty in a good room. */
  readonly todo: readonly string[];
  /** The damp window in this room and where it stands at 45 %. */
  readonly window: DampWindow;
  readonly usualWindow: DampWindow;
}

/**
 * What a room asks for before the first weighing. Common practice.
 * @param humidityPct 0 to 100 @param tempC -10 to 50
 */
export function roomAdvice(humidityPct: number, tempC: number, method: Method): RoomAdvice {
  const todo: string[] = [];
  if (humidityPct >= VERY_DAMP_FROM_PCT)
    todo.push('Wait, or dehumidify first: at 70 % and more pieces swell, wart and stay soft.');
  else if (humidityPct > DAMP_FROM_PCT)
    todo.push('Run the dehumidifier toward 45 %, close the door; fewer squirts than usual.');
  else if (humidityPct > ROOM_HIGH_PCT)
    todo.push('A little damp: spray less, press without a break.');
  else if (humidityPct < ROOM_LOW_PCT)
    todo.push(
      'Run the humidifier toward 45 %; else a little more oil, a few more squirts, pack firmer.',
    );
  if (tempC < COLD_BELOW_C)
    todo.push('Cold: butters set in the beaker. Warm the room, or pour them warmer.');
  if (tempC >= HOT_FROM_C)
    todo.push('Hot: alcohol leaves fast and butters stay soft. Work in the cool.');
  const verdict =
    humidityPct >= VERY_DAMP_FROM_PCT ? 'wait' : todo.length > 0 ? 'workable' : 'good';
  return {
    verdict,
    todo,
    window: dampWindow(method, humidityPct, 0),
    usualWindow: dampWindow(method, ROOM_AIM_PCT, 0),
  };
}
