import type { Catalog } from '@/core/matter/materials/catalog';
import type { FormulaBody } from '@/core/formula/model/schema';
import { piecesByBowl } from '../scaling/bowls';
import type { ScalePlan } from '../scaling/plan';
import { brokenRules, sayBroken } from './rules';
import { workFacts } from './stepsOf';
import type { BenchFacts } from './weighStep';
import { workOf } from './workOf';

/**
 * What the hands of a plan run into, though its formula is right: too long at the mold with the acid in. The fullest bowl
 * speaks.
 */
export function planWarnings(
  body: FormulaBody,
  plan: ScalePlan,
  bench: Pick<BenchFacts, 'catalog' | 'stepG' | 'shelfMold'>,
): readonly string[] {
  const { bowlCount, pieceG, lines, sets } = plan;
  const [pieces = plan.pieces] = piecesByBowl(plan);
  const facts = workFacts(body, lines, {
    ...bench,
    pieceG,
    pieces,
    sets: sets.map((set) => ({ ...set, pieces: Math.ceil(set.pieces / bowlCount) })),
  });
  const catalog: Catalog = bench.catalog;
  return brokenRules(workOf(body, facts).operations, body, catalog)
    .filter(({ rule }) => rule === 'pressed-in-time')
    .map((broken) => sayBroken(broken, catalog));
}
