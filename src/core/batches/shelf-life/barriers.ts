interface BarrierRow {
  readonly id: string;
  readonly name: string;
  /** Water vapor let through at 38°C and 90%, g/m² a day; null where nothing holds it back, 0 for glass and tin. */
  readonly gM2Day: number | null;
  readonly source: string;
}

const MEMORY =
  'water vapor transmission at 38°C and 90%. Rovack estimate; your supplier’s document decides';

/** What keeps the air’s water off a piece. */
export const BARRIERS = [
  { id: 'bare', name: 'bare', gM2Day: null, source: 'still-air film, Rovack estimate' },
  { id: 'paper-bag', name: 'paper bag', gM2Day: 700, source: MEMORY },
  { id: 'cellulose-film', name: 'plain cellulose film', gM2Day: 500, source: MEMORY },
  { id: 'pvc-shrink-19', name: 'PVC shrink film 19 µm', gM2Day: 60, source: MEMORY },
  { id: 'polyester-12', name: 'polyester film 12 µm', gM2Day: 40, source: MEMORY },
  { id: 'polyethylene-25', name: 'polyethylene 25 µm', gM2Day: 18, source: MEMORY },
  { id: 'polyolefin-shrink-19', name: 'polyolefin shrink film 19 µm', gM2Day: 18, source: MEMORY },
  { id: 'polypropylene-25', name: 'oriented polypropylene 25 µm', gM2Day: 6, source: MEMORY },
  { id: 'metallized-film', name: 'metallized film', gM2Day: 1, source: MEMORY },
  { id: 'carton', name: 'carton box', gM2Day: 700, source: MEMORY },
  { id: 'tight-jar', name: 'glass or tin, good lid', gM2Day: 0, source: MEMORY },
] as const satisfies readonly BarrierRow[];

export type BarrierId = (typeof BARRIERS)[number]['id'];
export const BARRIER_IDS = BARRIERS.map(({ id }) => id) as [BarrierId, ...BarrierId[]];

/** @throws RangeError when no barrier has this id */
export function barrierById(id: BarrierId): BarrierRow & { readonly id: BarrierId } {
  const row = BARRIERS.find((one) => one.id === id);
  if (!row) throw new RangeError(`barrier ${id} is not in the table`);
  return row;
}

/**
 * The least tight barrier that keeps a piece for so many days; null where none does.
 * @param daysIn how long it stays hard in each, days; null for as long as anybody looks
 */
export function leastTightFor(
  days: number,
  daysIn: (id: BarrierId) => number | null,
): (typeof BARRIERS)[number] | null {
  const found = [...BARRIERS]
    .sort((a, b) => (b.gM2Day ?? Infinity) - (a.gM2Day ?? Infinity))
    .find(({ id }) => (daysIn(id) ?? Infinity) >= days);
  return found ?? null;
}
