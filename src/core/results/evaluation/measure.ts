import { isCoat } from '@/core/formula/model/parts';
import { dampReading, type DampReading } from '../binder/damp';
import { freeWaterBand, freeWaterLimitsPct, gasShare } from '../binder/freeWater';
import { saturation } from '../binder/saturation';
import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import { powderHex } from '../color/powder';
import { waterHex } from '../color/water';
import { dampWindowIn } from '../conditions/dampWindowIn';
import type { Conditions } from '../conditions/types';
import { isOily } from '../fizz/composition';
import { surfaceReading } from '../fizz/surface';
import type { FormulaBody } from '@/core/formula/model/schema';
import { isStrained } from '@/core/formula/model/ways';
import { gramsWhere, portionsOf, portionsG, type Portion } from '@/core/matter/materials/portion';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { Material } from '@/core/matter/materials/material';
import { packedDensityGMl } from '../fizz/packedDensity';
import { FOAM_STANDS, SHARE_KEPT, askedOf } from '../learning/quantities';
import { oilPerBath } from '../scent/perBath';
import { scentLimits } from '../scent/limits';
import { scentReading } from '../scent/load';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { tubReading } from '../water/tub';
import { lastingOf } from './lasting';
import type { DampVerdict, Measured, Poured } from './types';

/**
 * Usual soda-to-acid window as shares of the balance point, so that it holds for every acid.
 * Common practice: 1.3 to 2.1 with anhydrous citric acid, whose balance is 1.312.
 */
const CITRIC_BALANCE = 1.312;
export const USUAL_OF_BALANCE = { low: 1.3 / CITRIC_BALANCE, high: 2.1 / CITRIC_BALANCE } as const;

/** Pieces are bought and used some weeks after they were made. Rovack estimate. */
const WEEKS_IN_STORE = 4;

/** What the models say of a formula in these conditions, before anything is judged. */
export function measure(
  body: FormulaBody,
  poured: readonly Poured[],
  conditions: Conditions,
): Measured {
  const main = poured.filter(({ isMain }) => isMain);
  const totalG = portionsG(poured);
  const piece = pieceOf(poured, totalG, conditions);
  const reactants = piece && reactantsOf(piece);
  // What lies on the piece is dry by then, and no part of its balance.
  const fizz = fizzOf(
    poured.filter(({ isCoat }) => !isCoat),
    conditions,
  );
  const scent = scentReading(poured, body.family);
  return {
    totalG,
    fizz,
    binder: binderOf(main, body, conditions),
    water: reactants && tubReading(reactants, conditions.tub),
    color: piece && {
      // The shell's color is the main mix's; all parts of a piece tint the water.
      powderHex: powderHex(main),
      waterHex: waterHex(piece, conditions.tub.volumeL),
    },
    surface: piece && surfaceOf(piece, (fizz.co2L * portionsG(piece)) / totalG, conditions),
    kept:
      (conditions.learned.share &&
        askedOf(SHARE_KEPT, conditions.learned.share, { weeks: WEEKS_IN_STORE })) ??
      null,
    lasting: lastingOf(body, poured, fizz.baseEquivalentsMol / fizz.acidEquivalentsMol, conditions),
    scent: {
      ...scent,
      ...scentLimits(poured, body.family, conditions.scentDocuments),
      perBath: oilPerBath(poured, body.family, conditions.pieceG),
      loadSpread: cornersOf(
        poured,
        isScent,
        scent.loadPct,
        (masses) => scentReading(masses, body.family).loadPct,
      ),
    },
  };
}

const NONE = { massG: 0, massLowG: 0, massHighG: 0 };

/** Every line with its material at hand, the main mix first; a mix of the maker’s own by what it is made of. @throws RangeError for an id that is not in the catalog */
export function pouredOf(body: FormulaBody, { catalog }: Conditions): readonly Poured[] {
  const poured: Poured[] = [];
  for (const [at, { lines, kind }] of body.parts.entries())
    for (const line of lines) {
      const { materialId, massG, massLowG, massHighG } = isStrained(line)
        ? { ...line, ...NONE }
        : line;
      for (const portion of portionsOf(catalog, [{ materialId, massG: 1 }]))
        poured.push({
          material: portion.material,
          massG: massG * portion.massG,
          lowG: massLowG * portion.massG,
          highG: massHighG * portion.massG,
          isMain: at === 0,
          isCoat: isCoat(kind),
        });
    }
  return poured;
}

function fizzOf(poured: readonly Poured[], { tub }: Conditions): Measured['fizz'] {
  const fizz = fizzBalance(reactantsOf(poured), tub.tempC);
  const balance = fizz.balanceSodaToAcidByMass ?? 0;
  const ratio = fizz.sodaToAcidByMass;
  return {
    ...fizz,
    ratioSpread:
      ratio === null
        ? null
        : turnedRound(
            // Acid at its most is the low end.
            cornersOf(poured, isAcid, ratio, (masses) => {
              return fizzBalance(reactantsOf(masses), tub.tempC).sodaToAcidByMass ?? ratio;
            }),
          ),
    usualLow: balance * USUAL_OF_BALANCE.low,
    usualHigh: balance * USUAL_OF_BALANCE.high,
  };
}

/** Foam, film and scent of the water after one piece. */
function surfaceOf(
  piece: readonly Portion[],
  co2L: number,
  { tub, learned }: Conditions,
): Measured['surface'] {
  const shipped = surfaceReading({
    volumeL: tub.volumeL,
    surfactantG: piece.reduce(
      (sum, { material, massG }) =>
        material.role === 'foamer' ? sum + massG * (1 - material.waterFraction.value) : sum,
      0,
    ),
    co2L,
    oilG: gramsWhere(piece, isOily),
    emulsifierG: gramsWhere(piece, ({ role }) => role === 'emulsifier'),
    scentG: gramsWhere(piece, isScent),
  });
  const own = learned.foam && askedOf(FOAM_STANDS, learned.foam, null);
  const times = ({ best }: Spread): Spread | null =>
    own ? { low: best * own.low, best: best * own.estimate, high: best * own.high } : null;
  return {
    ...shipped,
    foamL: times(shipped.foamL) ?? shipped.foamL,
    foamCm: times(shipped.foamCm) ?? shipped.foamCm,
    ownTrials: own?.records ?? 0,
  };
}

/** The portions of one piece, or of the whole mix when it is no more than one; null when it weighs nothing. */
function pieceOf(
  poured: readonly Poured[],
  totalG: number,
  { pieceG }: Conditions,
): readonly Portion[] | null {
  if (!(totalG > 0)) return null;
  const share = pieceG === null ? 1 : Math.min(1, pieceG / totalG);
  return poured.map(({ material, massG }) => ({ material, massG: massG * share }));
}

function binderOf(
  main: readonly Poured[],
  body: FormulaBody,
  conditions: Conditions,
): Measured['binder'] {
  const { humidityPct, learned } = conditions;
  const reading = dampReading(main);
  const window = dampWindowIn(conditions, body, reading);
  const gas = gasShare(main);
  return {
    ...reading,
    window,
    ownBatches: learned.damp?.records ?? 0,
    dampSpread: dampSpread(main, reading),
    freeWaterSpread: cornersOf(
      main,
      ({ waterFraction }) => waterFraction.value > 0,
      reading.freeWaterPct,
      (masses) => dampReading(masses).freeWaterPct,
    ),
    saturation: saturation(reading, packedDensityGMl(body.method).best),
    verdict: verdictOf(reading.dampIndexPct, window.lowPct, window.highPct),
    freeWaterBand: freeWaterBand(reading.freeWaterPct, humidityPct, gas),
    easyToPct: gas > 0 ? freeWaterLimitsPct(humidityPct, gas).easyPct : null,
  };
}

function verdictOf(index: number | null, lowPct: number, highPct: number): DampVerdict | null {
  if (index === null) return null;
  if (index < lowPct) return 'too-dry';
  return index > highPct ? 'too-wet' : 'in-window';
}

function dampSpread(main: readonly Poured[], { dampIndexPct: best }: DampReading): Spread | null {
  if (best === null) return null;
  return cornersOf(
    main,
    ({ isLiquid }) => isLiquid,
    best,
    (masses) => dampReading(masses).dampIndexPct ?? best,
  );
}

function isAcid({ role }: Material): boolean {
  return role === 'acid';
}

function isScent({ role }: Material): boolean {
  return role === 'scent';
}

/** Corner to corner: what is counted at its least and the rest at its most, and turned round; no work where all was weighed. */
function cornersOf(
  poured: readonly Poured[],
  isCounted: (material: Material) => boolean,
  best: number,
  read: (masses: readonly Portion[]) => number,
): Spread {
  if (!poured.some(({ lowG, highG }) => highG > lowG)) return exactly(best);
  const corner = (counted: 'lowG' | 'highG', rest: 'lowG' | 'highG') =>
    read(
      poured.map((one) => ({
        material: one.material,
        massG: one[isCounted(one.material) ? counted : rest],
      })),
    );
  return { low: corner('lowG', 'highG'), best, high: corner('highG', 'lowG') };
}

function turnedRound({ low, best, high }: Spread): Spread {
  return { low: high, best, high: low };
}
