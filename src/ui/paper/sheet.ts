import { METHOD_WORDS } from '@/core/formula/model/messages';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Warning } from '@/core/results/evaluation/warnings';
import { benchCautions, sheetRows, type SheetRow } from '@/core/work/bench-steps/sheet';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import type { Catalog } from '@/core/matter/materials/catalog';
import { longDate } from '@/core/basics/format/dates';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

/** What stands on a bench sheet. */
export interface Sheet {
  readonly title: string;
  /** The batch; null before it is opened. */
  readonly code: string | null;
  /** Where the record is found again; null before there is one. */
  readonly link: string | null;
  readonly facts: readonly string[];
  /** Stops and warnings of the formula, and what the batch is not for. */
  readonly warnings: readonly string[];
  readonly cautions: readonly string[];
  readonly rows: readonly SheetRow[];
}

export interface SheetFacts {
  readonly catalog: Catalog;
  readonly formulaName: string;
  readonly version: string;
  readonly body: FormulaBody;
  /** Molds it is made in, by name. */
  readonly molds: readonly string[];
  readonly steps: readonly BenchStep[];
  readonly pieces: number;
  readonly pieceG: number;
  readonly totalG: number;
  readonly bowl: string | null;
  /** ISO 8601; null for no day. */
  readonly day: string | null;
  readonly code: string | null;
  readonly link: string | null;
  readonly warnings: readonly Warning[];
  readonly isPractice: boolean;
  readonly isOwnUse: boolean;
}

export function sheetOf(facts: SheetFacts): Sheet {
  const { body, molds, steps, pieces, pieceG, totalG, bowl, day, code, link } = facts;
  return {
    title: facts.formulaName,
    code,
    link,
    facts: [
      facts.version,
      METHOD_WORDS[body.method],
      ...molds,
      `${counted(pieces, 'piece')} of ${formatMass(pieceG)}`,
      `${formatMass(totalG)} of mix`,
      ...(bowl ? [bowl] : []),
      ...(day ? [longDate(day)] : []),
    ],
    warnings: [
      ...(facts.isPractice ? ['Practice scale. These weights are simulated.'] : []),
      ...(facts.isOwnUse ? ['For own use, not for sale.'] : []),
      ...facts.warnings.map(({ severity, message }) =>
        severity === 'stop' ? `Stop. ${message}` : `Warning. ${message}`,
      ),
    ],
    cautions: benchCautions(steps, facts.catalog),
    rows: sheetRows(steps),
  };
}
