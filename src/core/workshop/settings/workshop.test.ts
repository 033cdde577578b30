import { describe, expect, it } from 'vitest';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import type { Tool } from '../shelf/tool';
import { USUAL_SETTINGS } from './settings';
import { settingsSchema } from './settingsSchema';
import { smallMeasuresOf, squirtG } from './smallMeasures';
import { SHIPPED } from '@/core/matter/materials/catalog';

function gramsOf(line: string, tools: readonly Tool[]) {
  const read = readRecipe(line, SHIPPED, smallMeasuresOf(tools));
  const found = read.ok ? read.recipe.parts[0]?.lines[0] : undefined;
  if (!found) throw new Error(`${line} was not read`);
  return found;
}

const tool = {
  id: '4f1d2c0e-6f0a-4a51-9a93-000000000001',
  origin: 'own',
  name: 'Mine',
  rank: 0,
} as const;
const SPRAYER: Tool = { ...tool, kind: 'sprayer', tenSquirtsG: 4 };
/** Twenty drops of a usual oil, 0.92 g/mL, at thirty to the milliliter. */
const DROPPER: Tool = { ...tool, kind: 'dropper', twentyDropsG: (20 * 0.92) / 30 };

describe('the tools of a workshop', () => {
  it('are the usual ones until they were weighed', () => {
    expect(settingsSchema.parse(USUAL_SETTINGS)).toEqual(USUAL_SETTINGS);
    expect(gramsOf('10 squirts water', []).massG).toBeCloseTo(7 * 0.998, 9);
  });

  it('narrow the spread once they were', () => {
    const width = (tools: readonly Tool[]) => {
      const { massLowG, massHighG, massG } = gramsOf('10 squirts water', tools);
      return (massHighG - massLowG) / massG;
    };
    expect(gramsOf('10 squirts water', [SPRAYER]).massG).toBeCloseTo(4 * 0.998, 9);
    expect(width([SPRAYER])).toBeLessThan(width([]) / 3);
    expect(gramsOf('30 drops castor oil', [DROPPER]).massG).toBeCloseTo(0.96, 9);
  });

  it('spray a liquid from the sprayer it stands in, all else from the one in use', () => {
    const hazel: Tool = { ...SPRAYER, rank: 1, tenSquirtsG: 11, holdsId: 'witch-hazel' };
    const tools = [SPRAYER, hazel];
    expect(squirtG(tools, 'witch-hazel')).toBe(1.1);
    expect(squirtG(tools, 'water')).toBe(0.4);
    expect(squirtG([], 'water')).toBe(0.7);
  });
});
