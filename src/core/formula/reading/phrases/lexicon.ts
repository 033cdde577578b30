import type { LineWay, OpKind } from '../../model/kinds';
import type { PartKind } from '../../model/schema';

/** What a person does, at the start of a sentence or behind `and`. */
const VERBS: ReadonlyArray<readonly [words: string, op: OpKind | null]> = [
  ['sift|sieve|break up', 'sieve'],
  [
    'whisk(?: up| together)?|stir(?: in| up| together)?|mix(?: in| up| together)?|combine|blend(?: in)?|rub(?: in)?|fold(?: in)?|work(?: in)?|knead|toss|beat(?: in)?',
    'mix',
  ],
  ['melt', 'melt'],
  ['warm|heat', 'warm'],
  ['dissolve', 'dissolve'],
  ['infuse|steep', 'infuse'],
  ['soak', 'soak'],
  ['bloom', 'bloom'],
  ['spritz(?: in| on)?|spray(?: in| on)?|mist|damp(?:en)?(?: it| them)?|moisten|wet', 'spray'],
  ['pour(?: in| on)?|tip(?: in)?|drizzle in', 'pour'],
  ['press|pack|fill|mold|mould|shape|push|tamp', 'fill'],
  ['squeeze', 'squeeze'],
  ['(?:let|leave)(?: it| them| the \\w+)?(?: to)? soak', 'soak'],
  ['(?:let|leave)(?: it| them| the \\w+)?(?: to)? (?:infuse|steep)', 'infuse'],
  ['(?:let|leave)(?: it| them| the \\w+)?(?: to)? dry', 'dry'],
  ['rests?|wait|stand|leave(?: it| them)?|let(?: it| them)?', 'rest'],
  ['dry|air', 'dry'],
  ['unmold|unmould|turn out|pop out', 'unmold'],
  ['(?:ice(?![- ]cube)|pipe|frost)', 'ice'],
  // Loose dust and petals that stick out go once the piece is hard, before it is wrapped.
  ['(?:brush|dust|knock) off|trim', 'wrap'],
  ['paint|brush|stamp', 'paint'],
  ['decorate|sprinkle(?: in| on)?|scatter|dust with', 'top'],
  ['lay|line', 'lay'],
  ['wrap|seal|package|bag', 'wrap'],
  ['jar', 'jar'],
  ['scrape', 'scrape'],
  ['split|divide', 'part'],
  [
    "add(?: in)?|use|take|give|put(?: in)?|place|drop(?: in)?|needs?|set|keep|store|hide|cut|spread|weigh(?: out)?|measure(?: out)?|repeat|boil|rinse|enjoy|label|cover|make|do|don't|try|test|tap|shake(?: in| up)?|grind|crumble|freeze|chop|hold(?: back)?|reserve|adjust|wear|check|follow|pop|get|start|finish",
    null,
  ],
];
const COMPILED_VERBS = VERBS.map(
  ([words, op]) => [new RegExp(`(?:${words})\\b`, 'y'), op] as const,
);

/** What is done, and how long its words are; null where none stands here. @param low lower case */
export function verbAt(
  low: string,
  at: number,
): { readonly to: number; readonly op: OpKind | null } | null {
  for (const [pattern, op] of COMPILED_VERBS) {
    pattern.lastIndex = at;
    const found = pattern.exec(low);
    if (found) return { to: at + found[0].length, op };
  }
  return null;
}

function ends(pattern: RegExp, low: string, at: number): number | null {
  pattern.lastIndex = at;
  const found = pattern.exec(low);
  return found && found[0] !== '' ? at + found[0].length : null;
}

/** `until it holds`: how long, by what is seen. */
const UNTIL = /(?:until|till|'til)\b[^,.;:!?()\n\d]*/y;
export const untilAt = (low: string, at: number) => ends(UNTIL, low, at);

/** Words that were meant and taken back: what follows them counts. */
const CORRECTION =
  /(?:(?:\.\.+|…|,|-|–|—|\() ?)?(?:(?:oh |er |erm |uh )?no(?:,|:)? wait,?|wait,? no,?|no,(?: use| make it| make that)?|sorry,?|i mean|make that|scratch that,?|correction:?|rather,|oops,?)(?= )/y;
export const correctionAt = (low: string, at: number) => ends(CORRECTION, low, at);

/** The rest of a clause, up to what is done next: `if it is dry I mist it`. */
const CLAUSE = String.raw`(?:(?!\b(?:i|you|we) (?:add|stir|mix|mist|spritz|spray|drop|pour|put|use|fold|whisk|melt)|\b(?:add|stir in|spritz|mist|spray)\b)[^,.;:!?()\n\d])*`;

/** Remarks: a closed list of what changes neither a material nor an amount. */
const REMARKS: readonly RegExp[] = [
  /(?:in|into|to|from|with|on|over) (?:a|an|the|one|another|its own|your|my|that|each)(?: (?:small|big|large|separate|clean|dry|mixing|second|other|warm|hot|cool|cold|glass|metal|plastic|stand|low|double|water|baking))* (?:cup|bowl|beaker|jug|pitcher|pan|jar|bottle|dish|bag|mixer|whisk|spoon|fork|machine|mug|glass|sieve|microwave|pot|saucepan|bath|boiler|tray|surface|paper|table|bench|scale|fridge|freezer|oven|hand|hands|batch|mix|mixture|mortar|grinder)s?\b(?! of)/y,
  /(?:for|to) (?:hardness|color|colour|scent|smell|foam|slip|bubbles|shine|luck|fun|silkiness|texture|binding|help(?:ing)?|make|bind|finish|start|decorate|cover|dust|harden|soften|thicken|loosen|the (?:dry|wet|milk|fizz|oils?|powders?|piece|pieces|skin|batch|bombs?|color|colour|scent|swirl|inside|outside|mix|middle)|a (?:swirl|stronger|softer|harder|deeper|lighter)|your|my|each|all|use)\b(?! every)[^,.;:!?()\n\d]*/y,
  new RegExp(
    String.raw`(?:so (?:that|it|they)|if|because|as (?:needed|required|wanted|you|it|long|soon)|or (?:so|more|less|as|similar|whatever)|more (?:if|or less)|plus (?:extra|more|a (?:little|bit|few|touch)(?: more| extra)?)|depending|instead of|in place of|when|once|instead|which|while|who|though|although|but|unless|except|like|not|never|no|without|preferably|ideally|especially|(?:mainly|mostly|only|just|really|very|quite|too|also|usually|sometimes|maybe|perhaps|please)(?! (?:an?|half|one|two|three|some)\b))\b${CLAUSE}`,
    'y',
  ),
  /(?:goes|go|comes|come|follows|gets added|is added|are added)(?: in(?:to)?)?(?: (?:the|a) (?:bowl|mix|pot))?(?: next| first| last| then)?\b/y,
  /(?:call(?:ed)?|named?)(?: (?:it|them|these))? ["']?[\w' ]{1,30}["']?/y,
  /(?:drop by drop|bit by bit|little by little|by the drop|slowly|gradually|gently|carefully|thoroughly|evenly|quickly|well|fully|together|separately|each time|afterwards?|at once|all at once|right away|immediately)\b/y,
  /(?:the |on the )?(?:next|following|same|first|second|third) (?:day|morning|evening|night)\b/y,
  /(?:by (?:weight|volume|eye|hand|feel)|more or less|or thereabouts|give or take|roughly|approx(?:\.|imately)?|optional(?:ly)?|divided|to serve|see (?:note|below|above)|as (?:above|below)|(?:finely |freshly |coarsely |very )?(?:ground|crushed|chopped|grated|milled)(?: (?:fine|finely|up|well|to (?:a )?(?:fine )?(?:powder|dust)))|crushed|room temperature|weighed|softened|warm and|of your choice|your choice|any (?:kind|color|colour|brand|sort)|or any|from the (?:kettle|tap|shop|garden|fridge|jar|bottle)|each other|in grams|grams,? (?:everything|all)|everything in grams|all (?:weights? )?in grams|weights? in grams)\b/y,
  /%? ?w\/w\b/y,
  /(?:plain|uncolou?red|undyed|as it is|nothing)\b/y,
  /\d+(?:[.,]\d+)? ?(?:°\s?[cf]?\b|degrees?(?: [cf](?:elsius|ahrenheit)?)?\b|psi\b|bar\b|rpm\b|watts?\b)/y,
  /~/y,
];
/** Remarks that begin as an amount does. */
const LITTLE =
  /same (?:again|as)\b|(?:half|twice|double|a third|a quarter|three times|the same|just|exactly)(?: again)? (?:as much|the amount|amount)(?: of)?\b|(?:at |in )?\d{1,2}(?:[.,]\d)? ?(?:%|percent) ?(?:relative )?(?:humidity|rh)\b|(?:relative )?(?:humidity|rh)\b[^\d%\n]{0,24}\d{2}(?:[.,]\d)? ?(?:%|percent\b)?|(?:a|one|half a) (?:drop|little|bit|few drops|squirt|handful|pinch|gram) at a time\b|equal (?:parts|amounts|weights?|quantities)(?: (?:of|by weight))?\b|(?:the )?same (?:amount |weight |quantity )?of\b/y;
export const littleAt = (low: string, at: number) => ends(LITTLE, low, at);

export function remarkAt(low: string, at: number): number | null {
  for (const pattern of REMARKS) {
    const to = ends(pattern, low, at);
    if (to !== null) return to;
  }
  return null;
}

/** Times: no amount, and no name. */
const TIME =
  /(?:for )?(?:about |around |at least )?(\d+(?:[.,]\d+)?|an?|half an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty)(?: ?(?:-|–|to) ?(\d+))? ?(seconds?|secs?|minutes?|mins?|hours?|hrs?|days?|weeks?|months?|h)\b(?: (?:each|or (?:so|more)|later|before|ahead|long|covered))?/y;
const MINUTES: Readonly<Record<string, number>> = { s: 1 / 60, m: 1, h: 60, d: 1440, w: 10_080 };
const IN_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  'half a': 0.5,
  'half an': 0.5,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
};

/** From evening to morning. */
const OVERNIGHT_MIN = 12 * 60;

/** A letter's first and last words: neither a name nor a line. */
export const isGreeting = (low: string): boolean =>
  /^\W*(?:dear|hi(?:ya)?|hello|hey|howdy|morning|evening|ok(?:ay)?|love|cheers|thanks?|thank you|(?:kind |best |warm )?regards|yours|best wishes|xo+|x{1,4}|p\.? ?s\.?|enjoy|have fun|good luck|see you)\b/.test(
    low,
  );

/** A time at this place. @param low lower case @returns minutes, the longest that is named */
export function timeAt(
  low: string,
  at: number,
): { readonly to: number; readonly minutes: number } | null {
  const night = /^over ?night\b/.exec(low.slice(at, at + 11));
  if (night) return { to: at + night[0].length, minutes: OVERNIGHT_MIN };
  TIME.lastIndex = at;
  const found = TIME.exec(low);
  if (!found) return null;
  const [all, one = '', two, unit = ''] = found;
  const count = two === undefined ? (IN_WORDS[one] ?? Number(one.replace(',', '.'))) : Number(two);
  const per = unit.startsWith('month') ? 43_200 : (MINUTES[unit.charAt(0)] ?? 1);
  return { to: at + all.length, minutes: count * per };
}

/** Amounts that say nothing. */
const VAGUE_NOUN = String.raw`(?:splash(?:es)?|shots?|glugs?|scoops?|handfuls?|bits?|sprinkl(?:e|ing)|drizzle|dollops?|knobs?|dabs?|touch|dusting|shakes?|swirls?|spoon(?:ful)?s?|blobs?|drops? or two|lumps?|crumbs?|vials?|packets?|packs?|boxe?s?|bottles?|tubs?|capfuls?|caps?|sticks?|sprigs?|sachets?|bags?|jars?|mugs?|glass(?:es)?|egg ?cups?|ladles?|squeezes?|puffs?|trickles?|whiffs?|hints?|grains?|flakes?|specks?|tips? of a knife)`;
const VAGUE = new RegExp(
  `(?:(?:\\d+(?:[./]\\d+)?|[½¼¾]|half an?|one|two|three|four|five|a couple of|a few|few|an?|some|the|about an?)\\s+)(?:(?:good|big|small|little|tiny|generous|large|heaped|level|full)\\s+)*${VAGUE_NOUN}\\b(?!-)(?:\\s+of\\b)?(?:\\s+(?:the|my|your)\\b)?`,
  'y',
);
const VAGUE_BARE = new RegExp(
  `(?:small |good |big )?(?:splash|shot|glug|scoop|handful|dollop|dab|knob|capful|spoonful|touch|crumbs?)\\b\\s+of\\b|(?:small |good |big )?(?:splash|glug|handful|dollop|capful|spoonful)(?=\\s*(?:$|[,.;)]))`,
  'y',
);
const SOME =
  /(?:some|(?:just )?a (?:very |tiny )?little|(?:very )?little|(?:just |about )?enough|any amount of|a bit of|plenty of|lots of|a lot of)\b(?: of\b)?(?=\s+[a-z]|\s*$|\s*[,.;\n])/y;
const TO_TASTE =
  /(?:to taste|to smell|to color|to colour|as you like|by eye|q\.?s\.?|prn)(?![a-z])/y;

export function vagueAt(low: string, at: number): number | null {
  for (const pattern of [VAGUE, VAGUE_BARE, SOME, TO_TASTE]) {
    const to = ends(pattern, low, at);
    if (to !== null) return to;
  }
  return null;
}

interface SectionWords {
  readonly partKind: PartKind;
  readonly way: LineWay | null;
}
const SECTIONS: ReadonlyArray<readonly [RegExp, SectionWords]> = [
  [
    /(?:and )?(?:(?:the|one|other|another) )?(?:\w+ )?half gets\b/y,
    { partKind: 'split', way: null },
  ],
  [
    /for (?:one |the other |the )?half(?: of)?(?: (?:the|it|of it)(?: (?:mix|batch|dough))?)?[:,]/y,
    { partKind: 'split', way: null },
  ],
  [
    /paint(?:ed)?(?: (?:it|them|each))?(?: (?:the )?next day| when dry| after drying| once dry)?(?: with\b|:)/y,
    { partKind: 'paint', way: null },
  ],
  [
    /drizzle(?: (?:it|them|each))?(?: (?:the )?next day| when dry)? with\b/y,
    { partKind: 'paint', way: null },
  ],
  [
    /(?:ice|frost|pipe)(?: (?:it|them|each))?(?: (?:the )?next day| when dry)? with\b/y,
    { partKind: 'icing', way: null },
  ],
];

/** `pink lake in half of it`: for the second color, behind the name. */
const IN_HALF =
  /(?:in|into|for|to) (?:only )?(?:one |the |the other |the second |your )?half(?: of (?:it|this|them|the (?:mix|mixture|batch|bowl)))?(?= *(?:$|[,.;)]))/y;
export const inHalfAt = (low: string, at: number) => ends(IN_HALF, low, at);

/** Words inside a row that open a section for what follows in it. @param low lower case */
export function sectionAt(
  low: string,
  at: number,
): ({ readonly to: number } & SectionWords) | null {
  for (const [pattern, says] of SECTIONS) {
    const to = ends(pattern, low, at);
    if (to !== null) return { to, ...says };
  }
  return null;
}

const JOIN =
  /(?:and|as|just|only|maybe|usually|&|\+|plus|then|or|with|into|in|onto|on|to|of|from|over|by|at|for|per|every|after|before|through|between|under|up|that|this|these|those|it|them|is|are|be|was|has|have|had|will|can|i|we|you|they|he|she|my|our|your|their|its)\b|w\/(?=\s?[a-z\d])|[&+]/y;
export function joinAt(
  low: string,
  at: number,
): { readonly to: number; readonly word: string } | null {
  JOIN.lastIndex = at;
  const found = JOIN.exec(low);
  return found ? { to: at + found[0].length, word: found[0] === 'w/' ? 'with' : found[0] } : null;
}
