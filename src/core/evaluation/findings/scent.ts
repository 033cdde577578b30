import { isForSkin } from '../../formula';
import { materialById, type Trait } from '../../materials';
import { DECLARED_FROM_PCT, declaredAllergens, cautionedInPregnancy } from '../../scent';
import { emulsifierTo } from '../fixes';
import type { Examined, Finding, Rule } from '../types';
import { listed, percent } from './words';

const practice = 'common practice';
const regulation = 'EU Regulation 1223/2009 and 2023/1545, from memory';
/** Polysorbate 80 at 0.1 to 0.35 of oils and scent is usual. */
const LEAST_EMULSIFIER = 0.1;
/** So little oil leaves no ring, % of the mix. Start value of ours. */
const OIL_WORTH_CARRYING_PCT = 0.5;
/** So little vanillin does not show. Start value of ours. */
const BROWNING_FROM_PCT = 0.01;
/** Menthol wants at least this much alcohol or oil for each part. Common practice. */
const SOLVENT_TO_MENTHOL = 2;

/** Scent load, what carries oils, and cautions that come with what is scented. */
export const scentRules: Rule = (examined) => [
  ...overLimit(examined),
  ...overUsual(examined),
  ...emulsifier(examined),
  ...unknownLimit(examined),
  ...browning(examined),
  ...menthol(examined),
  ...salicylate(examined),
  ...phototoxic(examined),
  ...pregnancy(examined),
  ...declared(examined),
];

const overLimit: Rule = ({ readings }): readonly Finding[] => {
  const { loadPct, limit } = readings.scent;
  if (!limit || loadPct <= limit.loadPct) return [];
  return [
    {
      code: 'scent-over-limit',
      severity: 'warning',
      message: `Scent ${percent(loadPct)} of the mix, over the ${percent(limit.loadPct)} this blend may have: ${limit.binds} binds first.`,
      todo: 'Take some out, and check your supplier’s document.',
      numbers: { loadPct, limitPct: limit.loadPct },
      source: limit.source,
    },
  ];
};

const overUsual: Rule = ({ readings }): readonly Finding[] => {
  const { loadPct, usualHighPct } = readings.scent;
  if (loadPct <= usualHighPct) return [];
  return [
    {
      code: 'scent-load-high',
      severity: 'warning',
      message: `Scent ${percent(loadPct)} of the mix, usual up to ${percent(usualHighPct)}.`,
      todo: 'Check every supplier’s limit, or take some out.',
      numbers: { loadPct, usualHighPct },
      source: practice,
    },
  ];
};

function emulsifier(examined: Examined): readonly Finding[] {
  const { body, readings, materials } = examined;
  const share = readings.scent.emulsifierToOil;
  if (body.family !== 'bath-bomb' || share === null || share >= LEAST_EMULSIFIER) return [];
  const oilsPct = (100 * gramsOf(materials, 'oil', 'butter')) / readings.totalG;
  if (oilsPct < OIL_WORTH_CARRYING_PCT) return [];
  const fix = emulsifierTo(examined, LEAST_EMULSIFIER, 'polysorbate-80');
  return [
    {
      code: 'oil-without-emulsifier',
      severity: 'advice',
      message:
        share === 0
          ? 'Nothing carries the oil into the water: a ring, a film, a slippery tub.'
          : `Too little carrier for the oil (${share.toFixed(2)} of it): a ring and a slippery tub.`,
      todo: 'Add polysorbate 80, 0.1 to 0.35 of the oils and scent; as much again truly carries it.',
      numbers: { emulsifierToOil: share, oilsPct },
      source: practice,
      ...(fix && { fix }),
    },
  ];
}

const unknownLimit: Rule = ({ readings, conditions }): readonly Finding[] => {
  const documented = new Set(conditions.scentDocuments?.map(({ materialId }) => materialId));
  const unknown = readings.scent.unknownIds.filter((id) => !documented.has(id));
  if (unknown.length === 0) return [];
  return [
    {
      code: 'scent-limit-unknown',
      severity: 'info',
      message: `No limit on file for ${listed(unknown.map((id) => materialById(id).name))}.`,
      todo: 'Check your supplier’s document.',
      numbers: { scents: unknown.length },
      source: practice,
    },
  ];
};

const browning: Rule = ({ readings }): readonly Finding[] => {
  const vanillinPct =
    readings.scent.constituents.find(({ constituent }) => constituent.id === 'vanillin')
      ?.pctOfMix ?? 0;
  if (vanillinPct <= BROWNING_FROM_PCT) return [];
  return [
    {
      code: 'vanillin-browning',
      severity: 'advice',
      message: `Vanillin ${percent(vanillinPct)} of the mix: it turns yellow to brown in days.`,
      todo: 'Plan the color with it, or ask for a vanillin-free scent.',
      numbers: { vanillinPct },
      source: practice,
    },
  ];
};

const menthol: Rule = ({ materials }): readonly Finding[] => {
  const names = having(materials, 'menthol');
  if (names.length === 0) return [];
  const crystalsG = materials.reduce(
    (sum, { material, massG }) => (material.likeId === 'menthol' ? sum + massG : sum),
    0,
  );
  const solventG = gramsOf(materials, 'alcohol', 'oil', 'butter', 'scent') - crystalsG;
  return [
    {
      code: 'menthol-caution',
      severity: 'advice',
      message: `${listed(names)}: hard on eyes and airways.`,
      todo: 'Gloves when weighing; not near infants, small children, pets or asthma.',
      numbers: { mentholG: crystalsG },
      source: practice,
    },
    ...(crystalsG > 0 && solventG < SOLVENT_TO_MENTHOL * crystalsG
      ? [
          {
            code: 'menthol-undissolved',
            severity: 'advice' as const,
            message: 'The menthol has too little to dissolve in: crystals stay in lumps.',
            todo: '1 part in 2 to 4 parts of high-proof alcohol, or melted into warm oil.',
            numbers: { mentholG: crystalsG, solventG },
            source: practice,
          },
        ]
      : []),
  ];
};

const salicylate: Rule = ({ materials }): readonly Finding[] => {
  const names = having(materials, 'methyl-salicylate');
  if (names.length === 0) return [];
  return [
    {
      code: 'methyl-salicylate-caution',
      severity: 'warning',
      message: `${listed(names)} is nearly all methyl salicylate: it acts like aspirin through the skin.`,
      todo: 'Very little of it, never for children or with blood thinners.',
      numbers: { oils: names.length },
      source: practice,
    },
  ];
};

const phototoxic: Rule = ({ materials, body }): readonly Finding[] => {
  const names = isForSkin(body.family) ? having(materials, 'phototoxic') : [];
  if (names.length === 0) return [];
  return [
    {
      code: 'phototoxic-oil',
      severity: 'advice',
      message: `${listed(names)} can burn the skin in the sun when cold pressed.`,
      todo: 'Use a distilled or furanocoumarin-free oil, or keep to the supplier’s limit.',
      numbers: { oils: names.length },
      source: practice,
    },
  ];
};

const pregnancy: Rule = ({ materials, body }): readonly Finding[] => {
  const names = isForSkin(body.family)
    ? materials
        .filter(({ material, massG }) => massG > 0 && cautionedInPregnancy(material.id))
        .map(({ material }) => material.name)
    : [];
  if (names.length === 0) return [];
  return [
    {
      code: 'pregnancy-caution',
      severity: 'info',
      message: `${listed(names)}: commonly advised against in pregnancy.`,
      todo: 'Say so on the label, and to ask a doctor or midwife.',
      numbers: { oils: names.length },
      source: practice,
    },
  ];
};

const declared: Rule = ({ readings, body }): readonly Finding[] => {
  const allergens = isForSkin(body.family) ? declaredAllergens(readings.scent.constituents) : [];
  if (allergens.length === 0) return [];
  return [
    {
      code: 'declare-allergens',
      severity: 'info',
      message: `Over ${DECLARED_FROM_PCT} % of the mix: ${listed(allergens.map(({ constituent }) => constituent.name))}.`,
      todo: 'Name them in the list of ingredients where the EU’s rules hold.',
      numbers: { allergens: allergens.length, thresholdPct: DECLARED_FROM_PCT },
      source: regulation,
    },
  ];
};

function having(materials: Examined['materials'], trait: Trait): readonly string[] {
  return materials
    .filter(({ material, massG }) => massG > 0 && material.traits.includes(trait))
    .map(({ material }) => material.name);
}

function gramsOf(materials: Examined['materials'], ...roles: readonly string[]): number {
  return materials.reduce(
    (sum, { material, massG }) => (roles.includes(material.role) ? sum + massG : sum),
    0,
  );
}
