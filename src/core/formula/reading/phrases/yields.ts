import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '@/core/basics/units/mass';
import { readAmount } from '../amount';
import { readQuantity } from '../quantity';
import type { Yield } from './types';

const NUM = String.raw`(?:(?:an? )?baker'?s dozen|\d{1,5}(?! ?[./]\d)|(?:an?|two|three|half a|\d+) dozen|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|eighteen|twenty(?:[- ](?:one|two|three|four|five|six|seven|eight|nine))?|thirty|forty|fifty)`;
const ABOUT = String.raw`(?:(?:about|approx(?:\.|imately)?|around|roughly|up to|some|ca\.?) |[~≈] ?)?`;
const COUNT = String.raw`${ABOUT}(${NUM})(?: ?(?:-|–|to) ?(${NUM}))?(?:-?ish\b|\+)?`;
const SIZES = String.raw`(?:(?:small|big|large|round|mini|medium|little|full|good|standard|single|silicone|cute|pretty|fat|bath|shower|toilet|dishwasher|kettle|laundry|cleaning|sink|drain|heart|star|ice[- ]cube|half[- ]?moon)[- ])*`;
const NOUN = String.raw`(?:pieces?|pcs?|bombs?|balls?|steamers?|cubes?|tab(?:let)?s?|pucks?|jars?|sachets?|pouch(?:es)?|bags?|tins?|bricks?|bars?|half[- ]?spheres?|half[- ]moons?|hemispheres?|spheres?|hearts?|stars?|mou?lds?|cavit(?:y|ies)|(?:muffin|cupcake) (?:cups?|cases?|molds?)|fizzers?|fizzies|melts?|squares?|dis[ck]s?|rounds?|ones|eggs?|minis?|portions?|off|shapes?|cakes?|cupcakes?|bottles?|scoops(?=\\s*(?:$|[,.;)]))|sets?|pairs?)`;
const PIECE = `${SIZES}${NOUN}`;
const MASS = String.raw`(\d+(?:[.,]\d+)?) ?-?(g|gr|grams?|kg|oz|ounces?|lbs?|pounds?)\b`;
const TAIL = String.raw`(?:,? (?:of |at |à |@ ?)?(?:about |approx\.? |~ ?)?${MASS}(?: (?:each|apiece|a piece))?)?`;
const NOT_OF = String.raw`(?! of (?!(?:about )?(?:\d|(?:an? |one |two )?hundred|fifty|sixty|seventy|eighty|ninety|forty|thirty|twenty)))`;
const NOT_A_UNIT = String.raw`(?! ?(?:g|gr|gm|grams?|kg|kilos?|mg|oz|ounces?|lbs?|pounds?|ml|l|liters?|cups?|c|tbsps?|tsps?|tablespoons?|teaspoons?|t|drops?|squirts?|sprays?|parts?|%|mm|cm|inch|in(?! (?:the|a|an|my|our|one) )|min|minutes?|hours?|h|days?|weeks?|percent|psi|bar|rpm|seconds?|secs?|s|degrees?)\b|%|[./]\d)`;
const MAKES = String.raw`(?:this )?(?:recipe |batch |mix |it )?(?:makes?|yields?|gives?|you(?:'ll| will)? get|i (?:get|got)|makes me|gets (?:me|you)|(?:should|will|would|can) (?:make|give|yield)(?: you| me)?|to make|press(?:ed)?|quantity|qty|count|pieces|number)`;
const FILLS = String.raw`(?:fills?|enough for|for|serves|bagged into|press(?:ed)? into|divided? into|into)`;

const PATTERNS: ReadonlyArray<readonly [RegExp, (found: RegExpExecArray) => Yield]> = [
  [
    new RegExp(`(?:${MAKES} ?[:=] ?)?${COUNT} ?[x×] ?${MASS}(?: (?:each|apiece))?`, 'y'),
    ([, one, two, figure, unit]) => ({ count: counted(one, two), pieceG: grams(figure, unit) }),
  ],
  [
    new RegExp(`(?:${FILLS} )?${COUNT} ${MASS} (${PIECE})\\b${NOT_OF}`, 'y'),
    ([, one, two, figure, unit, noun]) => ({
      count: counted(one, two),
      pieceG: grams(figure, unit),
      ...shaped(noun),
    }),
  ],
  [
    new RegExp(
      `(?:${MAKES} ?:? |yield ?: ?|${FILLS} )?${COUNT} ?(${PIECE})\\b${NOT_OF}${TAIL}`,
      'y',
    ),
    ([, one, two, noun, figure, unit]) => ({
      count: counted(one, two),
      ...(figure !== undefined && { pieceG: grams(figure, unit) }),
      ...shaped(noun),
    }),
  ],
  [
    new RegExp(`${COUNT} (half|quarter)[- ](?:a[- ])?pound (${PIECE})\\b${NOT_OF}`, 'y'),
    ([, one, two, share, noun]) => ({
      count: counted(one, two),
      pieceG: GRAMS_PER_POUND * (share === 'half' ? 0.5 : 0.25),
      ...shaped(noun),
    }),
  ],
  [
    new RegExp(`(${PIECE})(?: \\(${MASS}(?: each)?\\))? ?[x×] ?(\\d{1,4})\\b`, 'y'),
    ([, noun, figure, unit, count]) => ({
      count: Number(count),
      ...(figure !== undefined && { pieceG: grams(figure, unit) }),
      ...shaped(noun),
    }),
  ],
  [
    new RegExp(`(?:${MAKES} ?[:=]? ?|(?:yield|fills) ?[:=]? ?)${COUNT}(?!\\w)${NOT_A_UNIT}`, 'y'),
    ([, one, two]) => ({ count: counted(one, two) }),
  ],
  [new RegExp(`[x×] ?(\\d{1,4})(?= ?(?:$|[.,;)\\n]))`, 'y'), ([, one]) => ({ count: Number(one) })],
  [
    new RegExp(
      `(?:total|batch size|batch of|batch(?= ?[:=])|whole mix|all together)(?: weight| mass| of| is|:)* ?[:=]? ?${MASS}`,
      'y',
    ),
    ([, figure, unit]) => ({ totalG: grams(figure, unit) }),
  ],
  [
    new RegExp(
      `${MASS} (?:in all|in total|total|altogether|all together|all told|of (?:the two|both|mix|mixture|everything|it(?: all)?)|batch)\\b`,
      'y',
    ),
    ([, figure, unit]) => ({ totalG: grams(figure, unit) }),
  ],
  [
    new RegExp(
      `(?:press(?:ed)?|packed|fill(?:ed)?|weigh(?:ed|ing)?) (?:at|to) (?:about )?${MASS}`,
      'y',
    ),
    ([, figure, unit]) => ({ pieceG: grams(figure, unit) }),
  ],
  [
    new RegExp(`batch ${MASS}(?= *(?:$|[.,;)\\n]))`, 'y'),
    ([, figure, unit]) => ({ totalG: grams(figure, unit) }),
  ],
  [
    new RegExp(`(?:make|makes|making) (?:about )?${MASS}(?= *(?:$|[.,;)\\n]))`, 'y'),
    ([, figure, unit]) => ({ totalG: grams(figure, unit) }),
  ],
  [/total:? 100(?:[.,]0+)?(?: ?%)?(?!\d|\.\d)/y, () => ({})],
  [/(\d{2,6}(?:[.,]\d+)?) (?:in )?total\b/y, ([, figure]) => ({ totalG: grams(figure, 'g') })],
  [
    new RegExp(`${MASS}[ -](${PIECE})\\b${NOT_OF}`, 'y'),
    ([, figure, unit, noun]) => ({ pieceG: grams(figure, unit), ...shaped(noun) }),
  ],
  [
    new RegExp(
      `(?:(${PIECE}) (?:of|at|@) |((?:tabs|tablets|cubes|bombs|steamers|pucks|bricks|pieces|minis|moulds|molds)) ?[:=]? ?)(?:about )?${MASS}(?: (?:each|apiece))?`,
      'y',
    ),
    ([, one, two, figure, unit]) => ({ pieceG: grams(figure, unit), ...shaped(one ?? two) }),
  ],
  [
    /(\d+ \d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?) ?-?(mm|cm|inch(?:es)?|in(?=\.|,|\)|$| (?:round|mou?ld|cube|sphere|ball|wide|across|puck))|")(?: (?:wide|across|diameter|dia))?(?: (?:round )?(?:balls?|spheres?|mou?lds?|rounds?|half[- ]spheres?))?(?![a-z])/y,
    ([, figure, unit]) => ({
      sizeMm: sizeOf(figure) * (MM[unit?.slice(0, 2) ?? ''] ?? 1),
    }),
  ],
  [/(half[- ]?spheres?|hemispheres?|half[- ]moons?)\b/y, ([, noun]) => shaped(noun)],
] as ReadonlyArray<readonly [RegExp, (found: RegExpExecArray) => Yield]>;

const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, '"': 25.4 };
const PER_UNIT: ReadonlyArray<readonly [RegExp, number]> = [
  [/^kg/, 1000],
  [/^(?:oz|ounce)/, GRAMS_PER_OUNCE],
  [/^(?:lb|pound)/, GRAMS_PER_POUND],
  [/^g/, 1],
];

/** What the page says of its pieces at this place; null for nothing. @param low lower case */
export function yieldAt(
  low: string,
  at: number,
  to: number,
): { readonly to: number; readonly says: Yield } | null {
  for (const [pattern, says] of PATTERNS) {
    pattern.lastIndex = at;
    const found = pattern.exec(low);
    if (!found || at + found[0].length > to) continue;
    const said = says(found);
    if (said.count !== undefined && !(said.count >= 1)) continue;
    const end = at + found[0].length;
    const of =
      said.count !== undefined && said.pieceG === undefined ? pieceInWords(low, end) : null;
    return of && of.to <= to
      ? { to: of.to, says: { ...said, pieceG: of.pieceG } }
      : { to: end, says: said };
  }
  return null;
}

/** `nine pieces of a hundred and ten grams` */
function pieceInWords(
  low: string,
  from: number,
): { readonly to: number; readonly pieceG: number } | null {
  const of = /^,? (?:of|at|à|@) (?=[a-z])/.exec(low.slice(from, from + 60));
  if (!of) return null;
  const start = from + of[0].length;
  const line = low.slice(start, start + 60).split('\n')[0] ?? '';
  const amount = readAmount(line);
  if (amount.kind !== 'read' || !amount.measures.every(({ unit }) => unit.kind === 'mass'))
    return null;
  const pieceG = amount.measures.reduce((sum, { count, unit }) => sum + count.best * unit.size, 0);
  return { to: start + line.length - amount.rest.length, pieceG };
}

const AT_END = new RegExp(
  `(?:[,:;]|-|–|—) ?(?:makes |about )?(${NUM})(?: (?:small|big|large|mini|off|of them))?\\.?$`,
);

/** `Nappy-pail fizzers, 24`: a bare number at the end of a name. */
export function yieldAtEnd(low: string): { readonly from: number; readonly says: Yield } | null {
  const found = AT_END.exec(low);
  return found ? { from: found.index, says: { count: counted(found[1]) } } : null;
}

function counted(one?: string, two?: string): number {
  const [low, high] = [one, two].map((word) => {
    const read = word === undefined ? null : readQuantity(word);
    return read?.kind === 'read' ? read.count.best : NaN;
  }) as [number, number];
  return Math.round(Number.isFinite(high) ? (low + high) / 2 : low);
}

/** `2 3/8`, `2.5` */
function sizeOf(figure = ''): number {
  const read = readQuantity(figure);
  return read.kind === 'read' ? read.count.best : NaN;
}

function grams(figure?: string, unit?: string): number {
  const per = PER_UNIT.find(([pattern]) => pattern.test(unit ?? 'g'))?.[1] ?? 1;
  return Number((figure ?? '').replace(',', '.')) * per;
}

const SHAPES: ReadonlyArray<readonly [RegExp, string]> = [
  [/half[- ]?(?:sphere|moon)|hemisphere/, 'half sphere'],
  [/ball|sphere|round/, 'sphere'],
  [/cube|brick|square/, 'cube'],
  [/heart/, 'heart'],
  [/star/, 'star'],
  [/puck|disc|disk/, 'puck'],
];

function shaped(noun?: string): Yield {
  const shape = SHAPES.find(([pattern]) => pattern.test(noun ?? ''))?.[1];
  return shape === undefined ? {} : { shape };
}
