import type { Line, Part } from '../model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { readAmount } from './amount';
import { timesLine } from '../model/parts';
import type { Found } from './found';
import { massOfMeasuresG } from './massOfMeasures';

/** What a page in percents or parts comes to until the maker says how heavy it is. */
const USUAL_TOTAL_G = 1000;
const USUAL_PART_G = [100, 10, 5, 1];
const MOST_USUAL_G = 2000;

/** A page in shares whose weight nobody has said. */
export interface SharesAsked {
  readonly kind: 'percent' | 'parts';
  /** Grams it is taken as: of the whole mix, or of one part. */
  readonly takenG: number;
}

/** Are percents or parts shares of this page: several of them, that make up a whole? */
export function takesShares(low: string): boolean {
  const percents = [
    ...low.matchAll(
      /(\d+(?:[.,]\d+)?) ?%(?! ?(?:alcohol|iso|ipa|ethanol|vinegar|humidity|rh\b|rubbing|spirit|peroxide|acetic))/g,
    ),
  ];
  const sum = percents.reduce(
    (all, [, figure]) => all + Number((figure ?? '').replace(',', '.')),
    0,
  );
  const rows = low
    .split('\n')
    .filter((row) =>
      /^\W*(?:[\d½¼¾]|an? |one |two |three |half )[^a-z%]*(?:(?:half|quarter) )?parts?\b|\bparts?\b *$/.test(
        row.trim(),
      ),
    );
  const ratios = /\d ?: ?\d/.test(low) && /\b(?:parts?|ratio)\b/.test(low);
  const inline = [
    ...low.matchAll(/(?:\d|½|¼|¾|\bone|\btwo|\bthree|\bfour|\ban?|\bhalf an?) ?parts?\b/g),
  ].length;
  return (
    (percents.length >= 3 && sum > 60 && sum < 130) || rows.length >= 2 || inline >= 2 || ratios
  );
}

/** What the maker said of the weight of a page in shares. */
export interface SharesSaid {
  readonly totalG?: number;
  readonly partG?: number;
}

/** Weighs the lines that are shares of the page, by its total, by what one part is, or by the usual. */
export function settleShares(found: Found, said: SharesSaid): SharesAsked | null {
  const kinds = new Set(found.shares.values());
  let asked: SharesAsked | null = null;
  for (const kind of ['percent', 'parts'] as const) {
    if (!kinds.has(kind)) continue;
    const { factor, isAsked, takenG } = factorOf(found, kind, said);
    if (isAsked) asked = { kind, takenG };
    for (const part of found.parts)
      part.lines.forEach((line, i) => {
        if (found.shares.get(line.id) === kind) part.lines[i] = timesLine(line, factor(line));
      });
  }
  settleSprayed(found);
  return asked;
}

/** What is sprayed until it holds is a share of the mix it is sprayed on. */
function settleSprayed({ parts, shares }: Found): void {
  for (const part of parts) {
    const mixG = part.lines
      .filter(({ id }) => shares.get(id) !== 'until-it-holds')
      .reduce((sum, { massG }) => sum + massG, 0);
    part.lines.forEach((line, i) => {
      if (shares.get(line.id) === 'until-it-holds') part.lines[i] = timesLine(line, mixG / 100);
    });
  }
}

function factorOf(found: Found, kind: 'percent' | 'parts', { totalG, partG }: SharesSaid) {
  const lines = found.parts.flatMap(({ lines: own }: Part) => own);
  const sum = lines
    .filter(({ id }) => found.shares.get(id) === kind)
    .reduce((all, { massG }) => all + massG, 0);
  const known = totalG ?? found.yields.totalG ?? pieceTotal(found);
  if (kind === 'percent') {
    const whole = sum > 90 && sum < 110 ? sum : 100;
    const takenG = known ?? USUAL_TOTAL_G;
    return {
      factor: () => takenG / whole,
      isAsked: known === null || totalG !== undefined,
      takenG,
    };
  }
  if (partG !== undefined) return { factor: () => partG, isAsked: true, takenG: partG };
  const part = readAmount(found.partText);
  if (part.kind === 'read') {
    const { catalog, small } = found.known;
    return {
      factor: (line: Line) =>
        massOfMeasuresG(part.measures, materialById(catalog, line.materialId), 'level', small).best,
      isAsked: false,
      takenG: 0,
    };
  }
  if (known !== null) return { factor: () => known / sum, isAsked: false, takenG: known };
  const takenG = USUAL_PART_G.find((partG) => partG * sum <= MOST_USUAL_G) ?? 1;
  return { factor: () => takenG, isAsked: true, takenG };
}

function pieceTotal({ yields: { count, pieceG } }: Found): number | null {
  return count !== undefined && pieceG !== undefined ? count * pieceG : null;
}
