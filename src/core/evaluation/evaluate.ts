import {
  dampReading,
  dampWindow,
  freeWaterBand,
  freeWaterLimitsPct,
  movedWindow,
  saturation,
  type DampReading,
  type MaterialMass,
} from '../binder';
import { fizzBalance, type ReactantG } from '../chemistry';
import { allLines, totalMassG, type FormulaBody, type Line } from '../formula';
import { surfaceReading, type SurfaceReading } from '../fizz';
import { materialById, reactantsOf, type Material } from '../materials';
import { powderHex, waterHex } from '../color';
import { packedDensityGMl } from '../scaling';
import { scentLimits, scentReading } from '../scent';
import { exactly, type Spread } from '../units';
import { tubReading } from '../water';
import { findingsOf } from './findings';
import { lastingOf } from './lasting';
import type { Conditions, DampVerdict, Evaluation } from './types';

/**
 * Usual soda-to-acid window as shares of the balance point, so that it holds for every acid.
 * Common practice: 1.3 to 2.1 with anhydrous citric acid, whose balance is 1.312.
 */
const USUAL_LOW_OF_BALANCE = 1.3 / 1.312;
const USUAL_HIGH_OF_BALANCE = 2.1 / 1.312;

/**
 * One call for every reading and finding of a formula in these conditions.
 * Fizz and scent count every part (all of it meets the water); damp and free water are of the main mix, which is pressed.
 * @throws RangeError for conditions out of range
 */
export function evaluate(body: FormulaBody, conditions: Conditions): Evaluation {
  const lines = allLines(body);
  const mainLines = body.parts[0]?.lines ?? [];
  const materials = lines.map(({ materialId, massG }) => ({
    material: materialById(materialId),
    massG,
  }));
  const piece = pieceOf(lines, conditions);
  const reactants = piece && reactantsOf(piece);
  const fizz = fizzOf(lines, conditions);
  const readings = {
    totalG: totalMassG(body),
    fizz,
    binder: binderOf(mainLines, body, conditions),
    water: reactants && tubReading(reactants, conditions.tub),
    color: piece && colorOf(mainLines, piece, conditions),
    surface: piece && reactants && surfaceOf(piece, reactants, conditions),
    lasting: lastingOf(
      body,
      materials,
      fizz.baseEquivalentsMol / fizz.acidEquivalentsMol,
      conditions,
    ),
    scent: {
      ...scentReading(lines, body.family),
      ...scentLimits(lines, conditions.scentDocuments),
      loadSpread: loadSpread(lines, body.family),
    },
  };
  return { ...readings, findings: findingsOf({ body, conditions, materials, readings }) };
}

function fizzOf(lines: readonly Line[], { tub }: Conditions): Evaluation['fizz'] {
  const fizz = fizzBalance(reactantsOf(lines), tub.tempC);
  const balance = fizz.balanceSodaToAcidByMass ?? 0;
  return {
    ...fizz,
    ratioSpread: ratioSpread(lines, fizz.sodaToAcidByMass, tub.tempC),
    usualLow: balance * USUAL_LOW_OF_BALANCE,
    usualHigh: balance * USUAL_HIGH_OF_BALANCE,
  };
}

/** Foam, film and scent of the water after one piece. */
function surfaceOf(
  piece: readonly MaterialMass[],
  reactants: readonly ReactantG[],
  conditions: Conditions,
): SurfaceReading {
  const gramsOf = (roles: readonly string[], share: (material: Material) => number = () => 1) =>
    piece.reduce((sum, { materialId, massG }) => {
      const material = materialById(materialId);
      return roles.includes(material.role) ? sum + massG * share(material) : sum;
    }, 0);
  return surfaceReading({
    volumeL: conditions.tub.volumeL,
    surfactantG: gramsOf(['foamer'], ({ waterFraction }) => 1 - waterFraction.value),
    co2L: fizzBalance(reactants, conditions.tub.tempC).co2L,
    oilG: gramsOf(['oil', 'butter', 'scent']),
    emulsifierG: gramsOf(['emulsifier']),
    scentG: gramsOf(['scent']),
  });
}

/** The shell's color is the main mix's; all parts of a piece tint the water. */
function colorOf(
  mainLines: readonly Line[],
  piece: readonly MaterialMass[],
  { tub }: Conditions,
): Evaluation['color'] {
  return { powderHex: powderHex(mainLines), waterHex: waterHex(piece, tub.volumeL) };
}

/** The lines of one piece, or of the whole mix when it is no more than one; null when it weighs nothing. */
function pieceOf(lines: readonly Line[], { pieceG }: Conditions): readonly MaterialMass[] | null {
  const totalG = lines.reduce((sum, line) => sum + line.massG, 0);
  if (!(totalG > 0)) return null;
  const share = pieceG === null ? 1 : Math.min(1, pieceG / totalG);
  return lines.map(({ materialId, massG }) => ({ materialId, massG: massG * share }));
}

function binderOf(
  lines: readonly Line[],
  body: FormulaBody,
  { humidityPct, learned }: Conditions,
): Evaluation['binder'] {
  const reading = dampReading(lines);
  const own = learned?.damp;
  const window = movedWindow(
    dampWindow(body.method, humidityPct, reading.settingFatFraction),
    own?.estimate ?? 1,
  );
  const limits = freeWaterLimitsPct(humidityPct);
  return {
    ...reading,
    window,
    ownBatches: own?.records ?? 0,
    dampSpread: dampSpread(lines, reading),
    freeWaterSpread: freeWaterSpread(lines, reading.freeWaterPct),
    saturation: saturation(reading, packedDensityGMl(body.method).best),
    verdict: verdictOf(reading.dampIndexPct, window.lowPct, window.highPct),
    freeWaterBand: freeWaterBand(reading.freeWaterPct, humidityPct),
    easyToPct: limits.easyPct,
    riskyToPct: limits.riskyPct,
  };
}

function verdictOf(index: number | null, lowPct: number, highPct: number): DampVerdict | null {
  if (index === null) return null;
  if (index < lowPct) return 'too-dry';
  return index > highPct ? 'too-wet' : 'in-window';
}

/** Corner to corner: soda at its least on acid at its most, and the other way round. */
function ratioSpread(lines: readonly Line[], best: number | null, tempC: number): Spread | null {
  if (best === null) return null;
  const isAcid = (line: Line) => materialById(line.materialId).role === 'acid';
  const corner = (massOf: (line: Line) => number) =>
    fizzBalance(
      reactantsOf(lines.map((line) => ({ materialId: line.materialId, massG: massOf(line) }))),
      tempC,
    ).sodaToAcidByMass ?? best;
  return {
    low: corner((line) => (isAcid(line) ? line.massHighG : line.massLowG)),
    best,
    high: corner((line) => (isAcid(line) ? line.massLowG : line.massHighG)),
  };
}

/** Corner to corner: watery lines at their least in a mix at its most, and the other way round. */
function freeWaterSpread(lines: readonly Line[], best: number): Spread {
  const isWatery = (line: Line) => materialById(line.materialId).waterFraction.value > 0;
  return cornersOf(lines, isWatery, best, (masses) => dampReading(masses).freeWaterPct);
}

/** The same of scent in the whole mix. */
function loadSpread(lines: readonly Line[], family: FormulaBody['family']): Spread {
  const isScent = (line: Line) => materialById(line.materialId).role === 'scent';
  const { loadPct } = scentReading(lines, family);
  return cornersOf(lines, isScent, loadPct, (masses) => scentReading(masses, family).loadPct);
}

/** A reading with some lines at their least and the rest at their most, and turned round; no work where all was weighed. */
function cornersOf(
  lines: readonly Line[],
  isCounted: (line: Line) => boolean,
  best: number,
  read: (masses: readonly MaterialMass[]) => number,
): Spread {
  if (!lines.some(({ massLowG, massHighG }) => massHighG > massLowG)) return exactly(best);
  const corner = (counted: 'massLowG' | 'massHighG', rest: 'massLowG' | 'massHighG') =>
    read(
      lines.map((line) => ({
        materialId: line.materialId,
        massG: line[isCounted(line) ? counted : rest],
      })),
    );
  return { low: corner('massLowG', 'massHighG'), best, high: corner('massHighG', 'massLowG') };
}

/** Corner to corner: liquids at their least on powders at their most, and the other way round. */
function dampSpread(lines: readonly Line[], { dampIndexPct: best }: DampReading): Spread | null {
  if (best === null) return null;
  const isLiquid = (line: Line) => materialById(line.materialId).isLiquid;
  const corner = (massOf: (line: Line) => number) =>
    dampReading(lines.map((line) => ({ materialId: line.materialId, massG: massOf(line) })))
      .dampIndexPct ?? best;
  return {
    low: corner((line) => (isLiquid(line) ? line.massLowG : line.massHighG)),
    best,
    high: corner((line) => (isLiquid(line) ? line.massHighG : line.massLowG)),
  };
}
