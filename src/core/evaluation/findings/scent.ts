import { isForSkin } from '../../formula';
import { materialById } from '../../materials';
import { emulsifierTo } from '../fixes';
import type { Examined, Finding, Rule } from '../types';
import { listed, percent } from './words';

const practice = 'common practice';
/** Polysorbate 80 at 0.1 to 0.35 of oils and scent is usual. */
const LEAST_EMULSIFIER = 0.1;
/** So little oil leaves no ring, % of the mix. Start value of ours. */
const OIL_WORTH_CARRYING_PCT = 0.5;
/** So little vanillin does not show. Start value of ours. */
const BROWNING_FROM_PCT = 0.01;

/** Scent load, what carries oils, and cautions that come with what is scented. */
export const scentRules: Rule = (examined) => [
  ...load(examined),
  ...emulsifier(examined),
  ...cautions(examined),
];

function load({ readings }: Examined): readonly Finding[] {
  const { loadPct, usualHighPct, limit } = readings.scent;
  const overLimit: readonly Finding[] =
    limit && loadPct > limit.loadPct
      ? [
          {
            code: 'scent-over-limit',
            severity: 'warning',
            message: `Scent ${percent(loadPct)} of the mix, over the ${percent(limit.loadPct)} this blend may have: ${limit.constituent.name} binds first. Check your supplier’s document, and take some out.`,
            source: limit.constituent.source,
          },
        ]
      : [];
  if (loadPct <= usualHighPct) return overLimit;
  return [
    ...overLimit,
    {
      code: 'scent-load-high',
      severity: 'warning',
      message: `Scent ${percent(loadPct)} of the mix, usual up to ${percent(usualHighPct)}: check every supplier’s limit, or take some out.`,
      source: practice,
    },
  ];
}

function emulsifier(examined: Examined): readonly Finding[] {
  const { body, readings, materials } = examined;
  const share = readings.scent.emulsifierToOil;
  if (body.family !== 'bath-bomb' || share === null || share >= LEAST_EMULSIFIER) return [];
  const oilsG = materials.reduce(
    (sum, { material, massG }) =>
      material.role === 'oil' || material.role === 'butter' ? sum + massG : sum,
    0,
  );
  if ((100 * oilsG) / readings.totalG < OIL_WORTH_CARRYING_PCT) return [];
  const fix = emulsifierTo(examined, LEAST_EMULSIFIER, 'polysorbate-80');
  return [
    {
      code: 'oil-without-emulsifier',
      severity: 'advice',
      message:
        share === 0
          ? 'Nothing carries the oil into the water: a ring, a film, a slippery tub.'
          : `Too little carrier for the oil (${share.toFixed(2)} of it): a ring and a slippery tub.`,
      source: practice,
      ...(fix && { fix }),
    },
  ];
}

function cautions({ materials, body, readings }: Examined): readonly Finding[] {
  const names = (trait: Parameters<typeof has>[1]) =>
    materials
      .filter(({ material }) => has(material.id, trait))
      .map(({ material }) => material.name);
  const unknown = readings.scent.unknownIds.map((id) => materialById(id).name);
  const vanillin = readings.scent.constituents.find(
    ({ constituent }) => constituent.id === 'vanillin',
  );
  const menthol = names('menthol');
  const salicylate = names('methyl-salicylate');
  const phototoxic = isForSkin(body.family) ? names('phototoxic') : [];
  return [
    ...caution(
      unknown,
      'scent-limit-unknown',
      'info',
      `No limit on file for ${listed(unknown)}: check your supplier’s document.`,
    ),
    ...caution(
      vanillin && vanillin.pctOfMix > BROWNING_FROM_PCT ? ['vanillin'] : [],
      'vanillin-browning',
      'advice',
      `Vanillin ${percent(vanillin?.pctOfMix ?? 0)} of the mix: it turns yellow to brown in days. Plan the color with it.`,
    ),
    ...caution(
      menthol,
      'menthol-caution',
      'advice',
      `${listed(menthol)}: hard on eyes and airways. Gloves when weighing; not near small children, pets or asthma.`,
    ),
    ...caution(
      salicylate,
      'methyl-salicylate-caution',
      'warning',
      `${listed(salicylate)} is nearly all methyl salicylate: very little of it, never for children or with blood thinners.`,
    ),
    ...caution(
      phototoxic,
      'phototoxic-oil',
      'advice',
      `${listed(phototoxic)} can burn the skin in the sun when cold pressed: use a distilled or furanocoumarin-free oil, or keep to the supplier’s limit.`,
    ),
  ];
}

function has(
  materialId: string,
  trait: ReturnType<typeof materialById>['traits'][number],
): boolean {
  return materialById(materialId).traits.includes(trait);
}

function caution(
  names: readonly string[],
  code: string,
  severity: Finding['severity'],
  message: string,
): readonly Finding[] {
  return names.length > 0 ? [{ code, severity, message, source: practice }] : [];
}
