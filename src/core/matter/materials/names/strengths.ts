/** A material that comes in strengths: the names it goes by, and what is on file by percent on its label. */
interface StrengthRow {
  readonly names: readonly string[];
  readonly byPct: Readonly<Record<number, string>>;
}

/** Labels within this many points are the same thing on the shelf. */
const WITHIN_POINTS = 1;

const ROWS: readonly StrengthRow[] = [
  {
    names: [
      'isopropyl alcohol',
      'isopropyl',
      'isopropanol',
      'ipa',
      'iso',
      'rubbing alcohol',
      'alcohol',
      'surgical spirit',
    ],
    byPct: { 99: 'isopropyl-alcohol-99', 91: 'isopropyl-alcohol-91', 70: 'isopropyl-alcohol-70' },
  },
  {
    names: ['ethanol', 'ethyl alcohol', 'grain alcohol', 'perfumer alcohol', 'perfumers alcohol'],
    byPct: { 95: 'ethanol-95' },
  },
  {
    names: ['vinegar', 'white vinegar', 'distilled white vinegar', 'cleaning vinegar'],
    byPct: { 5: 'vinegar-5', 10: 'vinegar-10' },
  },
  { names: ['lactic acid', 'lactic'], byPct: { 80: 'lactic-acid-80' } },
  { names: ['foaming paste', 'sles paste', 'sles'], byPct: { 70: 'foaming-paste-70' } },
];

export type ByStrength =
  | { readonly kind: 'material'; readonly id: string }
  /** Not on file at this strength: those that are, nearest first. */
  | { readonly kind: 'which'; readonly ids: readonly string[] };

/**
 * `rubbing alcohol 99%`, `isopropyl 91`: a percentage in a name is what it is, never noise.
 * @param name a comparable name
 * @returns null where the name has no strength, or comes in none
 */
export function materialByStrength(name: string): ByStrength | null {
  const words = name.split(' ');
  const numbers = words.filter((word) => /^\d{1,3}(\.\d+)?%?$/.test(word));
  const rest = words.filter((word) => !numbers.includes(word)).join(' ');
  const row = ROWS.find(({ names }) => names.includes(rest));
  const [number] = numbers;
  if (!row || number === undefined || numbers.length > 1) return null;
  const pct = parseFloat(number);
  const byDistance = Object.entries(row.byPct)
    .map(([labeled, id]) => ({ id, points: Math.abs(Number(labeled) - pct) }))
    .sort((a, b) => a.points - b.points);
  const [nearest] = byDistance;
  if (nearest && nearest.points <= WITHIN_POINTS) return { kind: 'material', id: nearest.id };
  return { kind: 'which', ids: byDistance.map(({ id }) => id) };
}
