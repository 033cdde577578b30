import { checkHumidity } from '@/core/matter/air/humidity';

/** Relative humidity of a workroom: what is worked at, what is aimed for, where trouble begins, %. Common practice. */
export const ROOM_PCT = {
  /** Drier than this, pieces crumble and crack. */
  dryBelow: 40,
  aim: 45,
  /** The working range ends here. */
  goodTo: 50,
  /** Damper than this, the mix takes up water as it is worked. */
  dampOver: 55,
  /** From here pieces wart, swell and stay soft. */
  veryDampFrom: 70,
  /** Wetter than what the salts hold back: nothing pressed here ever dries. */
  neverDriesFrom: 85,
} as const;

/** A temperate room, °C. */
export const USUAL_ROOM_C = 20;
const COLD_BELOW_C = 15;
const HOT_FROM_C = 27;

export type RoomBand = 'dry' | 'good' | 'a-little-damp' | 'damp' | 'very-damp';

/** What a humidity means at the bench. @param humidityPct 0 to 100 */
export function roomBand(humidityPct: number): RoomBand {
  checkHumidity(humidityPct);
  if (humidityPct >= ROOM_PCT.veryDampFrom) return 'very-damp';
  if (humidityPct > ROOM_PCT.dampOver) return 'damp';
  if (humidityPct > ROOM_PCT.goodTo) return 'a-little-damp';
  return humidityPct < ROOM_PCT.dryBelow ? 'dry' : 'good';
}

export type RoomTask = Exclude<RoomBand, 'good'> | 'cold' | 'hot';

export interface RoomAdvice {
  readonly verdict: 'good' | 'workable' | 'wait';
  /** What to change before starting, gravest first; empty in a good room. */
  readonly tasks: readonly RoomTask[];
}

/**
 * What a room asks for before the first weighing. Common practice.
 * @param humidityPct 0 to 100 @param tempC -10 to 50
 */
export function roomAdvice(humidityPct: number, tempC: number): RoomAdvice {
  const band = roomBand(humidityPct);
  const tasks: readonly RoomTask[] = [
    ...(band === 'good' ? [] : [band]),
    ...(tempC < COLD_BELOW_C ? (['cold'] as const) : []),
    ...(tempC >= HOT_FROM_C ? (['hot'] as const) : []),
  ];
  return {
    verdict: band === 'very-damp' ? 'wait' : tasks.length > 0 ? 'workable' : 'good',
    tasks,
  };
}
