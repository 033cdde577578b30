import type { OpKind } from '@/core/formula/model/kinds';
import type { FormulaBody, Part } from '@/core/formula/model/schema';
import { cookOf } from './cook';
import { isFloor } from '@/core/formula/model/parts';
import { dressing } from './dressing';
import { applyEdits } from './edits';
import { finishing, forming, laidReady } from './forming';
import { mainMixing, smallMixing } from './mixing';
import { isSmallBowl, usualMinutes } from './minutes';
import { looseMixing } from './soaking';
import { saidWaits } from './saidWaits';
import { partedBowl } from './split';
import type { Operation, Work, WorkFacts } from './types';

/** The work of a formula as the rules lay it out, with the maker's own changes on top. */
export function workOf(body: FormulaBody, facts: WorkFacts): Work {
  return applyEdits(laidOut(body, facts), body.work ?? [], body);
}

/**
 * The order the rules give: embeds and toppings ahead, the main mix, filled and formed; icing, drizzle and paint only
 * when the pieces are ready for them. An embed that holds water gets its acid late, and right before that of the main mix:
 * nothing is left to weigh once the main mix works.
 */
export function laidOut(body: FormulaBody, plain: WorkFacts): readonly Operation[] {
  const facts = {
    ...plain,
    waits: saidWaits(body, plain.catalog),
    isSmall: isSmallBowl(plain.bowlG ?? mixG(body, plain.weighG)),
  };
  const [main, ...others] = body.parts as [Part, ...Part[]];
  const isLoose = body.method === 'loose';
  const split = partedBowl(body, facts);
  const cook = cookOf(main, true, facts, split?.twins);
  const own = others
    .filter((part) => part !== split?.part && part.lines.length > 0)
    .map((part) => cookOf(part, false, facts));
  const mixes = own.filter(({ part }) => part.kind === 'embed' || part.kind === 'split');
  const toppings = own.filter(({ part }) => part.kind === 'topping');
  const dressings = own.filter(({ part }) => part.kind === 'icing' || part.kind === 'paint');
  const small = [...mixes, ...toppings].map((part) => ({ part, mixing: smallMixing(part) }));
  const wetAcids = small.flatMap(({ mixing }) => (mixing.isWet ? mixing.acid : []));
  return [
    ...small.flatMap(({ part, mixing }) => [
      ...mixing.ahead,
      ...(mixing.isWet ? [] : mixing.acid),
      ...(toppings.includes(part) ? [] : [part.op('rest', 'keep-dry', part.in('dish'))]),
    ]),
    ...(isLoose ? [] : laidReady(cook)),
    ...(isLoose ? looseMixing(cook) : mainMixing(body, cook, split, facts, wetAcids)),
    ...(isLoose ? wetAcids : []),
    ...forming(body, cook, {
      floors: isLoose ? [] : toppings.filter(({ part }) => isFloor(part)),
      tops: isLoose ? [] : toppings.filter(({ part }) => !isFloor(part)),
      besides: [...mixes, ...toppings],
      fillMin: facts.fillMin ?? usualMinutes('fill', facts.pieces, facts.isSmall),
    }),
    ...inOrderOfDressing(dressings.map((one) => ({ part: one.part, operations: dressing(one) }))),
    ...finishing(body, cook),
  ];
}

/** Grams in the bowl: the main mix and the colors parted off it. */
function mixG({ parts }: FormulaBody, weighG: WorkFacts['weighG']): number {
  return parts
    .filter(({ kind }) => kind === 'main' || kind === 'split')
    .flatMap(({ lines }) => lines)
    .reduce((sum, { id, massG }) => sum + (weighG.get(id) ?? massG), 0);
}

/** Icing first, paint last: paint is dry in hours, icing in days. */
function inOrderOfDressing(
  dressings: ReadonlyArray<{ readonly part: Part; readonly operations: readonly Operation[] }>,
): readonly Operation[] {
  const ofKind = (kind: Part['kind']) =>
    dressings.filter(({ part }) => part.kind === kind).flatMap(({ operations }) => operations);
  return [...ofKind('icing'), ...ofKind('paint')];
}

/** Wrapping is counted with what is sold. */
const OF_WRAPPING: readonly OpKind[] = ['wrap', 'jar'];

/** Minutes of hands for a whole batch of so many pieces of a bowl of so many grams; waiting is not counted. @param which to make it, or to wrap it */
export function handsMinutes(
  body: FormulaBody,
  {
    catalog,
    pieces,
    bowlG,
    fillMin,
  }: Required<Pick<WorkFacts, 'catalog' | 'pieces' | 'bowlG' | 'fillMin'>>,
  which: 'making' | 'wrapping',
): number {
  const facts = {
    catalog,
    pieces,
    bowlG,
    fillMin,
    weighG: new Map(),
    counted: new Set<string>(),
  };
  return workOf(body, facts).operations.reduce(
    (sum, { op, minutes }) =>
      OF_WRAPPING.includes(op) === (which === 'wrapping') ? sum + minutes : sum,
    0,
  );
}
