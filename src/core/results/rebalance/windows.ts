import { speciesById } from '@/core/matter/chemistry/species';
import type { Conditions } from '../conditions/types';
import { USUAL_OF_BALANCE } from '../evaluation/measure';
import type { Evaluation } from '../evaluation/types';
import { isOily } from '../fizz/composition';
import { isForSkin } from '@/core/formula/model/messages';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Material } from '@/core/matter/materials/material';
import { EMULSIFIER_TO_OIL, OIL_WORTH_CARRYING_PCT } from '../scent/carrier';
import { limitedConstituents } from '../scent/limits';
import { keyOf, type Clash } from './clash';
import type { LinearWish } from './program';
import type { Variable } from './variables';
import type { WishId, Wishes } from './wishes';

const HARDENER_PCT = 1.5;
const FOAMER_PCT = 1;
const STRONGER = 1.25;
const CHEAPER = 0.9;
/** What is in the mix stays in it: at least this share of a line, more of acid and base. Rovack estimates. */
const LEAST_OF_LINE = 0.05;
const LEAST_OF_REACTANT = 0.3;
/** A cheaper mix is still the same mix. Rovack estimate. */
const LEAST_WHEN_CHEAPER = 0.5;
/** Where no window holds soda to acid, it may still move by no more than this factor. Rovack estimate. */
const RATIO_MAY_MOVE = 1.25;

/** A wish with what it is called when it clashes. */
export interface NamedWish extends LinearWish {
  readonly clash: Clash;
}

export interface Question {
  readonly body: FormulaBody;
  readonly conditions: Conditions;
  readonly evaluation: Evaluation;
  readonly variables: readonly Variable[];
  readonly wishes: Wishes;
  readonly totalG: number;
  /** Oil may come in that has to be carried: the emulsifier's window holds though there is little of it yet. */
  readonly bringsOil: boolean;
  /** How far inside its edges a window is met, as a share of them, so that rounding does not leave it; 0 for the edge itself. */
  readonly inside: Inside;
}

export interface Inside {
  readonly share: number;
  /** For traces, which round to a hundredth of a gram. */
  readonly ofTraces: number;
}

/** Room for a scale that shows a tenth of a gram. */
export const INSIDE_FOR_ROUNDING: Inside = { share: 0.01, ofTraces: 0.03 };
/** The edge itself, but for the last digits. */
export const AT_THE_EDGE: Inside = { share: 1e-5, ofTraces: 1e-5 };

/** Every window that is linear in grams, and every wish, as rows of a program; what a maker asked for stands last, so that a clash is named by it. */
export function linearWishes(question: Question): readonly NamedWish[] {
  return [
    ...stays(question),
    ...(question.wishes.ratio === null ? ratio(question) : []),
    ...scent(question),
    ...emulsifier(question),
    ...dispersant(question),
    ...rates(question),
    ...total(question),
    ...locks(question),
    ...(question.wishes.ratio === null ? [] : ratio(question)),
    ...wished(question),
  ];
}

type Weight = (variable: Variable) => number;

function row(
  { variables }: Question,
  clash: Clash,
  weight: Weight,
  atLeast: number,
  isExact = false,
): NamedWish {
  return { group: keyOf(clash), clash, weights: variables.map(weight), atLeast, isExact };
}

function locks(question: Question): readonly NamedWish[] {
  return question.variables
    .filter(({ isLocked }) => isLocked)
    .map((locked) =>
      row(
        question,
        {
          code: 'lock',
          lineId: locked.lineId ?? '',
          name: locked.material.sentenceName,
          massG: locked.massG,
        },
        (variable) => (variable === locked ? 1 : 0),
        locked.massG,
        true,
      ),
    );
}

/** The total is free unless it was asked for. */
function total(question: Question): readonly NamedWish[] {
  const { totalG } = question.wishes;
  return totalG === null ? [] : [row(question, { code: 'total', totalG }, () => 1, totalG, true)];
}

/** No line is taken out; a drier mix gets no more that is watery, a cheaper one no water for its starch. */
function stays(question: Question): readonly NamedWish[] {
  const { variables, wishes, totalG } = question;
  const grown = (wishes.totalG ?? totalG) / totalG;
  const isDrier = wishes.ids.includes('drier');
  const isCheaper = wishes.ids.includes('cheaper');
  return variables.flatMap((variable): readonly NamedWish[] => {
    const { material, massG, isLocked } = variable;
    if (isLocked) return [];
    const reacts = material.role === 'acid' || material.role === 'base';
    const least = isCheaper ? LEAST_WHEN_CHEAPER : reacts ? LEAST_OF_REACTANT : LEAST_OF_LINE;
    const clash: Clash = { code: 'stays', name: material.sentenceName };
    const own = (other: Variable) => (other === variable ? 1 : 0);
    const isWatery = material.waterFraction.value > 0 && material.isLiquid;
    return [
      ...(massG > 0 ? [row(question, clash, own, least * massG * Math.min(1, grown))] : []),
      ...((isDrier || isCheaper) && isWatery
        ? [row(question, clash, (other) => -own(other), -massG * grown)]
        : []),
    ];
  });
}

/** Equivalents a gram brings. */
function equivalents(material: Material, side: 'acid' | 'base'): number {
  return (material.chemistry?.value ?? []).reduce((sum, { speciesId, fraction }) => {
    const species = speciesById(speciesId);
    return species.side === side
      ? sum + (fraction * species.equivalentsPerMol) / species.molarMassGMol
      : sum;
  }, 0);
}

/** Grams of fizzing base or of acid a gram brings. */
function reactingG(material: Material, side: 'acid' | 'base'): number {
  return (material.chemistry?.value ?? []).reduce((sum, { speciesId, fraction }) => {
    const species = speciesById(speciesId);
    const counts = species.side === side && (side === 'acid' || species.carbonDioxidePerMol > 0);
    return counts ? sum + fraction : sum;
  }, 0);
}

function ratio(question: Question): readonly NamedWish[] {
  const { wishes } = question;
  if (wishes.ratio !== null) {
    const wanted = wishes.ratio;
    return [
      row(
        question,
        { code: 'wished-ratio', ratio: wanted },
        ({ material }) => reactingG(material, 'base') - wanted * reactingG(material, 'acid'),
        0,
        true,
      ),
    ];
  }
  const { low, high } = ratioWindow(question);
  if (low === null || high === null) return [];
  const side = (sign: 1 | -1, edge: number) =>
    row(
      question,
      { code: 'ratio' },
      ({ material }) =>
        sign * (equivalents(material, 'base') - edge * equivalents(material, 'acid')),
      0,
    );
  return [side(1, low), side(-1, high)];
}

/** Base over acid by equivalents: the usual window on skin, a little either way of what it is in a cleaning piece. */
function ratioWindow({ body, evaluation: { fizz }, inside: { share } }: Question): {
  readonly low: number | null;
  readonly high: number | null;
} {
  if (isForSkin(body.family))
    return { low: USUAL_OF_BALANCE.low * (1 + share), high: USUAL_OF_BALANCE.high * (1 - share) };
  const { acidEquivalentsMol: acid, baseEquivalentsMol: base } = fizz;
  if (!(acid > 0 && base > 0)) return { low: null, high: null };
  return { low: base / acid / RATIO_MAY_MOVE, high: (base / acid) * RATIO_MAY_MOVE };
}

function scent(question: Question): readonly NamedWish[] {
  const { variables, evaluation, conditions, inside } = question;
  const scents = variables.filter(({ material }) => material.role === 'scent');
  if (scents.length === 0) return [];
  const usual = row(
    question,
    { code: 'scent-usual', usualHighPct: evaluation.scent.usualHighPct },
    ({ material }) =>
      (evaluation.scent.usualHighPct / 100) * (1 - inside.share) -
      (material.role === 'scent' ? 1 : 0),
    0,
  );
  const limits = limitedConstituents(
    scents.map(({ material }) => material),
    question.body.family,
    conditions.scentDocuments,
  ).map(({ name, limitPct, shareOf }) =>
    row(
      question,
      { code: 'limit', name },
      ({ material }) => (limitPct / 100) * (1 - inside.share) - shareOf(material.id),
      0,
    ),
  );
  return [usual, ...limits];
}

/** An emulsifier carries oil and never binds a mix by itself: it may become more only as there is oil for it. */
function dispersant(question: Question): readonly NamedWish[] {
  const { variables, wishes, totalG } = question;
  const emulsifies = ({ material }: Variable) => material.role === 'emulsifier';
  if (!variables.some((variable) => emulsifies(variable) && !variable.isLocked)) return [];
  const nowG = variables.reduce((sum, one) => (emulsifies(one) ? sum + one.massG : sum), 0);
  const grown = (wishes.totalG ?? totalG) / totalG;
  return [
    row(
      question,
      { code: 'emulsifier' },
      (variable) => (emulsifies(variable) ? -1 : isOily(variable.material) ? 1 : 0),
      -nowG * grown,
    ),
  ];
}

function emulsifier(question: Question): readonly NamedWish[] {
  const { body, variables, totalG, inside } = question;
  const oilG = variables.reduce(
    (sum, { material, massG }) =>
      material.role === 'oil' || material.role === 'butter' ? sum + massG : sum,
    0,
  );
  const isWorthIt = question.bringsOil || (100 * oilG) / totalG >= OIL_WORTH_CARRYING_PCT;
  if (body.family !== 'bath-bomb' || !isWorthIt) return [];
  return [
    row(
      question,
      { code: 'emulsifier' },
      ({ material }) =>
        material.role === 'emulsifier'
          ? 1
          : isOily(material)
            ? -EMULSIFIER_TO_OIL.least * (1 + inside.share)
            : 0,
      0,
    ),
  ];
}

/** Usual rates hold for bombs and steamers; a color's for all. A line over its rate that is locked clashes, and says so. */
function rates(question: Question): readonly NamedWish[] {
  const { body, variables, inside } = question;
  const isCommon = body.family === 'bath-bomb' || body.family === 'shower-steamer';
  const ids = [...new Set(variables.map(({ material }) => material.id))];
  return ids.flatMap((id) => {
    const material = variables.find((variable) => variable.material.id === id)?.material;
    const mostPct =
      material?.usualMaxPct?.value ?? (isCommon ? material?.usualPct?.value.highPct : undefined);
    if (!material || mostPct === undefined) return [];
    return [
      row(
        question,
        { code: 'rate', name: material.sentenceName },
        (variable) =>
          (mostPct / 100) * (1 - inside.ofTraces) - (variable.material.id === id ? 1 : 0),
        0,
      ),
    ];
  });
}

function wished(question: Question): readonly NamedWish[] {
  const { wishes, variables, totalG } = question;
  const shareNow = (weight: Weight) =>
    variables.reduce((sum, variable) => sum + weight(variable) * variable.massG, 0) / totalG;
  const share = (id: WishId, weight: Weight, least: number) =>
    row(question, { code: 'wish', id }, (variable) => weight(variable) - least, 0);
  const inRole =
    (...roles: string[]): Weight =>
    ({ material }) =>
      roles.includes(material.role) ? 1 : 0;
  return wishes.ids.flatMap((id): readonly NamedWish[] => {
    switch (id) {
      case 'harder': {
        const hardener: Weight = ({ material }) =>
          material.role === 'clay' || material.likeId === 'potassium-bitartrate' ? 1 : 0;
        return [share(id, hardener, shareNow(hardener) + HARDENER_PCT / 100)];
      }
      case 'more-foam':
        return [share(id, inRole('foamer'), shareNow(inRole('foamer')) + FOAMER_PCT / 100)];
      case 'stronger-scent':
        return [share(id, inRole('scent'), shareNow(inRole('scent')) * STRONGER)];
      case 'cheaper': {
        const price: Weight = ({ material }) => -material.relativePrice.value;
        return [share(id, price, shareNow(price) * CHEAPER)];
      }
      // These bend: see curved.ts.
      case 'longer-fizz':
      case 'drier':
        return [];
    }
  });
}
