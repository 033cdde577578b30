import { isForSkin, useOf } from '@/core/formula/model/messages';
import { clogsJets } from '@/core/matter/materials/jets';
import { speciesById } from '@/core/matter/chemistry/species';
import { gramsWhere, type Portion } from '@/core/matter/materials/portion';
import { materialById } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import type { Role, Trait } from '@/core/matter/materials/types';
import { FUELS, isWetting } from '../../safety/mayHold';
import { BATH_PH } from '../../water/windows';
import type { FindingCode, FindingFacts, MaterialFacts } from '../facts';
import type { Examined, Finding, Rule, Severity } from '../types';

const practice = 'common practice';
/** A rate may be passed by this factor before a word is worth it. Rovack estimate. */
const OVER_RATE_FACTOR = 1.05;
/** Melted warm rather than merely soft in a summer kitchen, °C. Rovack estimate. */
const MELTED_OVER_C = 30;
/** Acid equivalents from which a mix holds acid, mol in a gram: a hundredth of what a bath bomb has. */
const ACID_FROM_MOL_PER_G = 1e-6;
/** Colors that are written without a hue. */
const HUELESS = new Set(['water-soluble-dye', 'lake-color', 'liquid-food-color']);
/** Foaming powder and liquid together, % of the mix: usual, and the most with cautions. Common practice. */
const FOAM_USUAL_PCT = 5;
const FOAM_MOST_PCT = 10;
/** Water in washing soda crystals, % of their mass. Source: molar masses, 180.2 of 286.1. */
const DECAHYDRATE_WATER_PCT = 62.9;

type MaterialCode = {
  [C in FindingCode]: FindingFacts[C] extends MaterialFacts ? C : never;
}[FindingCode];

/** What a rule knows beside the names and grams. */
type More<C extends MaterialCode> = Omit<FindingFacts[C], keyof MaterialFacts>;

interface Row {
  readonly severity: Severity | ((examined: Examined) => Severity);
  /** Leave out to hold for every formula. */
  readonly holds?: (examined: Examined) => boolean;
  /** Materials it may speak of, whatever the formula. */
  readonly of: (material: Material) => boolean;
  /** Left out where it speaks of all of these. */
  readonly picks?: (entry: Portion, examined: Examined) => boolean;
  readonly source?: string;
}

/** One rule about single materials: which it speaks of, and what it knows of them. */
type MaterialRule = {
  [C in MaterialCode]: Row & { readonly code: C } & (keyof More<C> extends never
      ? { readonly more?: undefined }
      : {
          readonly more: (examined: Examined, picked: readonly Material[]) => More<C>;
        });
}[MaterialCode];

const has = (trait: Trait) => (material: Material) => material.traits.includes(trait);
const forSkin = ({ body }: Examined) => isForSkin(body.family);
const household = ({ body }: Examined) => !isForSkin(body.family);
const isMelted = (material: Material) =>
  (material.meltingC?.value ?? 0) > MELTED_OVER_C && material.isLiquid;
const roles =
  (...wanted: readonly Role[]) =>
  ({ role }: Material) =>
    wanted.includes(role);
/** Starch, flour, gums and sugar: the lungs clear them, and a cloud of them burns. */
const isPlantDust = roles('starch', 'gum', 'sugar', 'milk');
const isBorax = (material: Material) => material.likeId === 'borax';
const isAlkali = (material: Material) => material.traits.includes('strong-alkali');
/** Acid by what it can give up, whatever it came in: vinegar counts, the trace in milk powder does not. */
const withAcid = ({ measured }: Examined) =>
  measured.fizz.acidEquivalentsMol > ACID_FROM_MOL_PER_G * measured.totalG;
const withFuel = ({ materials }: Examined) =>
  materials.some(({ material, massG }) => massG > 0 && FUELS.has(material.role));
const withWet = ({ materials }: Examined) =>
  materials.some(({ material, massG }) => massG > 0 && isWetting(material));
const inTub = ({ body }: Examined) => useOf(body.family) === 'tub';
const withTrait =
  (trait: Trait) =>
  ({ materials }: Examined) =>
    materials.some(({ material }) => material.traits.includes(trait));
const pctOf = ({ massG }: Portion, { measured }: Examined) => (100 * massG) / measured.totalG;
/** Does it turn wet in this room? */
const draws = ({ drawsWater }: Material, { conditions }: Examined) =>
  drawsWater !== null && conditions.humidityPct >= drawsWater.value.fromPct;
/** Alkali in a bath is judged by the water it makes; under a shower there is none, so by acid enough to take it up. */
const alkaliSeverity = ({ measured: { water, fizz }, body }: Examined): Severity => {
  const isTooAlkaline =
    useOf(body.family) === 'tub'
      ? (water?.phHalfVented ?? 0) > BATH_PH.high
      : fizz.baseEquivalentsMol > fizz.acidEquivalentsMol;
  return isTooAlkaline ? 'stop' : 'advice';
};
const isBarred = ({ notFor }: Material, { body }: Examined) =>
  notFor?.value.uses.includes(useOf(body.family)) === true;

const RULES: readonly MaterialRule[] = [
  {
    code: 'borax-in-bath-product',
    severity: 'stop',
    holds: forSkin,
    of: isBorax,
  },
  {
    code: 'alkali-in-bath-product',
    severity: alkaliSeverity,
    holds: forSkin,
    of: (material) => isAlkali(material) && !material.traits.includes('not-for-skin'),
    more: (examined) => ({
      ph: examined.measured.water?.phHalfVented ?? null,
      isStop: alkaliSeverity(examined) === 'stop',
    }),
    source: 'charge balance; common practice',
  },
  {
    code: 'not-for-skin',
    severity: 'stop',
    holds: forSkin,
    of: (material) => material.traits.includes('not-for-skin') && !isBorax(material),
  },
  {
    code: 'not-for-this-use',
    severity: 'warning',
    of: (material) =>
      material.notFor !== null &&
      !material.notFor.value.isDivided &&
      !material.traits.includes('not-for-skin') &&
      !isAlkali(material),
    picks: ({ material }, examined) => isBarred(material, examined),
    more: (_, picked) => ({
      why: [...new Set(picked.flatMap(({ notFor }) => notFor?.value.why ?? []))].join('; '),
    }),
    source:
      'US 21 CFR 73, 74, 82 and EU annex IV; not checked against the current rule; common practice',
  },
  {
    code: 'external-use-color',
    severity: 'advice',
    of: (material) => material.notFor?.value.isDivided === true,
    picks: ({ material }, examined) => isBarred(material, examined),
    source:
      'US 21 CFR 73, 74, 82 and EU annex IV; not checked against the current rule; common practice',
  },
  {
    code: 'detergent-bath-caution',
    severity: 'info',
    holds: forSkin,
    of: has('detergent'),
    source: 'US 21 CFR 740.17; not checked against the current rule',
  },
  {
    code: 'oil-in-cleaning-piece',
    severity: 'advice',
    holds: household,
    of: has('skin-oil'),
  },
  {
    code: 'oil-in-steamer',
    severity: 'advice',
    holds: ({ body }) => body.family === 'shower-steamer',
    of: has('skin-oil'),
  },
  {
    code: 'magnesium-carbonate-scale',
    severity: 'warning',
    holds: withTrait('strong-alkali'),
    of: has('magnesium'),
    source: 'solubility of magnesium carbonate, CRC Handbook; not looked up',
  },
  {
    code: 'ultramarine-with-acid',
    severity: 'warning',
    holds: withAcid,
    of: has('sulfide-with-acid'),
  },
  {
    code: 'oxidizer-with-acid',
    severity: 'warning',
    holds: withAcid,
    of: has('oxidizer'),
  },
  {
    code: 'oxidizer-with-fuel',
    severity: 'warning',
    holds: withFuel,
    of: has('oxidizer'),
    source: 'EU Regulation 1272/2008, oxidizing solids; not checked against the current rule',
  },
  {
    code: 'oxidizer-wet',
    severity: 'warning',
    holds: withWet,
    of: has('oxidizer'),
    source:
      'EU Regulation 1272/2008, oxidizing solids; not checked against the current rule; common practice',
  },
  {
    code: 'borax-public-sale',
    severity: 'advice',
    holds: household,
    of: isBorax,
    source:
      'EU Regulation 1272/2008 annex VI and 1907/2006 annex XVII entry 30; not checked against the current rule',
  },
  {
    code: 'eye-hazard',
    severity: 'advice',
    holds: household,
    of: ({ likeId, traits }) => traits.includes('strong-alkali') || likeId === 'sodium-bisulfate',
    source: 'EU Regulation 1272/2008, H318 and H319; not checked against the current rule',
  },
  {
    code: 'glycerin-with-borax',
    severity: 'warning',
    holds: ({ materials }) => materials.some(({ material }) => isBorax(material)),
    of: ({ likeId }) => likeId === 'glycerin',
    source: 'the borate complex of glycerol, any analytical chemistry text; not looked up',
  },
  {
    code: 'crystal-water-melts',
    severity: 'advice',
    of: ({ likeId }) => likeId === 'sodium-carbonate-decahydrate',
    more: () => ({ waterPct: DECAHYDRATE_WATER_PCT }),
    source: 'CRC Handbook; not looked up',
  },
  {
    code: 'weak-alcohol-water',
    severity: 'advice',
    of: has('weak-alcohol'),
  },
  {
    code: 'wet-acid-reacts',
    severity: 'advice',
    holds: ({ measured }) => measured.fizz.baseEquivalentsMol > 0,
    of: ({ isLiquid, chemistry, role }) =>
      isLiquid && (chemistry?.value.length ?? 0) > 0 && role !== 'milk',
  },
  {
    code: 'color-over-rate',
    severity: 'advice',
    of: ({ usualMaxPct }) => usualMaxPct !== undefined,
    picks: (entry, examined) =>
      pctOf(entry, examined) > (entry.material.usualMaxPct?.value ?? Infinity),
  },
  {
    code: 'foam-high',
    severity: ({ measured, materials }) =>
      foamerPct(materials, measured.totalG) > FOAM_MOST_PCT ? 'warning' : 'advice',
    holds: ({ body, measured, materials }) =>
      isForSkin(body.family) && foamerPct(materials, measured.totalG) > FOAM_USUAL_PCT,
    of: roles('foamer'),
    more: ({ measured, materials }) => ({
      foamerPct: foamerPct(materials, measured.totalG),
      mostPct: FOAM_MOST_PCT,
    }),
  },
  {
    code: 'over-usual-rate',
    severity: 'advice',
    holds: ({ body }) => body.family === 'bath-bomb' || body.family === 'shower-steamer',
    of: ({ usualPct, role }) => usualPct !== null && role !== 'foamer',
    picks: (entry, examined) =>
      pctOf(entry, examined) >
      (entry.material.usualPct?.value.highPct ?? Infinity) * OVER_RATE_FACTOR,
  },
  {
    code: 'melt-before-alcohol',
    severity: 'info',
    holds: withTrait('flammable'),
    of: isMelted,
    picks: ({ material }, { body, conditions }) =>
      body.parts.some(({ lines }) => {
        const beaker = lines.map(({ materialId }) => materialById(conditions.catalog, materialId));
        return (
          beaker.includes(material) && beaker.some(({ traits }) => traits.includes('flammable'))
        );
      }),
  },
  {
    code: 'hygroscopic-salt',
    severity: (examined) =>
      examined.materials.some((entry) => entry.massG > 0 && draws(entry.material, examined))
        ? 'warning'
        : 'info',
    of: has('hygroscopic'),
    more: (examined, picked) => ({
      humidityPct: examined.conditions.humidityPct,
      drawsFromPct: Math.min(...picked.map(({ drawsWater }) => drawsWater?.value.fromPct ?? 100)),
      isDamp: picked.some((material) => draws(material, examined)),
      isLoose: examined.body.method === 'loose',
      isDrying: picked.some(
        ({ drawsWater }) =>
          examined.conditions.humidityPct < (drawsWater?.value.givesUpBelowPct ?? 0),
      ),
    }),
    source: 'deliquescence at 25°C, CRC Handbook; not looked up',
  },
  { code: 'botanical-drain', severity: 'info', of: has('drain') },
  {
    code: 'food-allergen',
    severity: 'info',
    holds: forSkin,
    of: ({ foodAllergen }) => foodAllergen !== null,
    more: (_, picked) => ({
      allergens: picked.flatMap(({ foodAllergen }) => foodAllergen?.value ?? []),
    }),
  },
  { code: 'slip-caution', severity: 'info', holds: forSkin, of: has('skin-oil') },
  { code: 'dust-caution', severity: 'info', of: has('irritating-dust') },
  {
    code: 'fine-dust-caution',
    severity: 'info',
    of: (material) => has('fine-dust')(material) && !isPlantDust(material),
  },
  { code: 'nuisance-dust', severity: 'info', of: isPlantDust },
  {
    code: 'color-batch-certification',
    severity: 'info',
    holds: forSkin,
    of: ({ needsCertifiedBatch }) => needsCertifiedBatch,
    source: 'US 21 CFR 71 and 74; not checked against the current rule',
  },
  {
    code: 'jetted-tub',
    severity: 'info',
    holds: inTub,
    of: clogsJets,
  },
  {
    code: 'color-without-hue',
    severity: 'info',
    of: ({ likeId }) => HUELESS.has(likeId),
  },
  {
    code: 'food-imitation',
    severity: 'advice',
    of: roles('sugar'),
    source:
      'Council Directive 87/357/EEC; EU Regulation 2023/988; not checked against the current rule',
  },
  { code: 'flammable-vapor', severity: 'info', of: has('flammable') },
  {
    code: 'never-with-bleach',
    severity: 'info',
    holds: household,
    of: ({ role, chemistry }) =>
      role === 'acid' ||
      (chemistry?.value.some(({ speciesId }) => speciesById(speciesId).side === 'acid') === true &&
        role !== 'milk'),
  },
];

function foamerPct(materials: Examined['materials'], totalG: number): number {
  return (100 * gramsWhere(materials, ({ role }) => role === 'foamer')) / totalG;
}

/** The rules that may speak of a material, worked out once. */
const rulesOf = new WeakMap<Material, readonly number[]>();

function rulesFor(material: Material): readonly number[] {
  const known = rulesOf.get(material);
  if (known) return known;
  const found = RULES.flatMap(({ of }, i) => (of(material) ? [i] : []));
  rulesOf.set(material, found);
  return found;
}

/** What single materials ask for, in this family and this company. */
export const materialRules: Rule = (examined) => {
  const spokenOf = new Map<number, Portion[]>();
  for (const entry of examined.materials)
    if (entry.massG > 0)
      for (const i of rulesFor(entry.material)) {
        const entries = spokenOf.get(i);
        if (entries) entries.push(entry);
        else spokenOf.set(i, [entry]);
      }
  return RULES.flatMap((rule, i): readonly Finding[] => {
    const candidates = spokenOf.get(i);
    if (!candidates || (rule.holds && !rule.holds(examined))) return [];
    const { picks } = rule;
    const entries = picks ? candidates.filter((entry) => picks(entry, examined)) : candidates;
    if (entries.length === 0) return [];
    const picked = entries.map(({ material }) => material);
    const massG = entries.reduce((sum, entry) => sum + entry.massG, 0);
    const { severity, source = practice } = rule;
    return [
      {
        code: rule.code,
        severity: typeof severity === 'function' ? severity(examined) : severity,
        facts: {
          names: picked.map(({ sentenceName }) => sentenceName),
          massG,
          pctOfMix: (100 * massG) / examined.measured.totalG,
          ...rule.more?.(examined, picked),
        },
        source,
        // Each rule's own type ties its code to what `more` brings.
      } as Finding,
    ];
  });
};
