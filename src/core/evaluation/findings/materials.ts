import { isForSkin, useOf } from '../../formula';
import { materialById, type Material, type Trait } from '../../materials';
import type { Examined, Finding, Rule } from '../types';
import { grams, listed, percent } from './words';

const practice = 'common practice';
/** From here a hygroscopic salt is a warning, % relative humidity. Common practice. */
const DAMP_ROOM_PCT = 50;

type Entry = Examined['materials'][number];

/** One rule about single materials: which it speaks of, and what it says of them. */
interface MaterialRule {
  readonly code: string;
  readonly severity: Finding['severity'] | ((examined: Examined) => Finding['severity']);
  /** Leave out to hold for every formula. */
  readonly holds?: (examined: Examined) => boolean;
  readonly picks: (entry: Entry, examined: Examined) => boolean;
  readonly says: (names: string, massG: number, examined: Examined) => string;
  readonly todo: string;
  readonly source?: string;
}

const has = (trait: Trait) => (entry: Entry) => entry.material.traits.includes(trait);
const forSkin = ({ body }: Examined) => isForSkin(body.family);
const household = ({ body }: Examined) => !isForSkin(body.family);
/** Melted warm rather than merely soft in a summer kitchen. */
const isMelted = (material: Material) => (material.meltingC?.value ?? 0) > 30 && material.isLiquid;
const isBorax = (material: Material) => material.likeId === 'borax';
const isAlkali = (material: Material) => material.traits.includes('strong-alkali');
const withAcid = ({ materials }: Examined) =>
  materials.some(({ material }) => material.role === 'acid');
const withTrait =
  (trait: Trait) =>
  ({ materials }: Examined) =>
    materials.some(({ material }) => material.traits.includes(trait));

const RULES: readonly MaterialRule[] = [
  {
    code: 'borax-in-bath-product',
    severity: 'stop',
    holds: forSkin,
    picks: ({ material }) => isBorax(material),
    says: () => 'Borax never goes into a bath product.',
    todo: 'Take it out.',
  },
  {
    code: 'alkali-in-bath-product',
    severity: 'stop',
    holds: forSkin,
    picks: ({ material }) => isAlkali(material),
    says: (names) => `${names} is too alkaline for skin.`,
    todo: 'Use baking soda.',
  },
  {
    code: 'not-for-skin',
    severity: 'stop',
    holds: forSkin,
    picks: ({ material }) =>
      material.traits.includes('not-for-skin') && !isBorax(material) && !isAlkali(material),
    says: (names) => `${names} does not belong on skin.`,
    todo: 'Take it out.',
  },
  {
    code: 'not-for-this-use',
    severity: 'warning',
    picks: ({ material }, { body }) =>
      material.notFor?.value.uses.includes(useOf(body.family)) === true &&
      !material.traits.includes('not-for-skin') &&
      !isAlkali(material),
    says: (names, _massG, { materials, body }) =>
      `${names} does not belong here: ${
        materials.find(({ material }) => material.notFor?.value.uses.includes(useOf(body.family)))
          ?.material.notFor?.value.why ?? ''
      }.`,
    todo: 'Choose another, and check the rules of the place you sell in.',
    source: 'US 21 CFR 73, 74, 82 and EU annex IV, from memory; common practice',
  },
  {
    code: 'detergent-bath-caution',
    severity: 'info',
    holds: forSkin,
    picks: has('detergent'),
    says: (names) => `${names} foams: a foaming bath product has to carry its caution.`,
    todo: 'Put the caution of US 21 CFR 740.17 on the label.',
    source: 'US 21 CFR 740.17, from memory',
  },
  {
    code: 'oil-in-cleaning-piece',
    severity: 'advice',
    holds: household,
    picks: has('skin-oil'),
    says: (names) => `${names} leaves a film where you want none.`,
    todo: 'Leave it out: cleaning pieces need no skin oil.',
  },
  {
    code: 'oil-in-steamer',
    severity: 'advice',
    holds: ({ body }) => body.family === 'shower-steamer',
    picks: has('skin-oil'),
    says: (names) => `${names} washes onto the shower floor: slippery underfoot.`,
    todo: 'Leave it out, or keep it to a trace that holds the piece.',
  },
  {
    code: 'magnesium-carbonate-scale',
    severity: 'warning',
    holds: withTrait('strong-alkali'),
    picks: has('magnesium'),
    says: (names, massG) =>
      `${grams(massG)} of ${names} meets washing soda: magnesium carbonate, a white film on glass and pipes.`,
    todo: 'Soften with citrate instead, or leave one of the two out.',
    source: 'solubility of magnesium carbonate, CRC Handbook, from memory',
  },
  {
    code: 'ultramarine-with-acid',
    severity: 'warning',
    holds: withAcid,
    picks: has('sulfide-with-acid'),
    says: (names) => `${names} gives hydrogen sulfide with acid: it smells of bad eggs.`,
    todo: 'Use a lake or an acid-proof blue.',
  },
  {
    code: 'oxidizer-with-acid',
    severity: 'warning',
    holds: withAcid,
    picks: has('oxidizer'),
    says: (names) => `${names} with acid gives off oxygen when damp, and bleaches dyes and scent.`,
    todo: 'Keep it bone dry in what breathes; never with chlorine bleach.',
  },
  {
    code: 'glycerin-with-borax',
    severity: 'warning',
    holds: ({ materials }) => materials.some(({ material }) => isBorax(material)),
    picks: ({ material }) => material.likeId === 'glycerin',
    says: () => 'Glycerin and borax make a stronger acid together: the mix can react in the bowl.',
    todo: 'Leave the glycerin out.',
    source: 'the borate complex of glycerol, any analytical chemistry text, from memory',
  },
  {
    code: 'crystal-water-melts',
    severity: 'advice',
    picks: ({ material }) => material.likeId === 'sodium-carbonate-decahydrate',
    says: (names, massG) =>
      `${grams(massG)} of ${names} is ${percent(62.9)} water in crystals that melt at 34 °C: it wets the mix by itself.`,
    todo: 'Use the anhydrous or the monohydrate, or count the water in.',
    source: 'CRC Handbook, from memory',
  },
  {
    code: 'weak-alcohol-water',
    severity: 'advice',
    picks: has('weak-alcohol'),
    says: (names, massG) => `${names} (${grams(massG)}) brings water along; it is counted.`,
    todo: '91 % alcohol or stronger brings less.',
  },
  {
    code: 'wet-acid-reacts',
    severity: 'advice',
    holds: ({ readings }) => readings.fizz.baseEquivalentsMol > 0,
    picks: ({ material }) =>
      material.isLiquid && (material.chemistry?.value.length ?? 0) > 0 && material.role !== 'milk',
    says: (names, massG) =>
      `${names} (${grams(massG)}) is acid in water: it reacts in the bowl, and what fizzes there is gone before use.`,
    todo: 'By the spoon, mixing fast, and reckon with a weaker piece.',
  },
  {
    code: 'color-over-rate',
    severity: 'advice',
    picks: ({ material, massG }, { readings }) => {
      const most = material.usualMaxPct?.value;
      return most !== undefined && (100 * massG) / readings.totalG > most;
    },
    says: (names, massG, { readings }) =>
      `${names} at ${percent((100 * massG) / readings.totalG)} of the mix is over its usual rate: it may stain tub and skin.`,
    todo: 'Start low; color cannot be taken out again.',
  },
  {
    code: 'over-usual-rate',
    severity: 'advice',
    picks: ({ material, massG }, { readings, body }) => {
      const most = material.usualPct?.value.highPct;
      const isCommon = body.family === 'bath-bomb' || body.family === 'shower-steamer';
      return isCommon && most !== undefined && (100 * massG) / readings.totalG > most * 1.05;
    },
    says: (names, massG, { readings }) =>
      `${names} at ${percent((100 * massG) / readings.totalG)} of the mix is over what makers usually put in.`,
    todo: 'It slows the fizz; try less.',
  },
  {
    code: 'melt-before-alcohol',
    severity: 'info',
    holds: withTrait('flammable'),
    picks: ({ material }, { body }) =>
      isMelted(material) &&
      body.parts.some(({ lines }) => {
        const beaker = lines.map(({ materialId }) => materialById(materialId));
        return (
          beaker.includes(material) && beaker.some(({ traits }) => traits.includes('flammable'))
        );
      }),
    says: (names) => `${names} is melted warm, and alcohol is in the same beaker.`,
    todo: 'Melt first, let it cool to lukewarm, alcohol last and off the heat.',
  },
  {
    code: 'hygroscopic-salt',
    severity: ({ conditions }) => (conditions.humidityPct > DAMP_ROOM_PCT ? 'warning' : 'info'),
    holds: ({ body }) => body.method !== 'loose',
    picks: has('hygroscopic'),
    says: (names, _massG, { conditions: { humidityPct } }) =>
      `${names} draws water: ${humidityPct > DAMP_ROOM_PCT ? `at ${humidityPct} % pieces go soft` : 'fine in this room, soft in a damp store'}.`,
    todo: 'Wrap early and tight.',
  },
  {
    code: 'botanical-drain',
    severity: 'info',
    picks: has('drain'),
    says: (names) => `${names} can clog a drain.`,
    todo: 'Pack it with a bag or a strainer.',
  },
  {
    code: 'food-allergen',
    severity: 'info',
    holds: forSkin,
    picks: ({ material }) => material.foodAllergen !== null,
    says: (names, _massG, { materials }) =>
      `${names}: people with an allergy ask (${listed(
        materials.flatMap(({ material }) => material.foodAllergen?.value ?? []),
      )}).`,
    todo: 'Name it plainly on the label.',
  },
  {
    code: 'slip-caution',
    severity: 'info',
    holds: forSkin,
    picks: has('skin-oil'),
    says: () => 'Oils make tubs and shower floors slippery.',
    todo: 'Say so on the label.',
  },
  {
    code: 'dust-caution',
    severity: 'info',
    picks: has('irritating-dust'),
    says: (names) => `${names}: the dust irritates nose, eyes and lungs.`,
    todo: 'Mask, goggles, gloves, no fan across the bowl.',
  },
  {
    code: 'flammable-vapor',
    severity: 'info',
    picks: has('flammable'),
    says: (names) => `${names}: the vapor burns.`,
    todo: 'No flame, no oven, air the room.',
  },
  {
    code: 'never-with-bleach',
    severity: 'info',
    holds: household,
    picks: ({ material }) => material.role === 'acid',
    says: () => 'The acid frees chlorine from bleach.',
    todo: 'Label: never with bleach or other cleaners; out of the reach of children.',
  },
];

/** What single materials ask for, in this family and this company. */
export const materialRules: Rule = (examined) =>
  RULES.flatMap((rule): readonly Finding[] => {
    if (rule.holds && !rule.holds(examined)) return [];
    const entries = examined.materials.filter(
      (entry) => entry.massG > 0 && rule.picks(entry, examined),
    );
    if (entries.length === 0) return [];
    const massG = entries.reduce((sum, entry) => sum + entry.massG, 0);
    const names = listed(entries.map(({ material }) => material.name));
    return [
      {
        code: rule.code,
        severity: typeof rule.severity === 'function' ? rule.severity(examined) : rule.severity,
        message: rule.says(names, massG, examined),
        todo: rule.todo,
        numbers: { massG, pctOfMix: (100 * massG) / examined.readings.totalG },
        source: rule.source ?? practice,
      },
    ];
  });
