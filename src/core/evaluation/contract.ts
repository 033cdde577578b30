import { materialById } from '../materials';
import type { FormulaBody } from '../formula';
import { dampReading } from '../binder';
import { moldVolumeMl, packedDensityGMl } from '../scaling';
import type { Evaluation } from './types';

export interface PieceQuestion {
  /** Pieces to be made of the whole mix. */
  readonly count?: number;
  /** Grams of one piece. */
  readonly pieceG?: number;
}

/**
 * The answer of `npm run evaluate`: stable keys, unrounded numbers, null where a value has no meaning
 * or no model yet (water, color and the scent limit).
 */
export function contractAnswer(body: FormulaBody, evaluation: Evaluation, asked: PieceQuestion) {
  const { fizz, binder, scent } = evaluation;
  const lines = body.parts.flatMap((part) => part.lines.map((line) => ({ part, line })));
  const whole = dampReading(lines.map(({ line }) => line));
  return {
    lines: lines.map(({ part, line }) => ({
      text: line.written ?? `${line.massG} g ${materialById(line.materialId).name}`,
      materialId: line.materialId,
      massG: line.massG,
      massLowG: line.massLowG,
      massHighG: line.massHighG,
      part: part.kind,
      phase: line.phase,
    })),
    unread: body.unread.map(({ line, text, reason }) => ({ line, text, reason })),
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
      phFresh: null,
      phHalfVented: null,
      phAir: null,
      ionicStrengthMolL: null,
      co2LeftAsGasMol: null,
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
      limitPct: null,
      limitedBy: null,
      emulsifierToOil: scent.emulsifierToOil,
    },
    color: { powderHex: null, waterHex: null },
    piece: piece(evaluation.totalG, body, asked),
    findings: evaluation.findings.map(({ code, severity, message }) => ({
      code,
      severity,
      message,
    })),
  };
}

/** One usual piece: a 70 mm sphere. Taken when nothing is asked. Common practice. */
const USUAL_PIECE_ML = moldVolumeMl({ shape: 'sphere', diameterMm: 70 });

function piece(totalG: number, body: FormulaBody, { count, pieceG }: PieceQuestion) {
  if (!(totalG > 0)) return { massG: null, count: null };
  if (count !== undefined) return { massG: totalG / count, count };
  const massG = pieceG ?? USUAL_PIECE_ML * packedDensityGMl(body.method).best;
  return { massG, count: Math.floor(totalG / massG + 1e-9) };
}
