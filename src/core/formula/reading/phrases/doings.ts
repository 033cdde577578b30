import type { Spread } from '@/core/basics/units/spread';
import type { LineWay, OpKind } from '../../model/kinds';
import type { Doing } from './types';

type Row = readonly [words: string, op: OpKind | null, way: LineWay | null];

const OIL = String.raw`(?:the )?(?:\w+ ){0,2}(?:oils?|butters?|wet|liquids?)`;
const MOLD = String.raw`(?:the|each|every) mou?lds?`;

/** How a material goes in and what is done with it, in words that stand beside its name. First match counts. Common practice. */
const ROWS: readonly Row[] = [
  [
    String.raw`(?:(?:a|one|half a) (?:heaped )?(?:teaspoon|tablespoon|tsp|tbsp|spoon(?:ful)?) at a time|by the (?:tea|table)?spoon(?:ful)?|spoon by spoon)`,
    'spray',
    'by-the-spoon',
  ],
  [
    String.raw`(?:in|into|from|with) (?:a|the|my) (?:small |fine )?(?:spray(?:er)?(?: bottle)?|spritzer|mister|atomizer)`,
    'spray',
    'sprayed',
  ],
  [
    String.raw`(?:to|for) (?:spray(?:ing)?|spritz(?:ing)?|mist(?:ing)?)(?: with)?(?: the mix(?:ture)?)?`,
    'spray',
    'sprayed',
  ],
  [
    String.raw`(?:the |a )?(?:(?:tiniest|tiny|light|quick|fine|final|little) )*(?:spray|spritz|mist)(?: bottle)?(?= until|,|\s*$|\s*\n)`,
    'spray',
    'sprayed',
  ],
  [String.raw`(?:sprayed|spritzed|misted)(?: (?:on|over|in|at the end|last))*`, 'spray', 'sprayed'],
  [
    String.raw`(?:stirred|mixed|rubbed|soaked) (?:in(?:to)?|with) (?:the )?(?:\w+ )?salts?`,
    'soak',
    null,
  ],
  [String.raw`soak(?:ed|ing)?(?: it| them)?(?: covered| in (?:the )?salts?)?`, 'soak', null],
  [
    String.raw`(?:added |mixed |sifted |goes? |put )?(?:in )?(?:together )?with (?:the )?(?:citric(?: acid)?|acid)`,
    null,
    'with-the-acid',
  ],
  [
    String.raw`(?:added |mixed |sifted |goes? )?(?:in )?with (?:the )?(?:dry(?: ingredients| mix)?|powders?|soda|bicarb)`,
    null,
    'with-the-powders',
  ],
  [
    String.raw`(?:mixed|stirred|rubbed|dispersed) (?:in(?:to)?|with) ${OIL}(?: last)?`,
    null,
    'in-the-beaker',
  ],
  [String.raw`(?:melted|warmed|dissolved) (?:in(?:to)?|with) ${OIL}`, 'melt', 'in-warm-oil'],
  [
    String.raw`(?:dissolved|stirred|melted) (?:in(?:to)?|with) (?:the )?(?:strong |high[- ]proof )?(?:alcohol|iso(?:propyl)?|ipa|spirit)`,
    'dissolve',
    'in-alcohol',
  ],
  [
    String.raw`(?:laid |sprinkled |put |pressed )?(?:in|on|at|into) the (?:floor|bottom)(?: of ${MOLD})?`,
    'lay',
    'on-the-floor',
  ],
  [String.raw`(?:laid |put |sprinkled )(?:in(?:to)? )?(?:${MOLD} )?first`, 'lay', 'on-the-floor'],
  [String.raw`(?:in|into) ${MOLD}(?: first| before filling)?`, 'lay', 'on-the-floor'],
  [
    String.raw`(?:pressed|sprinkled|scattered|laid|dusted|put|goes)? ?(?:on|onto|over|for) (?:the )?tops?(?: of (?:each|the) (?:piece|bomb)s?)?`,
    'top',
    'on-top',
  ],
  [String.raw`top(?:ped)?(?: (?:it|them|each(?: one)?|off))? with`, 'top', 'on-top'],
  [
    String.raw`(?:poured )?(?:in|into) (?:the|a) (?:furrow|well|trench)(?: in the soda)?`,
    'bloom',
    'bloomed',
  ],
  [String.raw`bloomed`, 'bloom', 'bloomed'],
  [
    String.raw`(?:infused|steeped)(?: in (?:the )?(?:warm )?oil)?(?: with (?:\w+ ){0,2}\w+)?`,
    'infuse',
    'infused',
  ],
  [
    String.raw`(?:that (?:you|i|we) )?(?:let |gently |just |warm and )?melt(?:ed)?(?: (?:alone|first|by itself|gently))?`,
    'melt',
    'melted',
  ],
  [String.raw`warmed(?: (?:gently|up|through))?`, 'warm', null],
  [
    String.raw`(?:added |goes in |in )?(?:last(?: of all)?|off the heat|at the very end|at the end)(?: and off the heat)?`,
    null,
    'last',
  ],
  [String.raw`(?:added |goes in )?last(?= ?:)`, null, 'last'],
  [
    String.raw`(?:(?:well |finely |twice )?(?:sifted|sieved)|(?:break|broke|crush|press out) (?:up )?(?:the|any|all) lumps|(?:the )?lumps (?:broken|out|removed)(?: up)?)`,
    'sieve',
    null,
  ],
  [String.raw`dissolved`, 'dissolve', null],
];

const FILLED: ReadonlyArray<readonly [RegExp, Spread]> = [
  [/(?:heaping|heaped|rounded|generous)\b/y, { low: 1.1, best: 1.25, high: 1.5 }],
  [/(?:scant|short)\b/y, { low: 0.85, best: 0.92, high: 1 }],
  [/(?:level|leveled|levelled)\b/y, { low: 1, best: 1, high: 1 }],
];

const COMPILED = ROWS.map(
  ([words, op, way]) => [new RegExp(`(?:${words})\\b`, 'y'), op, way] as const,
);

/** A second material with its amount follows: `bloomed in 3 g water`. */
const JOINED =
  /(bloomed|bloom|dispersed|wetted|dissolved|dissolve|melted|infused|steeped|mixed|stirred)\s+(?:up )?(?:in|into|with)\s+(?=(?:about |~ ?)?(?:\d|an? (?:cup|tsp|tbsp|tea|table|half|quarter|pinch|drop|spoon)|half|one|two|three|four|five|six|ten|[½¼¾⅓⅔⅛]))/y;
const OP_OF_JOIN: Readonly<Record<string, OpKind>> = {
  bloomed: 'bloom',
  bloom: 'bloom',
  dispersed: 'bloom',
  wetted: 'bloom',
  dissolved: 'dissolve',
  dissolve: 'dissolve',
  melted: 'melt',
  infused: 'infuse',
  steeped: 'infuse',
  mixed: 'mix',
  stirred: 'mix',
};

/** What is done with two materials that a word joins; `dye in 3 g water` dissolves it. */
export function opOfJoin(join: string): OpKind | null {
  return join === 'in' || join === 'into' ? 'dissolve' : (OP_OF_JOIN[join] ?? null);
}

/** What is done with a line, by the words at this place; null for nothing. @param low lower case */
export function doingAt(
  low: string,
  at: number,
  to: number,
): (Doing & { readonly to: number }) | null {
  JOINED.lastIndex = at;
  const joined = JOINED.exec(low);
  if (joined && at + joined[0].length <= to) {
    const join = joined[1] ?? '';
    return { to: at + joined[0].length, op: OP_OF_JOIN[join] ?? null, way: null, join };
  }
  for (const [pattern, filling] of FILLED) {
    pattern.lastIndex = at;
    const found = pattern.exec(low);
    if (found) return { to: at + found[0].length, op: null, way: null, join: null, filling };
  }
  for (const [pattern, op, way] of COMPILED) {
    pattern.lastIndex = at;
    const found = pattern.exec(low);
    if (found && found[0].trim() !== '' && at + found[0].length <= to)
      return { to: at + found[0].length, op, way, join: null };
  }
  return null;
}

/** How the first of two materials goes into the second, by the word between them. */
const WAY_OF_JOIN: Readonly<Record<string, LineWay>> = {
  bloomed: 'bloomed',
  bloom: 'bloomed',
  dispersed: 'bloomed',
  wetted: 'bloomed',
  dissolved: 'in-alcohol',
  dissolve: 'in-alcohol',
  melted: 'in-warm-oil',
  infused: 'infused',
  steeped: 'infused',
  mixed: 'in-the-beaker',
  stirred: 'in-the-beaker',
};

/** @param second does it melt or dissolve the first as an oil, or is it water? */
export function waysOfTwo(
  join: string,
  second: { readonly isOily: boolean; readonly isWater: boolean },
): readonly [first: LineWay | undefined, second: LineWay | undefined] {
  const way = WAY_OF_JOIN[join];
  if (way === 'bloomed' || second.isWater) return ['bloomed', 'bloom-water'];
  if (way === 'in-alcohol' && second.isOily) return ['in-warm-oil', undefined];
  return [way, undefined];
}
