import { isForSkin } from '../../formula';
import { gramsWhere, type Role, type Trait } from '../../materials';
import { DECLARED_FROM_PCT, cautionedInPregnancy, declaredAllergens } from '../../scent';
import type { Examined, Finding, Rule } from '../types';

const practice = 'common practice';
const regulation = 'EU Regulation 1223/2009 and 2023/1545, from memory';
/** So little vanillin does not show. Start value of ours. */
const BROWNING_FROM_PCT = 0.01;
/** Menthol wants at least this much alcohol or oil for each part. Common practice. */
const SOLVENT_TO_MENTHOL = 2;
const SOLVENTS: ReadonlySet<Role> = new Set(['alcohol', 'oil', 'butter', 'scent']);

/** Cautions that come with what is scented. */
export const scentRules: Rule = (examined) => [
  ...unknownLimit(examined),
  ...browning(examined),
  ...menthol(examined),
  ...salicylate(examined),
  ...phototoxic(examined),
  ...pregnancy(examined),
  ...declared(examined),
];

const unknownLimit: Rule = ({ measured, conditions }): readonly Finding[] => {
  const documented = new Set(conditions.scentDocuments.map(({ materialId }) => materialId));
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
  const names = having(materials, 'menthol');
  if (names.length === 0) return [];
  const mentholG = gramsWhere(materials, ({ likeId }) => likeId === 'menthol');
  const solventG = gramsWhere(materials, ({ role }) => SOLVENTS.has(role)) - mentholG;
  const caution: Finding = {
    code: 'menthol-caution',
    severity: 'advice',
    facts: { names, mentholG },
    source: practice,
  };
  return mentholG > 0 && solventG < SOLVENT_TO_MENTHOL * mentholG
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
        .map(({ material }) => material.name)
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
  const allergens = isForSkin(body.family) ? declaredAllergens(measured.scent.constituents) : [];
  if (allergens.length === 0) return [];
  return [
    {
      code: 'declare-allergens',
      severity: 'info',
      facts: {
        names: allergens.map(({ constituent }) => constituent.name),
        allergens: allergens.length,
        thresholdPct: DECLARED_FROM_PCT,
      },
      source: regulation,
    },
  ];
};

function having(materials: Examined['materials'], trait: Trait): readonly string[] {
  return materials
    .filter(({ material, massG }) => massG > 0 && material.traits.includes(trait))
    .map(({ material }) => material.name);
}
