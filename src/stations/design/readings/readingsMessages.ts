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
import { counted, formatFixed, formatGrams } from '@/core/basics/format/numbers';

/** What an instrument shows: a figure, a scale, a window, a sentence and its why. */
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

/** Readings of what is in the bowl alone: no record of a batch moves them. */
const NO_OWN = 'None of your own batches speaks in it: it is reckoned from the amounts alone.';

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
      ? 'No gas: washing soda and borax take the acid up first.'
      : isAlkaline
        ? `The acid only breaks the piece up: ${formatGrams(fizz.leftoverSodaG)} g of soda is left to clean.`
        : face.sentence,
    why: [
      face.why[0] ?? '',
      'A cleaning piece has no window here: washing soda and borax are meant to stay over, or the acid is, for lime.',
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
        ? 'Nothing in the water yet.'
        : code === 'acid-on-surface'
          ? 'Acid: takes lime off; not on stone, aluminum or enamel.'
          : code === 'alkaline-solution'
            ? 'Strongly alkaline: gloves, and not on aluminum.'
            : water.phAir > BATH_PH.high
              ? 'Alkaline: takes grease off; most surfaces take it.'
              : 'Mild: most surfaces take it.',
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
    mark: hasBoth ? { at: balance, label: `balance ${balance.toFixed(2)}` } : null,
    decimals: 1,
    sentence: fizzSentence(fizz),
    why: [
      `Base ${fizz.baseEquivalentsMol.toFixed(3)} mol of equivalents, acid ${fizz.acidEquivalentsMol.toFixed(3)} mol. Balance is where both are the same: 1.31 to 1 by mass for soda on anhydrous citric acid, 1.20 on the monohydrate.`,
      'The window is the acid’s own balance point up to 1.6 times it: 1.3 to 2.1 with citric acid.',
      `Source: stoichiometry with IUPAC 2021 atomic weights; window from common practice. ${NO_OWN}`,
    ],
  };
}

function fizzSentence(fizz: Evaluation['fizz']): string {
  switch (fizz.limiting) {
    case 'none':
      return 'Nothing here fizzes yet.';
    case 'balanced':
      return 'In balance: nothing is left over.';
    case 'acid':
      return fizz.acidEquivalentsMol === 0
        ? 'No acid yet: it will not fizz.'
        : `Acid runs out first: ${formatGrams(fizz.leftoverSodaG)} g of soda left.`;
    case 'base':
      return fizz.baseEquivalentsMol === 0
        ? 'No soda yet: it will not fizz.'
        : `Soda runs out first: ${formatGrams(fizz.leftoverAcidG)} g of acid left.`;
  }
}

/** How many of the maker's own trials speak in a forecast. */
function sayOwn(trials: number): string {
  return trials === 0
    ? 'none of your own trials speaks in it yet'
    : `${counted(trials, 'trial')} of your own ${trials === 1 ? 'speaks' : 'speak'} in it`;
}

function gasFace({ fizz, lasting, judged, kept }: Evaluation): Face {
  const perHundredG = judged.gas.value ?? 0;
  return {
    title: 'Gas',
    figure: fizz.co2L >= 100 ? formatFixed(fizz.co2L, 0) : formatFixed(fizz.co2L, 1),
    unit: 'liters',
    from: 0,
    to: 16,
    mark: null,
    decimals: 0,
    sentence:
      fizz.co2L === 0
        ? fizz.acidEquivalentsMol > 0 && fizz.baseEquivalentsMol > 0
          ? 'None leaves the water: the builders take the acid up. It fizzes only where the grains touch.'
          : 'No gas yet.'
        : lasting
          ? lastingSentence(lasting)
          : `${formatFixed(perHundredG, 1)} L from each 100 g.`,
    why: [
      `${fizz.co2Mol.toFixed(3)} mol of carbon dioxide, ${formatGrams(fizz.co2G)} g, at one atmosphere and the temperature of the bath: V = n R T / p.`,
      `This is all the gas the reaction makes, ${formatFixed(perHundredG, 1)} L from each 100 g; about 15 is the most there is. In little water part of it stays dissolved.`,
      `How long a piece lasts: a surface that recedes, from a plain 70 mm piece in 38 °C water in 3 minutes (2 to 5 seen), slower with cold water, firm packing, filler, oil and distance from balance. Model of ours on common practice; ${sayOwn(lasting?.ownTrials ?? 0)}.`,
      ...(lasting?.kind === 'dropped'
        ? [
            `Floats or sinks: packed density against the density that floats; ${sayOwn(lasting.ownFloats)}, and ${counted(lasting.ownFills, 'own fill')} in the density.`,
          ]
        : []),
      ...(kept
        ? [
            `Four weeks after it was made ${formatFixed(100 * Math.min(1, kept.estimate), 0)} % of its fizz is still in a piece of yours, ${formatFixed(100 * kept.low, 0)} to ${formatFixed(100 * kept.high, 0)} %, by ${counted(kept.records, 'jug')} on the scale.`,
          ]
        : []),
      'Source: ideal gas, exact SI constants; the real gas is about 0.5 % smaller.',
    ],
  };
}

const BUOYANCY_WORDS = { floats: 'floats', sinks: 'sinks', either: 'may float' } as const;

function lastingSentence(lasting: Lasting): string {
  switch (lasting.kind) {
    case 'dropped':
      return `Gone in ${formatFixed(lasting.goneS.low / 60, 1)} to ${formatFixed(lasting.goneS.high / 60, 1)} min; ${BUOYANCY_WORDS[lasting.buoyancy]}.`;
    case 'scattered':
      return `Strewn in, gone in ${formatFixed(lasting.goneS.low, 0)} to ${formatFixed(lasting.goneS.high, 0)} s.`;
    case 'showered':
      return `Lasts ${formatFixed(lasting.showers.low, 1)} to ${formatFixed(lasting.showers.high, 1)} showers.`;
  }
}

function dampFace({ binder }: Evaluation): Face {
  const { dampIndexPct: index, window, verdict } = binder;
  return {
    title: 'Damp',
    figure: index === null ? '–' : formatFixed(index, 1),
    unit: 'index',
    from: 0,
    to: Math.max(28, window.highPct * 1.2),
    mark: { at: window.aimPct, label: `aim ${window.aimPct.toFixed(1)}` },
    decimals: 0,
    sentence: dampSentence(verdict, window.lowPct),
    why: [
      `${formatFixed(binder.liquidVolumeMl, 1)} mL of liquid, weighted by how well each binds, on ${formatFixed(binder.solidVolumeMl, 0)} mL of solid; the powders soak up ${formatGrams(binder.soakedUpG)} g before damp shows.`,
      'Index = 100 × weighted liquid ÷ solid, less what is soaked up. The window belongs to the way of forming and moves with the room: drier air wants a little more.',
      binder.saturation === null
        ? 'No pores to fill yet.'
        : `Check: liquid fills ${(100 * binder.saturation).toFixed(0)} % of the pores of the pressed piece; bridges hold grains up to about 30 %, beyond that it is mud.`,
      'Source: model of ours after the wet-granulation picture (Iveson et al. 2001, Powder Technology 117); windows from common practice.',
      binder.ownBatches === 0
        ? 'None of your own batches speaks in it yet.'
        : `${binder.ownBatches} of your own ${binder.ownBatches === 1 ? 'batch speaks' : 'batches speak'} in it.`,
    ],
  };
}

function dampSentence(verdict: Evaluation['binder']['verdict'], lowPct: number): string {
  switch (verdict) {
    case null:
      return 'No powder yet.';
    case 'too-dry':
      return 'Too dry: it crumbles at the edges.';
    case 'too-wet':
      return lowPct === 0 ? 'Too damp to pour.' : 'Too wet: it sticks and swells.';
    case 'in-window':
      return lowPct === 0 ? 'Dry enough to pour.' : 'Holds; squeeze again while you press.';
  }
}

function freeWaterFace({ binder }: Evaluation): Face {
  const sentences = {
    easy:
      binder.easyToPct === null ? 'Nothing here can give gas before use.' : 'Easy in this room.',
    brisk: 'Brisk: press at once, in dry air.',
    risky: 'Risky: small pieces, made at once.',
    'will-swell': 'Will swell in the bowl or the tray.',
  } as const;
  return {
    title: 'Free water',
    figure: `${formatFixed(binder.freeWaterPct, 1)} %`,
    unit: 'of the mix',
    from: 0,
    to: Math.max(4, (binder.easyToPct ?? 0) * 3.35, binder.freeWaterPct),
    mark: null,
    decimals: 1,
    sentence: `${sentences[binder.freeWaterBand]} All liquids ${formatGrams(binder.liquidG)} g.`,
    why: [
      `${formatGrams(binder.freeWaterG)} g of water that can reach the acid: what is poured in as water, and what hides in witch hazel, vinegar, weak alcohol, liquid color and pastes, less what anhydrous washing soda takes into its crystal.`,
      'Bands: to 1.2 % easy, 2.0 brisk, 3.5 risky; tighter over 50 % humidity, wider under 40 % and where less gas can form: swelling is the gas that water sets free.',
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
    figure: `${formatFixed(loadPct, 2)} %`,
    unit: 'of the mix',
    from: 0,
    to: Math.max(usualHighPct * 1.5, loadPct * 1.05),
    mark: null,
    decimals: 1,
    sentence: scentSentence(scent, highPct),
    why: [
      `${formatGrams(scent.scentG)} g of essential oils, fragrance and menthol in the whole piece. The family’s usual range is ${usualLowPct} to ${usualHighPct} %.`,
      limit
        ? `This blend may have ${formatFixed(limit.loadPct, 2)} %: ${limit.binds} reaches its ${limit.limitPct} % first.`
        : 'No constituent on file limits this blend.',
      declared.length > 0
        ? `Named on an EU label above 0.01 %: ${declared.map(({ constituent, pctOfMix }) => `${constituent.name} ${pctOfMix.toPrecision(2)} %`).join(', ')}.`
        : 'Nothing on file has to be named on a label.',
      'Source: typical compositions and cautious limits, from memory. The supplier’s document for each oil decides.',
      NO_OWN,
    ],
  };
}

function scentSentence(scent: Evaluation['scent'], highPct: number): string {
  const { loadPct, usualLowPct, limit, emulsifierToOil } = scent;
  if (scent.scentG === 0) return 'No scent.';
  if (limit && loadPct > limit.loadPct)
    return `${limit.binds} binds at ${formatFixed(limit.loadPct, 1)} %.`;
  if (loadPct > highPct) return 'More than usual.';
  const carrier =
    emulsifierToOil === null || emulsifierToOil === 0
      ? 'No emulsifier.'
      : `Emulsifier ${emulsifierToOil.toFixed(2)} of oils.`;
  return `${loadPct < usualLowPct ? 'Faint' : 'In the usual range'}. ${carrier}`;
}

function waterFace({ water }: Evaluation): Face {
  return {
    title: 'Water',
    figure: water === null ? '–' : `${water.phFresh.toFixed(1)} to ${water.phAir.toFixed(1)}`,
    unit: 'pH',
    from: 3,
    to: 11.5,
    mark: null,
    decimals: 1,
    sentence:
      water === null
        ? 'Nothing in the water yet.'
        : `Fresh to settled; a bather sits near ${water.phHalfVented.toFixed(1)}.`,
    why: [
      'One piece of the mold last asked for, in the bath (a cleaning piece: the basin; salts: one bath’s worth) set up under Workshop. Fresh: no gas lost beyond what the water cannot hold. Settled: against the air. The mark stands where half of the gas that will go has gone.',
      `Charge balance over every acid and ion, ionic strength ${(water?.ionicStrengthMolL ?? 0).toFixed(4)} mol/L${water?.isEstimate ? ' (so strong a solution is only estimated)' : ''}; ${water && water.co2LeftAsGasL > 0 ? `${formatFixed(water.co2LeftAsGasL, 1)} L of gas leaves, the rest stays dissolved.` : 'the water holds all the gas at first; what is seen fizzing dissolves or leaves slowly.'}`,
      'Source: pKa from CRC Handbook / NIST, Davies activities, van ’t Hoff, Henry’s law; checked against the NIST standard buffers within 0.06.',
      NO_OWN,
    ],
  };
}
