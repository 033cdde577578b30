import {
  READING_IDS,
  type Evaluation,
  type JudgedReading,
  type Lasting,
  type ReadingId,
  type Severity,
} from '@/core/results/evaluation/types';
import { isForSkin } from '@/core/formula/model/messages';
import type { Family } from '@/core/formula/model/schema';
import { declaredAllergens } from '@/core/results/scent/cautions';
import { BATH_PH } from '@/core/results/water/windows';
import {
  counted,
  formatFixed,
  formatPercent,
  formatPercentRange,
  formatRange,
} from '@/core/basics/format/numbers';
import {
  formatLengths,
  formatLiters,
  formatMass,
  formatMilliliters,
  formatTemp,
  shownUnit,
  toShown,
} from '@/core/basics/format/quantities';

/** What an instrument shows: a figure, a scale, a range, a sentence and its why. */
export interface InstrumentReading {
  readonly title: string;
  readonly figure: string;
  readonly unit: string;
  readonly value: number | null;
  readonly from: number;
  readonly to: number;
  readonly low: number | null;
  readonly high: number | null;
  readonly spread: { readonly low: number; readonly high: number } | null;
  readonly mark: { readonly at: number; readonly label: string } | null;
  readonly decimals: number;
  readonly sentence: string;
  /** How grave what stands out is; calm when nothing does. */
  readonly tone: 'calm' | Severity;
  readonly why: readonly string[];
}

/** Results of what is in the bowl alone: no record of a batch moves them. */
const NO_OWN = 'It is computed from the amounts alone, not from your own batches.';

/** What an instrument adds to its judged reading. */
type Face = Omit<InstrumentReading, 'value' | 'low' | 'high' | 'spread' | 'tone'>;
type Draw = (evaluation: Evaluation, family: Family) => Face;

/** Every reading's instrument; null where it is told by another's sentence or by the findings. */
const FACES: Readonly<Record<ReadingId, Draw | null>> = {
  ratio: (evaluation, family) =>
    isForSkin(family) ? fizzFace(evaluation) : cleaningFizzFace(evaluation),
  gas: gasFace,
  damp: dampFace,
  'free-water': freeWaterFace,
  scent: scentFace,
  emulsifier: null,
  water: (evaluation, family) =>
    isForSkin(family) ? waterFace(evaluation) : solutionFace(evaluation),
  room: null,
};

/** The instruments of a formula, top to bottom: where each stands, and how grave that is, as it was judged. */
export function instrumentsOf(
  evaluation: Evaluation,
  family: Family = 'bath-bomb',
): readonly InstrumentReading[] {
  return READING_IDS.flatMap((id) => {
    const face = FACES[id]?.(evaluation, family);
    return face ? [{ ...face, ...standOf(evaluation.judged[id], face.from) }] : [];
  });
}

function standOf({ value, spread, window, findings }: JudgedReading, from: number) {
  const { low, high } = window;
  return {
    value,
    spread,
    // A side that is open is drawn to the end of the scale.
    low: high === null ? low : (low ?? from),
    high,
    tone: findings[0]?.severity ?? ('calm' as const),
  };
}

/** Builders hold the water alkaline on purpose: soda to acid is said, and no bath's window put round it. */
function cleaningFizzFace(evaluation: Evaluation): Face {
  const { fizz } = evaluation;
  const face = fizzFace(evaluation);
  const isAlkaline = fizz.limiting === 'acid' && fizz.acidEquivalentsMol > 0;
  return {
    ...face,
    mark: null,
    sentence: evaluation.judged.ratio.findings.some(({ code }) => code === 'no-gas')
      ? 'It makes no gas. Washing soda and borax take the acid up first.'
      : isAlkaline
        ? `The acid breaks the piece up. ${formatMass(fizz.leftoverSodaG)} of soda is left to clean.`
        : face.sentence,
    why: [
      face.why[0] ?? '',
      'A cleaning piece has no range here. Washing soda and borax are meant to be left over, or acid, for lime.',
      `Source: stoichiometry with IUPAC 2021 atomic weights. ${NO_OWN}`,
    ],
  };
}

/** The solution in the basin: what it does to surfaces and hands, not what a bather feels. */
function solutionFace(evaluation: Evaluation): Face {
  const { water, judged } = evaluation;
  const code = judged.water.findings[0]?.code;
  return {
    ...waterFace(evaluation),
    sentence:
      water === null
        ? 'There is nothing in the water yet.'
        : code === 'acid-on-surface'
          ? 'Acid. It removes lime. Keep it off stone, aluminum and enamel.'
          : code === 'alkaline-solution'
            ? 'Strongly alkaline. Wear gloves, and keep it off aluminum.'
            : water.phAir > BATH_PH.high
              ? 'Alkaline. It removes grease, and most surfaces tolerate it.'
              : 'Mild. Most surfaces tolerate it.',
  };
}

function fizzFace({ fizz, judged }: Evaluation): Face {
  const { sodaToAcidByMass: ratio, balanceSodaToAcidByMass: balance } = fizz;
  const hasBoth = judged.ratio.value !== null && balance !== null;
  return {
    title: 'Fizz balance',
    figure: ratio === null ? '–' : formatFixed(ratio, 2),
    unit: 'soda to acid',
    from: hasBoth ? fizz.usualLow * 0.6 : 0,
    to: hasBoth ? Math.max(fizz.usualHigh * 1.25, fizz.ratioSpread?.high ?? 0) : 3,
    mark: hasBoth ? { at: balance, label: `balance ${formatFixed(balance, 2)}` } : null,
    decimals: 1,
    sentence: fizzSentence(fizz),
    why: [
      `The base is ${formatFixed(fizz.baseEquivalentsMol, 3)} mol of equivalents, the acid ${formatFixed(fizz.acidEquivalentsMol, 3)} mol. They balance where both are the same. By mass that is 1.31 of soda to 1 of anhydrous citric acid, or 1.20 to 1 of the monohydrate.`,
      'The range goes from the acid’s balance point to 1.6 times it: 1.3–2.1 with citric acid.',
      `Source: stoichiometry with IUPAC 2021 atomic weights; range: common practice. ${NO_OWN}`,
    ],
  };
}

function fizzSentence(fizz: Evaluation['fizz']): string {
  switch (fizz.limiting) {
    case 'none':
      return 'Nothing fizzes yet.';
    case 'balanced':
      return 'In balance. Nothing is left over.';
    case 'acid':
      return fizz.acidEquivalentsMol === 0
        ? 'There is no acid yet, so it won’t fizz.'
        : `Acid runs out first. ${formatMass(fizz.leftoverSodaG)} of soda is left.`;
    case 'base':
      return fizz.baseEquivalentsMol === 0
        ? 'There is no soda yet, so it won’t fizz.'
        : `Soda runs out first. ${formatMass(fizz.leftoverAcidG)} of acid is left.`;
  }
}

/** How many of the maker's own tests a forecast uses. */
function sayOwn(tests: number): string {
  return tests === 0
    ? 'It uses none of your tests yet.'
    : `It uses ${counted(tests, 'test')} of yours.`;
}

function gasFace({ fizz, lasting, judged, kept }: Evaluation): Face {
  const perHundredG = judged.gas.value ?? 0;
  const shown = shownUnit('L');
  const gas = toShown(fizz.co2L, shown);
  return {
    title: 'Gas',
    figure: formatFixed(gas, gas >= 100 ? 0 : 1),
    unit: shown.unit,
    from: 0,
    to: 16,
    mark: null,
    decimals: 0,
    sentence:
      fizz.co2L === 0
        ? fizz.acidEquivalentsMol > 0 && fizz.baseEquivalentsMol > 0
          ? 'No gas leaves the water. The builders take the acid up, and it fizzes only where grains touch.'
          : 'There is no gas yet.'
        : lasting
          ? lastingSentence(lasting)
          : `${formatLiters(perHundredG, 1)} from each ${formatMass(100)}.`,
    why: [
      `It makes ${formatFixed(fizz.co2Mol, 3)} mol of carbon dioxide, ${formatMass(fizz.co2G)}. The volume is at one atmosphere and the temperature of the bath: V = n R T / p.`,
      `That is all the gas of the reaction, ${formatLiters(perHundredG, 1)} from each ${formatMass(100)}. The most is about ${formatLiters(15)}. In little water, part of it stays dissolved.`,
      `How long a piece lasts: a plain ${formatLengths([70])} piece in ${formatTemp(38)} water takes 3 minutes (2–5 seen). Cold water, firm packing, filler, oil and distance from balance slow it. Rovack estimate on common practice. ${sayOwn(lasting?.ownTrials ?? 0)}`,
      ...(lasting?.kind === 'dropped'
        ? [
            `Floats or sinks: the packed density against the density that floats. ${sayOwn(lasting.ownFloats)} The density uses ${counted(lasting.ownFills, 'fill')} of yours.`,
          ]
        : []),
      ...(kept
        ? [
            `Four weeks later, a piece of yours still has ${formatPercent(100 * Math.min(1, kept.estimate), 0)} of its fizz (${formatPercentRange(100 * kept.low, 100 * kept.high)}), by ${counted(kept.records, 'test')} on the scale.`,
          ]
        : []),
      'Source: ideal gas, exact SI constants; the real gas is about 0.5% smaller.',
    ],
  };
}

const BUOYANCY_WORDS = {
  floats: 'It floats',
  sinks: 'It sinks first',
  either: 'It may float',
} as const;

function lastingSentence(lasting: Lasting): string {
  switch (lasting.kind) {
    case 'dropped':
      return `Gone in ${formatRange(lasting.goneS.low / 60, lasting.goneS.high / 60, 1)} min. ${BUOYANCY_WORDS[lasting.buoyancy]}.`;
    case 'scattered':
      return `Scattered in, gone in ${formatRange(lasting.goneS.low, lasting.goneS.high, 0)} s.`;
    case 'showered':
      return `Lasts ${formatRange(lasting.showers.low, lasting.showers.high, 1)} showers.`;
  }
}

function dampFace({ binder }: Evaluation): Face {
  const { dampIndexPct: index, window, verdict } = binder;
  return {
    title: 'Moisture',
    figure: index === null ? '–' : formatFixed(index, 1),
    unit: 'index',
    from: 0,
    to: Math.max(28, window.highPct * 1.2),
    mark: { at: window.aimPct, label: `target ${formatFixed(window.aimPct, 1)}` },
    decimals: 0,
    sentence: dampSentence(verdict, window.lowPct),
    why: [
      `There is ${formatMilliliters(binder.liquidVolumeMl, 1)} of liquid, weighted by how well each binds, on ${formatMilliliters(binder.solidVolumeMl, 0)} of solid. The powders soak up ${formatMass(binder.soakedUpG)} first.`,
      'Index = 100 × weighted liquid ÷ solid, less what is soaked up. The range depends on how you form the piece, and on the room. Drier air needs a little more.',
      binder.saturation === null
        ? 'There are no pores to fill yet.'
        : `Cross-check: liquid fills ${formatPercent(100 * binder.saturation, 0)} of the pores of the pressed piece. Up to about 30% it holds grains together. Beyond that it is mud.`,
      'Source: Rovack estimate after wet granulation (Iveson et al. 2001, Powder Technology 117). Ranges: common practice.',
      binder.ownBatches === 0
        ? 'It uses none of your batches yet.'
        : `It uses ${counted(binder.ownBatches, 'batch', 'batches')} of yours.`,
    ],
  };
}

function dampSentence(verdict: Evaluation['binder']['verdict'], lowPct: number): string {
  switch (verdict) {
    case null:
      return 'There is no powder yet.';
    case 'too-dry':
      return 'Too dry. It crumbles at the edges.';
    case 'too-wet':
      return lowPct === 0 ? 'Too damp to pour.' : 'Too wet. It sticks and swells.';
    case 'in-window':
      return lowPct === 0 ? 'Dry enough to pour.' : 'It holds. Squeeze again while you press.';
  }
}

function freeWaterFace({ binder }: Evaluation): Face {
  const sentences = {
    easy: binder.easyToPct === null ? 'Nothing can make gas before use.' : 'OK in this room.',
    brisk: 'Press right away, in dry air.',
    risky: 'Risky. Make small pieces, and press right away.',
    'will-swell': 'It will swell in the bowl or on the tray.',
  } as const;
  return {
    title: 'Loose water',
    figure: formatPercent(binder.freeWaterPct, 1),
    unit: 'of the mix',
    from: 0,
    to: Math.max(4, (binder.easyToPct ?? 0) * 3.35, binder.freeWaterPct),
    mark: null,
    decimals: 1,
    sentence: `${sentences[binder.freeWaterBand]} Liquids are ${formatMass(binder.liquidG)} in all.`,
    why: [
      `${formatMass(binder.freeWaterG)} of water can reach the acid. It counts the water you pour in, and the water in witch hazel, vinegar, weak alcohol, liquid color and pastes. Anhydrous washing soda takes some of it into its crystals.`,
      'Up to 1.2% is OK, up to 2.0% is for quick hands, up to 3.5% is risky. The limits are tighter over 50% humidity, and wider under 40% or where less gas can form. Swelling is gas that water sets free.',
      `Source: common practice. ${NO_OWN}`,
    ],
  };
}

function scentFace({ scent, judged }: Evaluation): Face {
  const { loadPct, usualLowPct, usualHighPct, limit } = scent;
  const highPct = judged.scent.window.high ?? Infinity;
  const declared = declaredAllergens(scent.constituents);
  return {
    title: 'Scent',
    figure: formatPercent(loadPct, 2),
    unit: 'of the mix',
    from: 0,
    to: Math.max(usualHighPct * 1.5, loadPct * 1.05),
    mark: null,
    decimals: 1,
    sentence: scentSentence(scent, highPct),
    why: [
      `The whole mix has ${formatMass(scent.scentG)} of essential oils, fragrance and menthol. The usual range is ${formatPercentRange(usualLowPct, usualHighPct, 1)}.`,
      limit
        ? `The limit of this blend is ${formatPercent(limit.loadPct, 2)}. It comes from ${limit.binds}, at ${formatPercent(limit.limitPct)} of the mix.`
        : 'No constituent on file limits this blend.',
      declared.length > 0
        ? `An EU label must name (above 0.01%): ${declared.map(({ constituent, pctOfMix }) => `${constituent.name} ${formatPercent(pctOfMix)}`).join(', ')}.`
        : 'Nothing on file must be named on a label.',
      'Source: typical compositions and cautious limits, Rovack estimates. The supplier’s document of each oil decides.',
      NO_OWN,
    ],
  };
}

function scentSentence(scent: Evaluation['scent'], highPct: number): string {
  const { loadPct, usualLowPct, limit, emulsifierToOil } = scent;
  if (scent.scentG === 0) return 'There is no scent.';
  if (limit && loadPct > limit.loadPct)
    return `Over the limit of ${formatPercent(limit.loadPct, 1)}, set by ${limit.binds}.`;
  if (loadPct > highPct) return 'More than usual.';
  const carrier =
    emulsifierToOil === null || emulsifierToOil === 0
      ? 'There is no emulsifier.'
      : `Emulsifier is ${formatFixed(emulsifierToOil, 2)} times the oils.`;
  return loadPct < usualLowPct ? `Faint. ${carrier}` : `In the usual range. ${carrier}`;
}

function waterFace({ water }: Evaluation): Face {
  return {
    title: 'Water',
    figure: water === null ? '–' : formatRange(water.phFresh, water.phAir, 1),
    unit: 'pH',
    from: 3,
    to: 11.5,
    mark: null,
    decimals: 1,
    sentence:
      water === null
        ? 'There is nothing in the water yet.'
        : `From fresh to settled. A bather sits at about ${formatFixed(water.phHalfVented, 1)}.`,
    why: [
      'It is for one piece of the mold you last planned, in the tub that is set on Workshop. A cleaning piece goes into the sink, salts as one bath. Fresh: no gas has left the water yet. Settled: all of it has. The mark is where half of the gas has left.',
      `Charge balance of every acid and ion. Ionic strength is ${formatFixed(water?.ionicStrengthMolL ?? 0, 4)} mol/L.`,
      ...(water?.isEstimate ? ['So strong a solution is only estimated.'] : []),
      water && water.co2LeftAsGasL > 0
        ? `${formatLiters(water.co2LeftAsGasL, 1)} of gas leaves, and the rest stays dissolved.`
        : 'The water holds all the gas at first. The fizz you see dissolves or leaves slowly.',
      'Source: pKa from CRC Handbook / NIST, Davies activities, van ’t Hoff, Henry’s law; checked against the NIST standard buffers within 0.06.',
      NO_OWN,
    ],
  };
}
