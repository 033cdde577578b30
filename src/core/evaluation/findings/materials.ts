import { isForSkin, useOf } from '../../formula';
import { ROOM_PCT } from '../../binder';
import { materialById, type Material, type Portion, type Trait } from '../../materials';
import type { FindingCode, FindingFacts, MaterialFacts } from '../facts';
import type { Examined, Finding, Rule, Severity } from '../types';

const practice = 'common practice';
/** A rate may be passed by this factor before a word is worth it. Start value of ours. */
const OVER_RATE_FACTOR = 1.05;
/** Melted warm rather than merely soft in a summer kitchen, °C. Start value of ours. */
const MELTED_OVER_C = 30;
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
const isBorax = (material: Material) => material.likeId === 'borax';
const isAlkali = (material: Material) => material.traits.includes('strong-alkali');
const withAcid = ({ materials }: Examined) =>
  materials.some(({ material }) => material.role === 'acid');
const withTrait =
  (trait: Trait) =>
  ({ materials }: Examined) =>
    materials.some(({ material }) => material.traits.includes(trait));
const pctOf = ({ massG }: Portion, { measured }: Examined) => (100 * massG) / measured.totalG;
const isDamp = ({ conditions }: Examined) => conditions.humidityPct > ROOM_PCT.goodTo;
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
    severity: 'stop',
    holds: forSkin,
    of: isAlkali,
  },
  {
    code: 'not-for-skin',
    severity: 'stop',
    holds: forSkin,
    of: (material) =>
      material.traits.includes('not-for-skin') && !isBorax(material) && !isAlkali(material),
  },
  {
    code: 'not-for-this-use',
    severity: 'warning',
    of: (material) =>
      material.notFor !== null && !material.traits.includes('not-for-skin') && !isAlkali(material),
    picks: ({ material }, examined) => isBarred(material, examined),
    more: (_, picked) => ({ why: picked[0]?.notFor?.value.why ?? '' }),
    source: 'US 21 CFR 73, 74, 82 and EU annex IV, from memory; common practice',
  },
  {
    code: 'detergent-bath-caution',
    severity: 'info',
    holds: forSkin,
    of: has('detergent'),
    source: 'US 21 CFR 740.17, from memory',
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
    source: 'solubility of magnesium carbonate, CRC Handbook, from memory',
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
    code: 'glycerin-with-borax',
    severity: 'warning',
    holds: ({ materials }) => materials.some(({ material }) => isBorax(material)),
    of: ({ likeId }) => likeId === 'glycerin',
    source: 'the borate complex of glycerol, any analytical chemistry text, from memory',
  },
  {
    code: 'crystal-water-melts',
    severity: 'advice',
    of: ({ likeId }) => likeId === 'sodium-carbonate-decahydrate',
    more: () => ({ waterPct: DECAHYDRATE_WATER_PCT }),
    source: 'CRC Handbook, from memory',
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
    code: 'over-usual-rate',
    severity: 'advice',
    holds: ({ body }) => body.family === 'bath-bomb' || body.family === 'shower-steamer',
    of: ({ usualPct }) => usualPct !== null && usualPct !== undefined,
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
    severity: (examined) => (isDamp(examined) ? 'warning' : 'info'),
    holds: ({ body }) => body.method !== 'loose',
    of: has('hygroscopic'),
    more: (examined) => ({
      humidityPct: examined.conditions.humidityPct,
      isDamp: isDamp(examined),
    }),
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
  { code: 'flammable-vapor', severity: 'info', of: has('flammable') },
  {
    code: 'never-with-bleach',
    severity: 'info',
    holds: household,
    of: ({ role }) => role === 'acid',
  },
];

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
          names: picked.map(({ name }) => name),
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
