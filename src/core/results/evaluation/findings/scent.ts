import { isForSkin, useOf } from '@/core/formula/model/messages';
import { gramsWhere } from '@/core/matter/materials/portion';
import type { Role, Trait } from '@/core/matter/materials/types';
import {
  DECLARED_FROM_PCT,
  cautionedForInfants,
  cautionedInPregnancy,
  declaredAllergens,
} from '../../scent/cautions';
import { isHotOrCold } from '../../scent/wholeOils';
import type { Examined, Finding, Rule } from '../types';

const practice = 'common practice';
const detergents = 'EU Regulation 648/2004, annex VII; not checked against the current rule';
const regulation = 'EU Regulation 1223/2009 and 2023/1545; not checked against the current rule';
/** So little vanillin does not show. Rovack estimate. */
const BROWNING_FROM_PCT = 0.01;
/**
 * Parts of menthol that one part of a solvent takes: strong alcohol more than its own weight (solubility handbooks,
 * not looked up; 1 is sure), warm oil and scents half of theirs. Common practice.
 */
const MENTHOL_IN: Readonly<Partial<Record<Role, number>>> = {
  alcohol: 1,
  oil: 0.5,
  butter: 0.5,
  scent: 0.5,
};
/** Weaker alcohol than this holds little of it, share of alcohol by mass. */
const STRONG_ALCOHOL = 0.85;
const IN_WEAK_ALCOHOL = 0.25;
/** What carries a scent into the water. */
const CARRIERS: ReadonlySet<Role> = new Set<Role>(['emulsifier', 'oil', 'butter', 'foamer']);
/** So little scent spreads by itself, % of the mix. Rovack estimate. */
const FLOATS_FROM_PCT = 0.1;

/** Cautions that come with what is scented. */
export const scentRules: Rule = (examined) => [
  ...unknownLimit(examined),
  ...browning(examined),
  ...menthol(examined),
  ...salicylate(examined),
  ...phototoxic(examined),
  ...pregnancy(examined),
  ...declared(examined),
  ...floats(examined),
  ...steamer(examined),
  ...perBath(examined),
  ...neat(examined),
  ...crystals(examined),
];

const unknownLimit: Rule = ({ measured, conditions }): readonly Finding[] => {
  const documented = new Set(
    conditions.scentDocuments.flatMap(({ materialId, maxPct }) =>
      maxPct === null ? [] : materialId,
    ),
  );
  const unknown = measured.scent.unknown.filter(({ id }) => !documented.has(id));
  if (unknown.length === 0) return [];
  return [
    {
      code: 'scent-limit-unknown',
      severity: 'info',
      facts: { names: unknown.map(({ name }) => name), scents: unknown.length },
      source: practice,
    },
  ];
};

const browning: Rule = ({ measured }): readonly Finding[] => {
  const vanillinPct =
    measured.scent.constituents.find(({ constituent }) => constituent.id === 'vanillin')
      ?.pctOfMix ?? 0;
  if (vanillinPct <= BROWNING_FROM_PCT) return [];
  return [
    {
      code: 'vanillin-browning',
      severity: 'advice',
      facts: { vanillinPct },
      source: practice,
    },
  ];
};

const menthol: Rule = ({ materials }): readonly Finding[] => {
  const names = materials
    .filter(
      ({ material, massG }) =>
        massG > 0 && (material.traits.includes('menthol') || cautionedForInfants(material)),
    )
    .map(({ material }) => material.sentenceName);
  if (names.length === 0) return [];
  const mentholG = gramsWhere(materials, ({ likeId }) => likeId === 'menthol');
  const solventG = gramsWhere(
    materials,
    ({ role, likeId }) => MENTHOL_IN[role] !== undefined && likeId !== 'menthol',
  );
  const takesG = materials.reduce((sum, { material, massG }) => {
    const share =
      material.role === 'alcohol' && material.alcoholFraction.value < STRONG_ALCOHOL
        ? IN_WEAK_ALCOHOL
        : (MENTHOL_IN[material.role] ?? 0);
    return material.likeId === 'menthol' ? sum : sum + massG * share;
  }, 0);
  const caution: Finding = {
    code: 'menthol-caution',
    severity: 'advice',
    facts: { names, mentholG },
    source: practice,
  };
  return mentholG > takesG
    ? [
        caution,
        {
          code: 'menthol-undissolved',
          severity: 'advice',
          facts: { mentholG, solventG },
          source: practice,
        },
      ]
    : [caution];
};

const salicylate: Rule = ({ materials }): readonly Finding[] => {
  const names = having(materials, 'methyl-salicylate');
  if (names.length === 0) return [];
  return [
    {
      code: 'methyl-salicylate-caution',
      severity: 'warning',
      facts: { names, oils: names.length },
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
      facts: { names, oils: names.length },
      source: practice,
    },
  ];
};

const pregnancy: Rule = ({ materials, body }): readonly Finding[] => {
  const names = isForSkin(body.family)
    ? materials
        .filter(
          ({ material, massG }) =>
            massG > 0 && material.role === 'scent' && cautionedInPregnancy(material),
        )
        .map(({ material }) => material.sentenceName)
    : [];
  if (names.length === 0) return [];
  return [
    {
      code: 'pregnancy-caution',
      severity: 'info',
      facts: { names, oils: names.length },
      source: practice,
    },
  ];
};

const declared: Rule = ({ measured, body }): readonly Finding[] => {
  const allergens = declaredAllergens(measured.scent.constituents);
  const forSkin = isForSkin(body.family);
  if (allergens.length === 0) return [];
  return [
    {
      code: 'declare-allergens',
      severity: 'info',
      facts: {
        names: allergens.map(({ constituent }) => constituent.name),
        allergens: allergens.length,
        thresholdPct: DECLARED_FROM_PCT,
        isForSkin: forSkin,
      },
      source: forSkin ? regulation : detergents,
    },
  ];
};

/** Undissolved scent on a bath: in salts and in any piece without a carrier. */
const floats: Rule = ({ materials, measured, body }): readonly Finding[] => {
  const scentG = gramsWhere(materials, ({ role }) => role === 'scent');
  const carrierG = gramsWhere(materials, ({ role }) => CARRIERS.has(role));
  const isLittle = scentG <= (FLOATS_FROM_PCT / 100) * measured.totalG;
  if (useOf(body.family) !== 'tub' || isLittle || carrierG >= scentG) return [];
  return [
    { code: 'scent-floats', severity: 'warning', facts: { scentG, carrierG }, source: practice },
  ];
};

/** What is scented for a shower is too strong to sit in. */
const steamer: Rule = ({ measured, body }): readonly Finding[] =>
  body.family === 'shower-steamer' && measured.scent.loadPct > 0
    ? [
        {
          code: 'steamer-not-for-bath',
          severity: 'info',
          facts: { scentPct: measured.scent.loadPct },
          source: practice,
        },
      ]
    : [];

/** Drops in one bath from which it is more than most people bathe in. Common practice. */
const MANY_DROPS = 20;

/** Oil of one bath in drops, as people think of it. */
const perBath: Rule = ({ measured: { scent } }): readonly Finding[] =>
  scent.perBath
    ? [
        {
          code: 'oil-per-bath',
          severity: scent.perBath.drops > MANY_DROPS ? 'advice' : 'info',
          facts: {
            drops: scent.perBath.drops,
            volumeMl: scent.perBath.volumeMl,
            manyDrops: MANY_DROPS,
          },
          source: practice,
        },
      ]
    : [];

/** Less than a drop burns nobody, g in one bath. */
const NEAT_FROM_G = 0.03;

/** Oils that cool or burn, with nothing to dissolve them: drops of them lie on skin. */
const neat: Rule = ({ materials, measured, body, conditions }): readonly Finding[] => {
  if (useOf(body.family) !== 'tub' || !(measured.totalG > 0)) return [];
  const strong = materials.filter(({ material, massG }) => massG > 0 && isHotOrCold(material));
  const strongG = gramsWhere(strong, () => true);
  const carrierG = gramsWhere(materials, ({ role }) => CARRIERS.has(role));
  const inBathG = (strongG * (conditions.pieceG ?? measured.totalG)) / measured.totalG;
  return strongG > carrierG && inBathG >= NEAT_FROM_G
    ? [
        {
          code: 'neat-strong-oil',
          severity: 'stop',
          facts: { names: strong.map(({ material }) => material.sentenceName), strongG, carrierG },
          source: practice,
        },
      ]
    : [];
};

/** Menthol and camphor cool all of the skin at once in a tub. */
const crystals: Rule = ({ materials, body }): readonly Finding[] => {
  const names = materials
    .filter(
      ({ material, massG }) =>
        massG > 0 && (material.likeId === 'menthol' || material.likeId === 'camphor'),
    )
    .map(({ material }) => material.sentenceName);
  return useOf(body.family) === 'tub' && names.length > 0
    ? [{ code: 'crystals-in-tub', severity: 'stop', facts: { names }, source: practice }]
    : [];
};

function having(materials: Examined['materials'], trait: Trait): readonly string[] {
  return materials
    .filter(({ material, massG }) => massG > 0 && material.traits.includes(trait))
    .map(({ material }) => material.sentenceName);
}
