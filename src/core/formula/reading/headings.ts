import type { LineWay } from '../model/kinds';
import type { PartKind } from '../model/schema';

export type Heading =
  | {
      readonly kind: 'part';
      /** Null for a heading that is not understood. */
      readonly partKind: PartKind | null;
      readonly name: string;
      readonly perPieceG: number | null;
      /** Does it name what is made, as `Shower steamers “Sloe”:`? */
      readonly isProduct: boolean;
      /** Laid on the mold's floor, where the heading says so. */
      readonly way: LineWay | null;
      /** Share of the whole mix that a second color takes along, where the heading says so, 0 to 1. */
      readonly share?: number;
    }
  /** `Dry ingredients:` and the like: nothing changes. */
  | { readonly kind: 'group' }
  /** `Per bomb:`: what follows is for one piece. */
  | { readonly kind: 'per-piece' }
  /** `Stock:` of something: made once, of which the page says how much is used. */
  | { readonly kind: 'stock'; readonly name: string }
  /** `Method:`: what follows is told, not weighed. */
  | { readonly kind: 'told' };

/** Words that name a part, anywhere in its heading; the first row that fits counts. */
const PART_NAMES: ReadonlyArray<readonly [RegExp, PartKind]> = [
  [/\b(?:embeds?|cent(?:er|re)|core|filling|surprise|inside|inner|middle|heart of it)\b/i, 'embed'],
  [/\b(?:icing|frosting|glaze|royal|piping)\b/i, 'icing'],
  [/\b(?:paint|drizzle|wash|stamp(?:ing|ed)?|ink)\b/i, 'paint'],
  [/\b(?:toppings?|garnish|decorations?|sprinkles?|to top|on top|the top)\b/i, 'topping'],
  [
    /\b(?:splits?|half(?![- ]?(?:spheres?|moons?|cups?))(?: of)?(?: (?:the|it|of it)(?: (?:mix|batch))?)?|(?:second|other|2nd|third) (?:colou?r|half|layer|mix|bowl)|bowl (?:\d|[a-d]|one|two|three)|mix (?:[2-9]|[b-d]|two|three|four)|(?:red|orange|yellow|green|blue|teal|purple|violet|pink|white|black|brown|gold|silver|dark|light|top|bottom|left|right) (?:side|layer|half)$|tops$|bottoms$|colou?r (?:[23]|two|three|[bc])|layer (?:[23]|two|three|[bc])|swirl)\b/i,
    'split',
  ],
  [
    /^(?:for )?(?:the )?(?:main(?: mix| batch)?|base(?: mix)?|body|cakes?|(?:outer |outside )?shells?|outside|outer(?: mix| layer)?|mix (?:1|one|a)|(?:bath |shower |toilet |sink |kettle |dishwasher |laundry )?(?:bombs?|steamers?|fizz(?:y|ies)|salts|cubes?|tablets?|tabs|pucks?|dust)(?: ["“].{1,30}["”])?|mix(?:ture)?|(?:first|1st) (?:colou?r|half|layer)|colou?r (?:1|one|a)|layer (?:1|one|a))$/i,
    'main',
  ],
];
const GROUP =
  /^(?:(?:for )?(?:the )?(?:dry|wet|liquids?|powders?|oils?|colou?rs?|scents?|fragrance|acid|finish|finishing|other|main|all)?\s*(?:ingredients?|phase|part|materials|mix|stuff|things)?|you(?: wi|.)ll need|what you need|recipe|ingredients?(?: list)?|(?:step|day|stage|phase) ?\w{1,5}|part [a-e\d]|(?:and )?(?:then|next|first|second|third|finally|last|lastly|afterwards?|now)|(?:sift|sieve|mix|whisk|melt|blend|combine|stir|weigh|dissolve)(?: (?:together|first|these|in|well))*|(?:dry|wet|liquids?|oils?|powders?)?,? ?(?:all )?(?:in|into) (?:one|a|another|the|its own)(?: (?:small|big|separate|second|clean))* (?:beaker|bowl|cup|jug|pan|jar|bottle|pitcher)|(?:for|to) (?:the )?(?:milk|milks|fizz|dry|wet|powders?|oils?|scent|colou?r|base|foam)(?: (?:part|mix|bit))?|(?:milk|fizz|salt|scent|colou?r) (?:part|mix|phase))$/i;
const TOLD =
  /^(?:method|instructions?|directions?|steps?|notes?|how to(?: make)?(?: it| them)?|to make|what to do|procedure|tips?|storage|to finish)$/i;
const TOLD_ALONE = /^(?:method|instructions?|directions?|how to make (?:it|them)|notes?|tips?)$/i;
const ALONE =
  /^(?:the )?(?:base|main|outer|inner|inside|outside|middle|embeds?|cent(?:er|re)|core|filling|shells?|toppings?|icing|frosting|paint|drizzle|glaze|second colou?r|main mix|base mix)(?: \d)?$/i;
const PIECES = String.raw`(?:(?:small|big|large|round|mini)\s+)?(?:pieces?|(?:bath\s+|shower\s+)?bombs?|(?:shower\s+)?steamers?|cubes?|tablets?|pucks?|jars?|sachets?|balls?|child(?:ren)?|kids?)`;
/** Grams a piece: `50 g each`, `2 g per piece`. */
const PER_PIECE = new RegExp(
  `(\\d+(?:[.,]\\d+)?)\\s*(?:g|grams?)\\s*(?:each|(?:per|a|for each|on each)\\s+${PIECES})`,
  'i',
);

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

/** Is this line a heading rather than an ingredient? Needs a colon, or a known word alone. */
export function readHeading(text: string, notes: readonly string[] = []): Heading | null {
  const perPiece = readPerPiece([text, ...notes].join(' '));
  const bare = (readPerPiece(text)?.rest ?? text).replace(/[\s,]+(?=:$)/, '');
  const named = /^([^:]{2,60}):$/
    .exec(bare)?.[1]
    ?.replace(/[\s,]+$/, '')
    .trim();
  const words = (named ?? bare.replace(/[,\s]+$/, '')).replace(
    /^(mix \w+) ?[=–-] ?[a-z ]+$/i,
    '$1',
  );
  if (TOLD_ALONE.test(words)) return { kind: 'told' };
  const isHeading =
    named !== undefined || ALONE.test(words) || /^for the [a-z ]{3,30}$/i.test(words);
  if (!isHeading && UNMARKED.test(words))
    return {
      kind: 'part',
      partKind: PART_NAMES.find(([pattern]) => pattern.test(words))?.[1] ?? null,
      name: capitalized(words),
      perPieceG: perPiece?.massG ?? null,
      isProduct: false,
      way: null,
    };
  if (!isHeading) return GROUP.test(words) ? { kind: 'group' } : null;
  if (TOLD.test(words)) return { kind: 'told' };
  if (PER_PIECE_GROUP.test(words)) return { kind: 'per-piece' };
  if (STOCK.test(words)) return { kind: 'stock', name: words };
  if (FLOOR.test(words))
    return {
      kind: 'part',
      partKind: 'topping',
      name: capitalized(words),
      perPieceG: null,
      isProduct: false,
      way: 'on-the-floor',
    };
  const found = PART_NAMES.find(([pattern]) => pattern.test(words));
  if (found === undefined && GROUP.test(words)) return { kind: 'group' };
  return {
    kind: 'part',
    partKind: found?.[1] ?? null,
    name: capitalized(words.replace(/^for (?:the )?/i, '')),
    perPieceG: perPiece?.massG ?? null,
    isProduct: PRODUCT.test(words),
    way: null,
  };
}

/** `Embed: 60 g soda, 42 g citric`: what the words before the colon of a full row are; null for no heading. */
export function readInlineHeading(words: string): Heading | null {
  const known = /^optional|^added last|^last$|^then$|^also$/i.test(words)
    ? null
    : readHeading(`${words}:`);
  return known?.kind === 'part' && known.partKind === null ? null : known;
}

/** Where a section lies, and how much of the mix a second color is, as a heading says it. */
const PLACED =
  /\b(?:(?:laid |sprinkled )?(?:on|in|at|into|onto) (?:the )?(?:floor|bottom) of (?:the|each) mou?lds?(?: first)?|laid first)\b/i;
const SHARES: ReadonlyArray<readonly [RegExp, (found: RegExpExecArray) => number]> = [
  [
    /\b(?:one |the other )?half(?: of)?(?: (?:the|this|my))?(?: (?:mix|mixture|batch|bowl|base))?\b/i,
    () => 0.5,
  ],
  [
    /\b(?:a|one) third(?: of)?(?: (?:the|this|my))?(?: (?:mix|mixture|batch|bowl|base))?\b/i,
    () => 1 / 3,
  ],
  [
    /\b(?:a|one) quarter(?: of)?(?: (?:the|this|my))?(?: (?:mix|mixture|batch|bowl|base))?\b/i,
    () => 0.25,
  ],
  [
    /\b(\d{1,2}) ?% of (?:the |this |my )?(?:mix|mixture|batch|bowl|base)\b/i,
    ([, figure]) => Number(figure) / 100,
  ],
];

/**
 * `Embed: 8 g per piece`, `Topping: 2 g each, on the floor of the mold`, `Second color: half of the mix`: a heading that says
 * on its own row how much there is of the section, and nothing else; null for any other row.
 */
export function readSizedHeading(text: string): Heading | null {
  const [, words = '', behind = ''] = /^([^:]{2,60}?)\s*:\s*(\S.*)$/.exec(text) ?? [];
  const heading = words === '' ? null : readInlineHeading(words);
  if (heading?.kind !== 'part') return null;
  const perPiece = readPerPiece(behind);
  const unsized = perPiece?.rest ?? behind;
  const isPlaced = PLACED.test(unsized);
  const rest = unsized.replace(PLACED, ' ');
  const share = SHARES.flatMap(([pattern, value]) => {
    const found = heading.partKind === 'split' ? pattern.exec(rest) : null;
    return found ? [{ words: found[0], share: value(found) }] : [];
  })[0];
  const left = rest.replace(share?.words ?? '', ' ');
  if (/[a-z\d]/i.test(left) || (!perPiece && !isPlaced && !share)) return null;
  return {
    ...heading,
    perPieceG: perPiece?.massG ?? heading.perPieceG,
    way: isPlaced ? 'on-the-floor' : heading.way,
    ...(share && { share: share.share }),
  };
}

const PER_PIECE_GROUP = new RegExp(
  `^(?:per|for each|for every|for one|each|in each) ${PIECES}$`,
  'i',
);
const STOCK = /\b(?:stock(?: solution)?|solution)\b/i;
const FLOOR =
  /^(?:(?:on |in |at )?(?:the )?(?:bottom|floor) of (?:the|each) mou?lds?|in(?:to)? the mou?lds?(?: first)?|mou?ld (?:floor|bottom))$/i;
/** A section is named without a colon. */
const UNMARKED =
  /^(?:(?:[a-z]+ ){0,2}embeds?(?: (?:powder|mix|\d|[a-c]))?(?:, [a-z]+)?|mix (?:\d|[a-d]|one|two|three))$/i;
const PRODUCT =
  /\b(?:(?:bath|shower|toilet|sink|kettle|dishwasher|laundry) ?(?:bombs?|steamers?|tablets?|tabs|salts?|cubes?|fizz(?:y|ies))|steamers?|bath salts)\b/i;

function capitalized(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
