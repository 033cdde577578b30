import { describe, expect, it } from 'vitest';
import { readRecipe } from '../recipe-text';
import { USUAL_SETTINGS, settingsSchema, smallMeasuresOf } from '.';

function gramsOf(line: string, change: Partial<typeof USUAL_SETTINGS>) {
  const read = readRecipe(line, smallMeasuresOf({ ...USUAL_SETTINGS, ...change }));
  const found = read.ok ? read.recipe.parts[0]?.lines[0] : undefined;
  if (!found) throw new Error(`${line} was not read`);
  return found;
}

describe('the tools of a workshop', () => {
  it('are the usual ones until they were weighed', () => {
    expect(settingsSchema.parse(USUAL_SETTINGS)).toEqual(USUAL_SETTINGS);
    expect(gramsOf('10 squirts water', {}).massG).toBeCloseTo(7 * 0.998, 9);
  });

  it('narrow the spread once they were', () => {
    const width = (change: Partial<typeof USUAL_SETTINGS>) => {
      const { massLowG, massHighG, massG } = gramsOf('10 squirts water', change);
      return (massHighG - massLowG) / massG;
    };
    expect(gramsOf('10 squirts water', { gramsPerSquirt: 0.4 }).massG).toBeCloseTo(4 * 0.998, 9);
    expect(width({ gramsPerSquirt: 0.4 })).toBeLessThan(width({}) / 3);
    expect(gramsOf('30 drops castor oil', { oilDropsPerMl: 30 }).massG).toBeCloseTo(0.96, 9);
  });
});
