import { MAX_SOAKED_FRACTION, dampOf, dampSums, type DampWindow } from '../binder';
import { speciesById } from '../chemistry';
import { USUAL_OF_BALANCE, type Evaluation } from '../evaluation';
import { FILLER_SLOPE, OIL_SLOPE, isFiller, isOily } from '../fizz';
import { isForSkin, type FormulaBody } from '../formula';
import type { Material } from '../materials';
import {
  EMULSIFIER_TO_OIL,
  OIL_WORTH_CARRYING_PCT,
  limitedConstituents,
  type ScentDocument,
} from '../scent';
import { keyOf, type Clash } from './clash';
import type { LinearWish } from './program';
import type { Variable } from './variables';
import type { WishId, Wishes } from './wishes';

/** Windows are met a hair inside, so that rounding to the scale does not leave them. */
const INSIDE = 0.01;
/** Traces round to a hundredth of a gram: further inside. */
const INSIDE_A_TRACE = 0.03;
const LONGER = 1.25;
const HARDENER_PCT = 1.5;
const FOAMER_PCT = 1;
const STRONGER = 1.25;
const CHEAPER = 0.9;

/** A wish with what it is called when it clashes. */
export interface NamedWish extends LinearWish {
  readonly clash: Clash;
}

export interface Question {
  readonly body: FormulaBody;
  readonly evaluation: Evaluation;
  readonly variables: readonly Variable[];
  readonly wishes: Wishes;
  readonly totalG: number;
  readonly documents: readonly ScentDocument[];
  /** Grams the last pass ended at: the damp index is straightened there. */
  readonly at: readonly number[];
  /** How much more than a quarter the fizz has to be asked for, as the model bends; 1 at first. */
  readonly stretch: number;
}

/** Every window that is linear in grams, and every wish, as rows of a program; what a maker asked for stands last, so that a clash is named by it. */
export function linearWishes(question: Question): readonly NamedWish[] {
  return [
    ...(question.wishes.ratio === null ? ratio(question) : []),
    ...damp(question),
    ...freeWater(question),
    ...scent(question),
    ...emulsifier(question),
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
          name: locked.material.name,
          massG: locked.massG,
        },
        (variable) => (variable === locked ? 1 : 0),
        locked.massG,
        true,
      ),
    );
}

function total(question: Question): readonly NamedWish[] {
  const totalG = question.wishes.totalG ?? question.totalG;
  return [row(question, { code: 'total', totalG }, () => 1, totalG, true)];
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
  const { wishes, body } = question;
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
  if (!isForSkin(body.family)) return [];
  const low = USUAL_OF_BALANCE.low * (1 + INSIDE);
  const high = USUAL_OF_BALANCE.high * (1 - INSIDE);
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

/** The damp index straightened at the grams of the last pass: what a gram binds there, and what the powders take. */
function damp(question: Question): readonly NamedWish[] {
  const { variables, at, evaluation, wishes } = question;
  const sums = dampSums(
    variables.flatMap(({ material, isMain }, i) =>
      isMain ? [{ material, massG: at[i] ?? 0 }] : [],
    ),
  );
  const reading = dampOf(sums);
  const bindingPerG = sums.liquidG > 0 ? sums.bindingMl / sums.liquidG : 1;
  const isClamped = sums.liquidG > 0 && reading.soakedUpG / sums.liquidG >= MAX_SOAKED_FRACTION;
  const takesWater = sums.waterG >= sums.crystalUptakeG;
  const perMl = ({ material }: Variable) => 1 / material.trueDensityGMl.value;
  const bound: Weight = (variable) => {
    if (!variable.isMain) return 0;
    const { material } = variable;
    const binding = material.isLiquid ? perMl(variable) * (material.bindingPerMl?.value ?? 0) : 0;
    if (isClamped) return (1 - MAX_SOAKED_FRACTION) * binding;
    const crystal = takesWater ? (material.waterUptakeGPerG?.value ?? 0) : 0;
    const powder = material.isLiquid ? 0 : (material.uptakeGPerG?.value ?? 0);
    return binding - bindingPerG * (powder + crystal);
  };
  const solid: Weight = (variable) =>
    variable.isMain && !variable.material.isLiquid ? perMl(variable) : 0;
  const { lowPct, highPct } = aimedWindow(evaluation.binder.window, wishes);
  const clash: Clash = {
    code: 'damp',
    isDrier: wishes.ids.includes('drier'),
    lowPct: evaluation.binder.window.lowPct,
    highPct: evaluation.binder.window.highPct,
  };
  return [
    row(question, clash, (v) => bound(v) - (lowPct / 100) * solid(v), 0),
    row(question, clash, (v) => (highPct / 100) * solid(v) - bound(v), 0),
  ];
}

/** Window to end in: inside its edges; its lower half where a drier mix is wished. */
export function aimedWindow(window: DampWindow, { ids }: Wishes) {
  const room = (window.highPct - window.lowPct) * INSIDE;
  return {
    lowPct: window.lowPct + (window.lowPct > 0 ? room : 0),
    highPct: ids.includes('drier') ? (window.lowPct + window.aimPct) / 2 : window.highPct - room,
  };
}

function freeWater(question: Question): readonly NamedWish[] {
  const { freeWaterPct } = question.evaluation.binder;
  const easyToPct = question.evaluation.judged['free-water'].window.high ?? Infinity;
  const isDrier = question.wishes.ids.includes('drier');
  const mostPct = isDrier ? Math.min(easyToPct, freeWaterPct / 2) : easyToPct * (1 - INSIDE);
  return [
    row(
      question,
      { code: 'free-water' },
      ({ material, isMain }) =>
        isMain
          ? mostPct / 100 - material.waterFraction.value + (material.waterUptakeGPerG?.value ?? 0)
          : 0,
      0,
    ),
  ];
}

function scent(question: Question): readonly NamedWish[] {
  const { variables, documents, evaluation } = question;
  const scents = variables.filter(({ material }) => material.role === 'scent');
  if (scents.length === 0) return [];
  const usual = row(
    question,
    { code: 'scent-usual', usualHighPct: evaluation.scent.usualHighPct },
    ({ material }) =>
      (evaluation.scent.usualHighPct / 100) * (1 - INSIDE) - (material.role === 'scent' ? 1 : 0),
    0,
  );
  const limits = limitedConstituents(
    scents.map(({ material }) => material),
    documents,
  ).map(({ name, limitPct, shareOf }) =>
    row(
      question,
      { code: 'limit', name },
      ({ material }) => (limitPct / 100) * (1 - INSIDE) - shareOf(material.id),
      0,
    ),
  );
  return [usual, ...limits];
}

function emulsifier(question: Question): readonly NamedWish[] {
  const { body, variables, totalG } = question;
  const oilG = variables.reduce(
    (sum, { material, massG }) =>
      material.role === 'oil' || material.role === 'butter' ? sum + massG : sum,
    0,
  );
  if (body.family !== 'bath-bomb' || (100 * oilG) / totalG < OIL_WORTH_CARRYING_PCT) return [];
  return [
    row(
      question,
      { code: 'emulsifier' },
      ({ material }) =>
        material.role === 'emulsifier'
          ? 1
          : isOily(material)
            ? -EMULSIFIER_TO_OIL.least * (1 + INSIDE)
            : 0,
      0,
    ),
  ];
}

/** Usual rates hold for bombs and steamers; a color's for all. A line over its rate that is locked clashes, and says so. */
function rates(question: Question): readonly NamedWish[] {
  const { body, variables } = question;
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
        { code: 'rate', name: material.name },
        (variable) =>
          (mostPct / 100) * (1 - INSIDE_A_TRACE) - (variable.material.id === id ? 1 : 0),
        0,
      ),
    ];
  });
}

function wished(question: Question): readonly NamedWish[] {
  const { wishes, variables, totalG, stretch } = question;
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
      case 'longer-fizz': {
        const slowing: Weight = ({ material }) =>
          isFiller(material) ? FILLER_SLOPE : isOily(material) ? OIL_SLOPE : 0;
        return [share(id, slowing, shareNow(slowing) + Math.log(LONGER) * stretch)];
      }
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
      case 'drier':
        return [];
    }
  });
}
