import type { PartKind } from '../formula';

export type Heading =
  | { readonly kind: 'part'; readonly partKind: PartKind; readonly name: string }
  /** `Dry ingredients:` and the like: nothing changes. */
  | { readonly kind: 'group' }
  | { readonly kind: 'yield'; readonly pieces: number };

const PART_NAMES: ReadonlyArray<readonly [RegExp, PartKind]> = [
  [/^(?:embeds?|center|centre|core|filling)\b/i, 'embed'],
  [/^(?:toppings?|garnish|decoration)\b/i, 'topping'],
  [/^(?:icing|frosting|glaze)\b/i, 'icing'],
  [/^(?:paint|drizzle)\b/i, 'paint'],
  [/^(?:color split|split|second color|other half)\b/i, 'split'],
  [/^(?:main(?: mix)?|base(?: mix)?|body|shell|bath bombs?|mix)\b/i, 'main'],
];
const GROUP =
  /^(?:(?:for the )?(?:dry|wet|liquid|powder|color|colour|acid|finish|finishing|other|main)?\s*(?:ingredients?|phase|part|materials|mix)?|you will need|recipe|ingredients?)$/i;
const YIELD =
  /^(?:makes|yields?|enough for|for)\s*:?\s*(?:about\s+|approx\.?\s+)?(\d{1,5})(?:\s*(?:pieces?|bombs?|bath bombs?|steamers?|cubes?|tablets?|jars?|sachets?))?\.?$/i;

/** `Quay bombs (makes 6)`: a yield in the notes of a title. */
export function readYield(notes: readonly string[]): number | null {
  for (const note of notes) {
    const pieces = YIELD.exec(note);
    if (pieces) return Number(pieces[1]);
  }
  return null;
}

/** Is this line a heading or a yield rather than an ingredient? Needs a colon, or a known word alone. */
export function readHeading(text: string): Heading | null {
  const pieces = YIELD.exec(text);
  if (pieces) return { kind: 'yield', pieces: Number(pieces[1]) };
  const named = /^([^:\d]{2,60}):$/.exec(text)?.[1]?.trim();
  const bare = named ?? text;
  if (named || /^(?:embeds?|toppings?|icing|paint)$/i.test(text)) {
    const found = PART_NAMES.find(([pattern]) => pattern.test(bare.replace(/^for the /i, '')));
    if (found) return { kind: 'part', partKind: found[1], name: capitalized(bare) };
  }
  return GROUP.test(bare) ? { kind: 'group' } : null;
}

function capitalized(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
