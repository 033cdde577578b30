import type { LineWay } from '../model/kinds';

/** How a line goes in, as people say it behind the name. First match counts. */
const WAYS: ReadonlyArray<readonly [RegExp, LineWay]> = [
  [
    /\b(?:in|into|from|with) (?:a|the|my) (?:spray(?:er)?(?: bottle)?|spritzer|mister|atomizer)\b/i,
    'sprayed',
  ],
  [
    /\b(?:to|for) (?:spray(?:ing)?|spritz(?:ing)?|mist(?:ing)?)(?: with)?(?: the mix(?:ture)?)?\b/i,
    'sprayed',
  ],
  [/\b(?:sprayed|spritzed|misted)(?: (?:on|over|in|at the end|last))*\b/i, 'sprayed'],
  [
    /\b(?:added |mixed |sifted |goes? |put )?(?:in )?(?:together )?with (?:the )?(?:citric(?: acid)?|acid)\b/i,
    'with-the-acid',
  ],
  [
    /\b(?:added |mixed |sifted |goes? )?(?:in )?with (?:the )?(?:dry(?: ingredients| mix)?|powders?|soda)\b/i,
    'with-the-powders',
  ],
  [
    /\b(?:mixed|stirred|rubbed|dispersed) (?:in(?:to)?|with) (?:the )?(?:\w+ ){0,2}(?:oils?|butters?)\b/i,
    'in-the-beaker',
  ],
  [
    /\b(?:melted|warmed|dissolved|stirred) (?:in(?:to)?|with) (?:the )?(?:\w+ ){0,2}(?:oils?|butters?)\b/i,
    'in-warm-oil',
  ],
  [
    /\b(?:dissolved|stirred|melted) (?:in(?:to)?|with) (?:the )?(?:strong |high[- ]proof )?(?:alcohol|iso(?:propyl)?|ipa|spirit)\b/i,
    'in-alcohol',
  ],
  [
    /\b(?:in the|on the|at the|laid in the|sprinkled in the) (?:floor|bottom)(?: of (?:the|each) molds?)?\b/i,
    'on-the-floor',
  ],
  [/\b(?:in|into) (?:the|each) molds?(?: first| before filling)?\b/i, 'on-the-floor'],
  [
    /\b(?:pressed|sprinkled|scattered|laid|dusted|put|for|goes)? ?(?:on|onto|over|for) (?:the )?tops?(?: of (?:each|the) (?:piece|bomb)s?)?\b/i,
    'on-top',
  ],
  [/\b(?:poured )?(?:in|into) (?:the|a) (?:furrow|well|trench)(?: in the soda)?\b/i, 'bloomed'],
  [/\b(?:bloomed)\b/i, 'bloomed'],
  [/\b(?:infused|steeped)(?: in (?:the )?(?:warm )?oil)?\b/i, 'infused'],
  [/\b(?:melted)(?: (?:alone|first|by itself|gently))?\b/i, 'melted'],
  [
    /\b(?:added |goes in |in )?(?:last(?: of all)?|off the heat|at the very end|at the end)(?: and off the heat)?\b/i,
    'last',
  ],
];

const NOT = /\b(?:not|never|don.t|without|no)[\s(]*$/i;

export interface WayReading {
  readonly way: LineWay | null;
  /** The text without the words that said it. */
  readonly rest: string;
}

/**
 * Takes the words that say how a line goes in out of it: those that stand last, as earlier ones may belong to the name.
 * They never stand first: that is the name or the amount.
 */
export function readWay(text: string): WayReading {
  const found = WAYS.flatMap(([pattern, way]) => {
    const match = pattern.exec(text);
    return match && match.index > 0 && !NOT.test(text.slice(0, match.index))
      ? [{ way, at: match.index, words: match[0] }]
      : [];
  }).sort((a, b) => b.at + b.words.length - (a.at + a.words.length) || a.at - b.at)[0];
  if (!found) return { way: null, rest: text };
  const before = text.slice(0, found.at).replace(/[\s,;:–-]+(?:and\s*)?$/, '');
  const after = text.slice(found.at + found.words.length).replace(/^[\s,;:.–-]+/, '');
  // What is left behind it is a remark of its own, and no name.
  const isRemark = after === '' || /^\w+ (?:at|for|until)\b/.test(after);
  return { way: found.way, rest: isRemark ? before : `${before}, ${after}` };
}

/** How the first of two materials goes into the second, by the word between them. */
const JOINS: Readonly<Record<string, LineWay>> = {
  bloomed: 'bloomed',
  dispersed: 'bloomed',
  wetted: 'bloomed',
  dissolved: 'in-alcohol',
  melted: 'in-warm-oil',
  infused: 'infused',
  steeped: 'infused',
  mixed: 'in-the-beaker',
  stirred: 'in-the-beaker',
};
const TWO = new RegExp(
  `^(.+?)[\\s,]+(${Object.keys(JOINS).join('|')})\\s+(?:in|into|with|up in)\\s+(?=(?:about\\s+)?(?:\\d|a\\b|an\\b|half|one|two|three|[½¼¾⅓⅔⅛]))(.+)$`,
  'i',
);

export interface TwoMaterials {
  readonly first: string;
  readonly second: string;
  readonly join: string;
}

/** `0.4 g blue dye bloomed in 3 g water`: two materials, and what joins them. */
export function readTwo(text: string): TwoMaterials | null {
  const found = TWO.exec(text);
  return found
    ? { first: found[1] ?? '', second: found[3] ?? '', join: (found[2] ?? '').toLowerCase() }
    : null;
}

/** @param isSecondOily does the second one melt or dissolve the first as an oil? */
export function waysOfTwo(
  join: string,
  second: { readonly isOily: boolean; readonly isWater: boolean },
): readonly [first: LineWay | undefined, second: LineWay | undefined] {
  const way = JOINS[join];
  if (way === 'bloomed' || second.isWater) return ['bloomed', 'bloom-water'];
  if (way === 'in-alcohol' && second.isOily) return ['in-warm-oil', undefined];
  return [way, undefined];
}
