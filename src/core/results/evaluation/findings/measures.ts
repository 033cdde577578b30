import { allLines } from '@/core/formula/model/edit';
import { dangerousMeant, dangersIn } from '@/core/matter/materials/names/dangers/find';
import type { DangerousSubstance } from '@/core/matter/materials/names/dangers/types';
import type { Finding, Rule } from '../types';

/** A line that may be off by more than this is named. Rovack estimate. */
const UNCERTAIN_FRACTION = 0.05;
/** Traces off by half move nothing: only lines that carry weight are named, share of the mix. */
const HEAVY_FRACTION = 0.02;
/** A ratio that is this sure is not worth a word. */
const WORTH_SAYING = 0.05;

/** Cups and spoons: what they leave open, and lines that still wait. */
export const measureRules: Rule = (examined) => [
  ...dangerous(examined),
  ...washingSoda(examined),
  ...volumes(examined),
  ...unread(examined),
];

/** What must not be in it at all, whether it is still asked or on the shelf by that name. */
const dangerous: Rule = ({ body, materials }): readonly Finding[] => {
  const named = (text: string) => dangersIn(text).map(({ substance }) => substance);
  const meant = new Set([
    ...body.unread.flatMap(({ reason, text }) => [
      ...[reason.code === 'dangerous' ? dangerousMeant(reason.about) : null].filter(
        (one) => one !== null,
      ),
      ...named(text),
    ]),
    ...(body.notes ?? []).flatMap(named),
    ...materials.flatMap(({ material, massG }) =>
      massG > 0 && material.id !== material.likeId
        ? [material.name, material.inci].flatMap(named)
        : [],
    ),
  ]);
  // What is barred on skin is a warning in a piece that cleans.
  const isWarned = ({ level, notOnSkin }: DangerousSubstance) =>
    level === 'warning' || (notOnSkin === true && body.family === 'cleaning-fizzy');
  const of = (severity: 'stop' | 'warning') => {
    const such = [...meant].filter((one) => isWarned(one) === (severity === 'warning'));
    return such.length === 0
      ? []
      : [
          {
            code: 'dangerous-substance' as const,
            severity,
            facts: { names: such.map(({ name }) => name), whys: such.map(({ why }) => why) },
            source:
              'inorganic chemistry; EU Regulation 1272/2008; not checked against the current rule',
          },
        ];
  };
  return [...of('stop'), ...of('warning')];
};

/** Monohydrate against anhydrous, by their molar masses: 106.0 of 124.0. */
const MONOHYDRATE_WEAKER_PCT = 100 * (1 - 105.99 / 124.0);

/** Crystals against anhydrous, likewise: 286.1 of 106.0. */
const CRYSTALS_TIMES = 286.14 / 105.99;

/** “Washing soda” on a box is one of two things; said where the line names it no closer. */
const washingSoda: Rule = ({ body }): readonly Finding[] => {
  const names = allLines(body).flatMap(({ materialId, written }) =>
    materialId === 'sodium-carbonate' &&
    written &&
    /washing soda/i.test(written) &&
    !/anhydrous/i.test(written)
      ? [written]
      : [],
  );
  return names.length > 0
    ? [
        {
          code: 'washing-soda-hydrate',
          severity: 'advice',
          facts: {
            names,
            weakerPct: MONOHYDRATE_WEAKER_PCT,
            crystalsTimes: CRYSTALS_TIMES,
          },
          source: 'molar masses, IUPAC 2021',
        },
      ]
    : [];
};

const volumes: Rule = ({ materials, measured }): readonly Finding[] => {
  const uncertain = materials.filter(
    ({ massG, lowG, highG }) =>
      highG - lowG > 2 * UNCERTAIN_FRACTION * massG && massG > HEAVY_FRACTION * measured.totalG,
  );
  if (uncertain.length === 0) return [];
  const spread = measured.fizz.ratioSpread;
  const isWide = spread !== null && spread.high - spread.low > WORTH_SAYING;
  return [
    {
      code: 'volume-measure-uncertain',
      severity: 'advice',
      facts: {
        names: uncertain.map(({ material }) => material.sentenceName),
        lines: uncertain.length,
        ...(isWide && { ratioLow: spread.low, ratioHigh: spread.high }),
      },
      source: 'Rovack estimate on USDA portions',
    },
  ];
};

const unread: Rule = ({ body }): readonly Finding[] =>
  body.unread.length === 0
    ? []
    : [
        {
          code: 'unread-lines',
          severity: 'warning',
          facts: { lines: body.unread.length },
          source: 'the recipe text',
        },
      ];
