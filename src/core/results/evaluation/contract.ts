import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { PART_KINDS } from '@/core/formula/model/kinds';
import { sayUnread } from '@/core/formula/model/unreadMessages';
import type { FormulaBody } from '@/core/formula/model/schema';
import { pageQuestions } from '@/core/formula/reading/pageQuestions';
import type { RecipeReading } from '@/core/formula/reading/readRecipe';
import { dampReading } from '../binder/damp';
import { mostLoadPct } from '../scent/fillUp';
import type { Evaluation, Finding } from './types';
import { sayFinding } from './messages';

export interface PieceQuestion {
  /** Pieces to be made of the whole mix. */
  readonly count?: number;
  /** Grams of one piece. */
  readonly pieceG?: number;
}

/** Where the formula came from. */
export interface Source {
  readonly catalog: Catalog;
  readonly familyGuessed: boolean;
  /** Parts whose heading nobody knows. */
  readonly askedParts: ReadonlyArray<{ readonly line: number; readonly name: string }>;
  /** The page as it was read; null for a formula out of a file. */
  readonly page: RecipeReading | null;
}

/**
 * The answer of `npm run evaluate`: stable keys, unrounded numbers, null where a value has no meaning.
 */
export function contractAnswer(
  body: FormulaBody,
  evaluation: Evaluation,
  asked: PieceQuestion,
  { catalog, familyGuessed, askedParts, page }: Source,
) {
  const { fizz, binder, scent } = evaluation;
  const lines = body.parts.flatMap((part) => part.lines.map((line) => ({ part, line })));
  const whole = dampReading(
    portionsOf(
      catalog,
      lines.map(({ line }) => line),
    ),
  );
  return {
    family: body.family,
    familyGuessed,
    lines: lines.map(({ part, line }) => ({
      text: line.written ?? `${line.massG} g ${materialById(catalog, line.materialId).name}`,
      materialId: line.materialId,
      massG: line.massG,
      massLowG: line.massLowG,
      massHighG: line.massHighG,
      part: part.kind,
      partName: part.name,
      phase: line.phase,
    })),
    unread: body.unread.map(({ line, text, reason }) => ({
      line,
      text,
      reason: sayUnread(reason),
    })),
    /** Lines that were not taken without a question, what they may be beside them. */
    asked: [
      ...body.unread
        .filter(({ reason }) => reason.code !== 'no-line')
        .map(({ line, text, reason, choices }) => ({
          line,
          text,
          reason: sayUnread(reason),
          choices,
        })),
      ...askedParts.map(({ line, name }) => ({
        line,
        text: name,
        reason: sayUnread({ code: 'heading', about: name }),
        choices: [...PART_KINDS],
      })),
      ...(page ? pageQuestions(page) : []),
    ],
    /** Remarks of the page, as they were written. */
    notes: body.notes ?? [],
    /** What the page asks to be done. */
    actions: (page?.actions ?? []).map(({ op, materialIds, minutes, until, text }) => ({
      op,
      materials: materialIds,
      minutes,
      until,
      text,
    })),
    totals: {
      massG: evaluation.totalG,
      solidG: whole.solidG,
      liquidG: whole.liquidG,
      freeWaterG: whole.freeWaterG,
    },
    fizz: {
      sodaToAcidByMass: fizz.sodaToAcidByMass,
      balanceSodaToAcidByMass: fizz.balanceSodaToAcidByMass,
      baseEquivalentsMol: fizz.baseEquivalentsMol,
      acidEquivalentsMol: fizz.acidEquivalentsMol,
      limiting: fizz.limiting,
      co2Mol: fizz.co2Mol,
      co2L: fizz.co2L,
      leftoverSodaG: fizz.leftoverSodaG,
      leftoverAcidG: fizz.leftoverAcidG,
    },
    water: {
      phFresh: evaluation.water?.phFresh ?? null,
      phHalfVented: evaluation.water?.phHalfVented ?? null,
      phAir: evaluation.water?.phAir ?? null,
      ionicStrengthMolL: evaluation.water?.ionicStrengthMolL ?? null,
      co2LeftAsGasMol: evaluation.water?.co2LeftAsGasMol ?? null,
    },
    binder: {
      dampIndexPct: binder.dampIndexPct,
      windowLowPct: binder.window.lowPct,
      windowHighPct: binder.window.highPct,
      freeWaterPct: binder.freeWaterPct,
      verdict: binder.verdict,
    },
    scent: {
      loadPct: scent.loadPct,
      limitPct: scent.scentG > 0 ? mostLoadPct(scent) : null,
      limitedBy:
        scent.scentG > 0
          ? scent.limit && scent.limit.loadPct <= scent.usualHighPct
            ? scent.limit.binds
            : 'usual most of the family'
          : null,
      dropsPerBath: scent.perBath?.drops ?? null,
      mlPerBath: scent.perBath?.volumeMl ?? null,
      emulsifierToOil: scent.emulsifierToOil,
    },
    color: evaluation.color ?? { powderHex: null, waterHex: null },
    piece: evaluation.totalG > 0 ? pieceOf(evaluation.totalG, asked) : { massG: null, count: null },
    findings: evaluation.findings.map((finding) => {
      const { message, todo } = sayFinding(finding);
      const { code, severity, source } = finding;
      return {
        code,
        severity,
        message: `${message} ${todo}`,
        numbers: numbersIn(finding.facts),
        source,
      };
    }),
  };
}

/** The numbers among the facts, each with its unit in its name. */
function numbersIn(facts: Finding['facts']): Readonly<Record<string, number>> {
  return Object.fromEntries(
    Object.entries(facts).filter((entry): entry is [string, number] => {
      return typeof entry[1] === 'number';
    }),
  );
}

/** What one piece weighs: as asked, or the whole mix as one piece. @param totalG over 0 */
export function pieceOf(
  totalG: number,
  { count, pieceG }: PieceQuestion,
): { readonly massG: number; readonly count: number } {
  if (count !== undefined) return { massG: totalG / count, count };
  const massG = pieceG ?? totalG;
  return { massG, count: Math.floor(totalG / massG + 1e-9) };
}
