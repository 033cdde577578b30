import type { PartKind } from '../model/schema';

export type Heading =
  | {
      readonly kind: 'part';
      /** Null for a heading that is not understood. */
      readonly partKind: PartKind | null;
      readonly name: string;
      readonly perPieceG: number | null;
    }
  /** `Dry ingredients:` and the like: nothing changes. */
  | { readonly kind: 'group' }
  /** `Method:`: what follows is told, not weighed. */
  | { readonly kind: 'told' }
  | { readonly kind: 'yield'; readonly pieces: number };

/** Words that name a part, anywhere in its heading; the first row that fits counts. */
const PART_NAMES: ReadonlyArray<readonly [RegExp, PartKind]> = [
  [/\b(?:embeds?|cent(?:er|re)|core|filling|surprise|inside|heart of it)\b/i, 'embed'],
  [/\b(?:icing|frosting|glaze|royal|piping)\b/i, 'icing'],
  [/\b(?:paint|drizzle|wash)\b/i, 'paint'],
  [/\b(?:toppings?|garnish|decorations?|sprinkles?|to top|on top|the top)\b/i, 'topping'],
  [
    /\b(?:splits?|(?:second|other|2nd|third) (?:colou?r|half|layer|mix|bowl)|colou?r (?:2|two|b)|layer (?:2|two|b)|swirl)\b/i,
    'split',
  ],
  [
    /^(?:for )?(?:the )?(?:main(?: mix| batch)?|base(?: mix)?|body|shells?|outside|(?:bath |shower )?(?:bombs?|steamers?|fizz(?:y|ies)|salts|cubes?|tablets?|pucks?|dust)|mix(?:ture)?|(?:first|1st) (?:colou?r|half|layer)|colou?r (?:1|one|a)|layer (?:1|one|a))$/i,
    'main',
  ],
];
const GROUP =
  /^(?:(?:for )?(?:the )?(?:dry|wet|liquids?|powders?|oils?|colou?rs?|scents?|fragrance|acid|finish|finishing|other|main|all)?\s*(?:ingredients?|phase|part|materials|mix|stuff|things)?|you(?: wi|.)ll need|what you need|recipe|ingredients?(?: list)?)$/i;
const TOLD =
  /^(?:method|instructions?|directions?|steps?|notes?|how to(?: make)?(?: it| them)?|to make|what to do|procedure|tips?|storage|to finish)$/i;
const TOLD_ALONE = /^(?:method|instructions?|directions?|how to make (?:it|them)|notes?|tips?)$/i;
const ALONE =
  /^(?:the )?(?:embeds?|cent(?:er|re)|core|filling|shells?|toppings?|icing|frosting|paint|drizzle|glaze|second colou?r|main mix|base mix)(?: \d)?$/i;
const PIECES = String.raw`(?:(?:small|big|large|round|mini)\s+)?(?:pieces?|(?:bath\s+|shower\s+)?bombs?|(?:shower\s+)?steamers?|cubes?|tablets?|pucks?|jars?|sachets?|balls?)`;
const COUNT = String.raw`(?:about\s+|approx\.?\s+|around\s+|roughly\s+|~\s*)?(\d{1,5})(?:\s*(?:-|–|to)\s*(\d{1,5}))?`;
const YIELD = new RegExp(
  `^(?:(?:this )?(?:recipe |batch )?(?:makes|yields?|gives|enough for|for|serves)\\s*:?\\s*${COUNT}(?:\\s*${PIECES})?(?:\\s+of\\s.*)?|${COUNT}\\s+${PIECES})\\.?$`,
  'i',
);
/** Grams a piece: `50 g each`, `2 g per piece`. */
const PER_PIECE = new RegExp(
  `(\\d+(?:[.,]\\d+)?)\\s*(?:g|grams?)\\s*(?:each|(?:per|a|for each|on each)\\s+${PIECES})`,
  'i',
);

function countIn(found: RegExpExecArray): number {
  const [low, high] = [found[1] ?? found[3], found[2] ?? found[4]].map((one) =>
    Number(one ?? NaN),
  ) as [number, number];
  return Number.isFinite(high) ? Math.round((low + high) / 2) : low;
}

/** `Quay bombs (makes 6)`: a yield in the notes of a title. */
export function readYield(notes: readonly string[]): number | null {
  for (const note of notes) {
    const pieces = YIELD.exec(note);
    if (pieces) return countIn(pieces);
  }
  return null;
}

/** Grams a piece, where a text says them. */
export function readPerPiece(
  text: string,
): { readonly massG: number; readonly rest: string } | null {
  const found = PER_PIECE.exec(text);
  return found
    ? {
        massG: Number((found[1] ?? '').replace(',', '.')),
        rest: text.replace(found[0], ' ').replace(/\s+/g, ' ').trim(),
      }
    : null;
}

/** Is this line a heading or a yield rather than an ingredient? Needs a colon, or a known word alone. */
export function readHeading(text: string, notes: readonly string[] = []): Heading | null {
  const pieces = YIELD.exec(text);
  if (pieces) return { kind: 'yield', pieces: countIn(pieces) };
  const perPiece = readPerPiece([text, ...notes].join(' '));
  const bare = (readPerPiece(text)?.rest ?? text).replace(/[\s,]+(?=:$)/, '');
  const named = /^([^:]{2,60}):$/
    .exec(bare)?.[1]
    ?.replace(/[\s,]+$/, '')
    .trim();
  const words = named ?? bare.replace(/[,\s]+$/, '');
  if (TOLD_ALONE.test(words)) return { kind: 'told' };
  const isHeading =
    named !== undefined || ALONE.test(words) || /^for the [a-z ]{3,30}$/i.test(words);
  if (!isHeading) return GROUP.test(words) ? { kind: 'group' } : null;
  if (TOLD.test(words)) return { kind: 'told' };
  const found = PART_NAMES.find(([pattern]) => pattern.test(words));
  if (found === undefined && GROUP.test(words)) return { kind: 'group' };
  return {
    kind: 'part',
    partKind: found?.[1] ?? null,
    name: capitalized(words.replace(/^for (?:the )?/i, '')),
    perPieceG: perPiece?.massG ?? null,
  };
}

function capitalized(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
