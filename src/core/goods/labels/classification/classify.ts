import { keysOf } from '@/core/basics/records';
import { listed } from '@/core/basics/format/names';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { AllergenDocument } from '@/core/results/scent/declarable';
import { tubReading } from '@/core/results/water/tub';
import { allergenShares } from '../ingredients/allergens';
import { CLASSED, classedScent, type Classed, type HazardClass } from './substances';
import {
  DANGERS,
  HAZARD_TEXT,
  PICTOGRAM_OF,
  PRECAUTIONS_OF,
  PRECAUTION_TEXT,
  WITHOUT_SIGNAL,
  type HazardCode,
  type Pictogram,
  type PrecautionCode,
} from './statements';

export interface Statement<Code extends string> {
  readonly code: Code;
  readonly text: string;
}

/** A household mixture as its label has to say it. */
export interface Classification {
  readonly signal: 'Danger' | 'Warning' | null;
  readonly hazards: readonly Statement<HazardCode>[];
  readonly supplemental: readonly Statement<'EUH208'>[];
  readonly precautions: readonly Statement<PrecautionCode>[];
  readonly pictograms: readonly Pictogram[];
  /** Substances that the label names, behind “Contains”. */
  readonly contains: readonly string[];
  /** Scents of whose substances nobody has said anything: the supplier’s sheet decides. */
  readonly unknown: readonly string[];
}

/** Generic limits of a mixture, %. Source: Regulation (EC) 1272/2008, annex I, parts 3 and 4. */
const LIMITS = {
  corrodesSkin: 5,
  irritatesSkinByCorrosive: 1,
  irritatesSkin: 10,
  damagesEyes: 3,
  irritatesEyesByDamage: 1,
  irritatesEyes: 10,
  irritatesAirways: 20,
  sensitizes: 1,
  sensitizesStrongly: 0.1,
  reproduction: 0.3,
  aquatic: 25,
} as const;
/** EUH208: from a tenth of the limit that sensitizes. */
const ELICITS = 10;
/** Oral acute toxicity category 4: estimates up to this, mg/kg. Annex I, 3.1. */
const HARMFUL_MG_KG = 2000;
/**
 * From so much percarbonate a powder is taken as oxidizing, %. No generic limit exists: only a test of the powder tells.
 * Rovack estimate, on the safe side of powders on sale.
 */
const OXIDIZES_FROM_PCT = 50;
/** A mixture of such a pH is taken as corrosive unless it is tested. Annex I, 3.2.3.1.2. */
const PH_CORROSIVE = { low: 2, high: 11.5 } as const;
/** pH is read of 1 in 100 of water. */
const PH_TEST = { massG: 10, tub: { volumeL: 1, alkalinityMgL: 0, tempC: 20 } } as const;
/** No label needs more of them than this. Article 28. */
const MOST_PRECAUTIONS = 6;
const OF_THE_GRAVEST = 3;
/** No more than this is named. Article 18. */
const MOST_NAMED = 4;

interface Held {
  readonly classed: Classed;
  readonly pct: number;
}

/**
 * Classifies a household mixture by what is in it: sums against the generic limits, limits of a substance’s own before
 * them, oral toxicity by estimates, pH extremes. Tests of the mixture and the suppliers’ sheets go before it.
 * Source: Regulation (EC) 1272/2008, annex I. Not checked against the current rule.
 * @param contents grams 0 or more
 * @param documentFor what suppliers say of a scent’s substances
 */
export function classify(
  contents: readonly Portion[],
  documentFor: (materialId: string) => AllergenDocument | null = () => null,
): Classification {
  const totalG = portionsG(contents);
  if (!(totalG > 0)) return NOTHING;
  const { shares, unknown } = allergenShares(contents, documentFor);
  const held = together([
    ...contents.flatMap(({ material, massG }) => {
      const classed = CLASSED[material.likeId];
      return classed && massG > 0
        ? [{ classed, pct: (100 * massG * (classed.share ?? 1)) / totalG }]
        : [];
    }),
    ...[...shares].map(([name, pct]) => ({ classed: classedScent(name), pct })),
  ]);
  const codes = hazardCodes(held, contents, totalG);
  const sensitizing = held.filter(
    (one) => sensitizesFromPct(one.classed) !== null && one.pct >= sensitizingPct(one),
  );
  const elicits = held.filter(
    (one) =>
      sensitizesFromPct(one.classed) !== null &&
      !sensitizing.includes(one) &&
      one.pct >= sensitizingPct(one) / ELICITS,
  );
  const dangers = codes.filter((code) => DANGERS.has(code));
  return {
    signal:
      dangers.length > 0
        ? 'Danger'
        : codes.some((code) => !WITHOUT_SIGNAL.has(code))
          ? 'Warning'
          : null,
    hazards: codes.map((code) => ({ code, text: HAZARD_TEXT[code] })),
    supplemental:
      elicits.length > 0
        ? [
            {
              code: 'EUH208',
              text: `Contains ${listed(elicits.map(({ classed }) => classed.name))}. May produce an allergic reaction.`,
            },
          ]
        : [],
    precautions: precautionsFor(codes),
    pictograms: pictogramsFor(codes),
    contains: named(held, codes, sensitizing),
    unknown,
  };
}

const NOTHING: Classification = {
  signal: null,
  hazards: [],
  supplemental: [],
  precautions: [],
  pictograms: [],
  contains: [],
  unknown: [],
};

/** The same substance out of several materials is one. */
function together(held: readonly Held[]): readonly Held[] {
  const byName = new Map<string, Held>();
  for (const { classed, pct } of held) {
    const before = byName.get(classed.name);
    byName.set(classed.name, { classed, pct: (before?.pct ?? 0) + pct });
  }
  return [...byName.values()].sort((a, b) => b.pct - a.pct);
}

function pctOf(held: readonly Held[], hazard: HazardClass): number {
  return held.reduce(
    (sum, { classed, pct }) => (classed.classes.includes(hazard) ? sum + pct : sum),
    0,
  );
}

/** Each share over its own limit, summed: 1 and more is over. */
function overLimit(held: readonly Held[], limitOf: (classed: Classed) => number | null): number {
  return held.reduce((sum, { classed, pct }) => {
    const limit = limitOf(classed);
    return limit === null ? sum : sum + pct / limit;
  }, 0);
}

const SAME = 1e-9;
const reaches = (share: number): boolean => share >= 1 - SAME;

/** The gravest first. */
function hazardCodes(
  held: readonly Held[],
  contents: readonly Portion[],
  totalG: number,
): readonly HazardCode[] {
  const is = (classed: Classed, hazard: HazardClass) => classed.classes.includes(hazard);
  const corrodes =
    reaches(overLimit(held, (one) => (is(one, 'skin-corrosive') ? LIMITS.corrodesSkin : null))) ||
    isExtreme(contents, totalG);
  const damages = reaches(
    overLimit(held, (one) =>
      is(one, 'eye-damage') || is(one, 'skin-corrosive')
        ? (one.damageFromPct ?? LIMITS.damagesEyes)
        : null,
    ),
  );
  const irritatesEyes = reaches(
    overLimit(held, (one) => {
      if (is(one, 'eye-damage') || is(one, 'skin-corrosive'))
        return one.irritatesFromPct ?? LIMITS.irritatesEyesByDamage;
      return is(one, 'eye-irritant') ? LIMITS.irritatesEyes : null;
    }),
  );
  const irritatesSkin = reaches(
    overLimit(held, (one) => {
      if (is(one, 'skin-corrosive')) return LIMITS.irritatesSkinByCorrosive;
      return is(one, 'skin-irritant') ? LIMITS.irritatesSkin : null;
    }),
  );
  const sensitizes = held.some(
    (one) => sensitizesFromPct(one.classed) !== null && one.pct >= sensitizingPct(one) - SAME,
  );
  const oral = held.reduce(
    (sum, { classed, pct }) =>
      classed.oralMgKg === undefined ? sum : sum + pct / classed.oralMgKg,
    0,
  );
  const all: readonly (readonly [HazardCode, boolean])[] = [
    ['H272', pctOf(held, 'oxidizer') >= OXIDIZES_FROM_PCT - SAME],
    ['H302', oral > 0 && 100 / oral <= HARMFUL_MG_KG],
    ['H314', corrodes],
    ['H318', damages && !corrodes],
    ['H319', irritatesEyes && !damages && !corrodes],
    ['H315', irritatesSkin && !corrodes],
    ['H317', sensitizes],
    ['H335', pctOf(held, 'airway-irritant') >= LIMITS.irritatesAirways - SAME],
    ['H360FD', pctOf(held, 'toxic-to-reproduction') >= LIMITS.reproduction - SAME],
    ...aquatic(held),
  ];
  return all.flatMap(([code, holds]) => (holds ? [code] : []));
}

/** Sums by category, ten times for each step between them. Annex I, 4.1.3.5. */
function aquatic(held: readonly Held[]): readonly (readonly [HazardCode, boolean])[] {
  const one = pctOf(held, 'aquatic-chronic-1');
  const two = pctOf(held, 'aquatic-chronic-2');
  const three = pctOf(held, 'aquatic-chronic-3');
  const is410 = one >= LIMITS.aquatic;
  const is411 = !is410 && 10 * one + two >= LIMITS.aquatic;
  const is412 = !is410 && !is411 && 100 * one + 10 * two + three >= LIMITS.aquatic;
  return [
    ['H400', pctOf(held, 'aquatic-acute-1') >= LIMITS.aquatic && !is410],
    ['H410', is410],
    ['H411', is411],
    ['H412', is412],
  ];
}

function isExtreme(contents: readonly Portion[], totalG: number): boolean {
  const reactants = reactantsOf(contents).map((one) => ({
    ...one,
    massG: (one.massG * PH_TEST.massG) / totalG,
  }));
  if (reactants.length === 0) return false;
  const { phFresh } = tubReading(reactants, PH_TEST.tub);
  return phFresh <= PH_CORROSIVE.low || phFresh >= PH_CORROSIVE.high;
}

function sensitizesFromPct({ classes, sensitizesFromPct: own }: Classed): number | null {
  if (classes.includes('strong-sensitizer')) return own ?? LIMITS.sensitizesStrongly;
  return classes.includes('sensitizer') ? (own ?? LIMITS.sensitizes) : null;
}

function sensitizingPct({ classed }: Held): number {
  return sensitizesFromPct(classed) ?? Infinity;
}

/** Children before all, then what the gravest hazard asks for, then the others in turn. */
function precautionsFor(codes: readonly HazardCode[]): readonly Statement<PrecautionCode>[] {
  if (codes.length === 0) return [];
  const order = keysOf(PRECAUTIONS_OF);
  const asked = order.filter((code) => codes.includes(code)).map((code) => PRECAUTIONS_OF[code]);
  const deepest = Math.max(...asked.map(({ length }) => length));
  const byRank = Array.from({ length: deepest }, (_none, rank) =>
    asked.flatMap((list) => list[rank] ?? []),
  ).flat();
  const gravest = asked[0]?.slice(0, OF_THE_GRAVEST) ?? [];
  const chosen = [...new Set<PrecautionCode>(['P102', ...gravest, ...byRank])].slice(
    0,
    MOST_PRECAUTIONS,
  );
  return chosen.sort().map((code) => ({ code, text: PRECAUTION_TEXT[code] }));
}

/** Corrosion leaves out the exclamation mark for skin and eyes. Article 26. */
function pictogramsFor(codes: readonly HazardCode[]): readonly Pictogram[] {
  const corrodes = codes.includes('H314') || codes.includes('H318');
  const shown = codes.filter((code) => !(corrodes && (code === 'H315' || code === 'H319')));
  return [...new Set(shown.flatMap((code) => PICTOGRAM_OF[code] ?? []))].sort();
}

const NAMED_FOR: ReadonlyArray<readonly [HazardCode, readonly HazardClass[]]> = [
  ['H314', ['skin-corrosive']],
  ['H318', ['eye-damage', 'skin-corrosive']],
  ['H360FD', ['toxic-to-reproduction']],
  ['H335', ['airway-irritant']],
];

/** Those that bring burns, eye damage, allergy, harm by swallowing, to the airways or to the unborn. Article 18. */
function named(
  held: readonly Held[],
  codes: readonly HazardCode[],
  sensitizing: readonly Held[],
): readonly string[] {
  const names = [
    ...NAMED_FOR.flatMap(([code, classes]) =>
      codes.includes(code)
        ? held.filter(
            ({ classed, pct }) =>
              pct >= LIMITS.reproduction && classes.some((one) => classed.classes.includes(one)),
          )
        : [],
    ),
    ...sensitizing,
    ...(codes.includes('H302') ? held.filter(({ classed }) => classed.oralMgKg !== undefined) : []),
  ].map(({ classed }) => classed.name);
  return [...new Set(names)].slice(0, MOST_NAMED);
}
