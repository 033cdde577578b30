import { materialById } from '@/core/matter/materials/catalog';
import { bareLine } from './lineText';
import { readLine, type Known, type LineReading } from './readLine';
import { readTwo, waysOfTwo } from './ways';

/** A line of the page, or the part of it that names one material. */
export interface WrittenReading {
  readonly text: string;
  readonly reading: LineReading;
}

/** Where a line may name a second material: before another amount. */
const SEAM =
  /(?:\s+(?:and|plus|&|\+|then)\s+|\s*[,;+]\s*(?:and\s+)?)(?=(?:about\s+|another\s+)?(?:\d|an?\s+(?:half|quarter|cup|tsp|tbsp|teaspoon|tablespoon|pinch|squirt|drop)|half\b|[½¼¾⅓⅔⅛]))/i;

const LONGEST_LINE = 600;

/**
 * Reads a line that may name one material or several: `0.4 g blue dye bloomed in 3 g water`, `500 g soda and 250 g
 * citric acid`. Several are only taken apart where each has its own amount.
 */
export function readWritten(raw: string, known: Known): readonly WrittenReading[] {
  const { text } = bareLine(raw);
  // Longer is no line of a recipe: a page's worth of text, or noise.
  if (text.length > LONGEST_LINE)
    return [
      {
        text: raw.trim().slice(0, LONGEST_LINE),
        reading: {
          kind: 'unread',
          reason: { code: 'no-line', about: '' },
          choices: [],
          hadAmount: false,
        },
      },
    ];
  const two = readTwo(text);
  if (two) {
    const [first, second] = [readLine(two.first, known), readLine(two.second, known)];
    if (second.kind === 'read' && (first.kind === 'read' || first.hadAmount))
      return joined(two, first, second, known);
  }
  const whole = readLine(raw, known);
  if (whole.kind === 'read') return [{ text: raw.trim(), reading: whole }];
  const pieces = text.split(new RegExp(SEAM, 'gi'));
  if (pieces.length < 2) return [{ text: raw.trim(), reading: whole }];
  const each = pieces.map((piece) => ({ text: piece.trim(), reading: readLine(piece, known) }));
  const isWhole = each.every(({ reading }) => reading.kind === 'read' || reading.hadAmount);
  return isWhole && each.some(({ reading }) => reading.kind === 'read')
    ? each
    : [{ text: raw.trim(), reading: whole }];
}

function joined(
  two: NonNullable<ReturnType<typeof readTwo>>,
  first: LineReading,
  second: Extract<LineReading, { kind: 'read' }>,
  { catalog }: Known,
): readonly WrittenReading[] {
  const material = materialById(catalog, second.line.materialId);
  const [firstWay, secondWay] = waysOfTwo(two.join, {
    isOily: material.role === 'oil' || material.role === 'butter',
    isWater: material.waterFraction.value > 0.95,
  });
  return [
    {
      text: two.first,
      reading:
        first.kind === 'read' && firstWay
          ? { ...first, line: { ...first.line, how: firstWay } }
          : first,
    },
    {
      text: two.second,
      reading: secondWay ? { ...second, line: { ...second.line, how: secondWay } } : second,
    },
  ];
}
