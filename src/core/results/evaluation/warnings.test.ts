import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { evaluate } from './evaluate';
import { warningsAtStep, warningsOf } from './warnings';

const FACTS = { catalog: SHIPPED, settings: USUAL_SETTINGS, batches: [], trials: {}, fills: [] };
const judged = (recipe: string) => {
  const body = bodyFrom(recipe);
  return evaluate(body, conditionsFor(FACTS, body, 120));
};
const PLAIN = '200 g baking soda\n140 g citric acid\n15 g sweet almond oil\n4 g polysorbate 80';

describe('what travels along with a formula', () => {
  it('is its stops and warnings, gravest first, and no tip', () => {
    expect(warningsOf(judged(PLAIN))).toEqual([]);
    const grave = warningsOf(judged(`${PLAIN}\n20 g borax\n20 g sodium percarbonate`));
    expect(grave.map(({ severity }) => severity)).toEqual(
      grave.map(({ severity }) => severity).toSorted(),
    );
    expect(grave.map(({ code }) => code)).toContain('borax-in-bath-product');
    expect(grave.every(({ message }) => message.length > 20)).toBe(true);
  });

  it('stands at the step that weighs what it speaks of, and at no other', () => {
    const birch = judged(`${PLAIN}\n20 drops sweet birch essential oil`);
    const at = (id: string) => warningsAtStep(birch, materialById(SHIPPED, id));
    expect(at('sweet-birch-essential-oil').join(' ')).toMatch(/salicylate/i);
    expect(at('citric-acid')).toEqual([]);
  });

  it('of scent over its limit goes with every scent that is weighed', () => {
    const strong = judged(`${PLAIN}\n10 g clove bud essential oil\n2 g lavender essential oil`);
    expect(warningsOf(strong).map(({ code }) => code)).toContain('scent-over-limit');
    for (const id of ['clove-bud-essential-oil', 'lavender-essential-oil'])
      expect(warningsAtStep(strong, materialById(SHIPPED, id))).not.toEqual([]);
  });

  it('of scent with nothing to carry it goes with it, and not with the soda', () => {
    const bare = judged('200 g baking soda\n100 g citric acid\n3 g lavender essential oil');
    const at = (id: string) => warningsAtStep(bare, materialById(SHIPPED, id)).join(' ');
    expect(at('lavender-essential-oil')).toContain('to carry it');
    expect(at('sodium-bicarbonate')).not.toContain('to carry it');
  });
});
