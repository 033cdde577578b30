import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import type { FormulaBody } from '@/core/formula/model/schema';
import { partG } from '@/core/formula/model/parts';
import { SHIPPED } from '@/core/matter/materials/catalog';
import type { Operation } from './types';
import { vesselAt, type InVessel } from './vesselAt';
import { workOf } from './workOf';

const FACTS = { catalog: SHIPPED, pieces: 8, weighG: new Map(), counted: new Set<string>() };
const sumG = (held: readonly InVessel[]) => held.reduce((sum, { massG }) => sum + massG, 0);
const ids = (held: readonly InVessel[]) => held.map(({ material }) => material.id);

function at(body: FormulaBody, which: (operation: Operation) => boolean) {
  const { operations } = workOf(body, FACTS);
  const found = vesselAt(body, FACTS, operations.find(which)?.id ?? '', SHIPPED);
  if (!found) throw new Error('there is such a step, with something in it');
  return found;
}

describe('the vessel before the hands', () => {
  const body = bodyFrom(LANTERN);

  it('holds what was weighed into it, heaviest first, and gets what the other one holds', () => {
    const mix = at(body, ({ saying }) => saying === 'mix-wet');
    expect(mix).toMatchObject({ vessel: 'bowl', from: 'beaker', name: 'bowl' });
    expect(ids(mix.inside)[0]).toBe('sodium-bicarbonate');
    expect(ids(mix.coming)).toContain('shea-butter');
    expect(ids(mix.inside)).not.toContain('citric-acid');
    const bloom = at(body, ({ saying }) => saying === 'bloom');
    expect(bloom).toMatchObject({ vessel: 'cup', from: null, coming: [] });
    expect(ids(bloom.inside)).toEqual(['water', 'water-soluble-dye']);
  });

  it('has the whole main mix in it by the last mixing, to the gram', () => {
    const mix = at(body, ({ id }) => id === 'mix-acid');
    const [main] = body.parts;
    expect(sumG(mix.inside) + sumG(mix.coming)).toBeCloseTo(main ? partG(main) : NaN, 6);
  });

  it('has its own half once the bowl is parted, and both together are all of it', () => {
    const two = bodyFrom(
      '450 g baking soda\n240 g citric acid\n20 g almond oil\n0.3 g yellow 5\n2 g water\nSecond color:\n450 g baking soda\n240 g citric acid\n20 g almond oil\n2 g blue mica',
    );
    const second = at(two, ({ saying }) => saying === 'mix-second');
    const first = at(two, ({ saying }) => saying === 'mix-first');
    const sodaG = [first, second].map(
      ({ inside }) => inside.find(({ material }) => material.role === 'base')?.massG ?? 0,
    );
    expect(sodaG[0]).toBeCloseTo(450, 6);
    expect(sodaG[1]).toBeCloseTo(450, 6);
  });

  it('goes by what is weighed, and knows no step of another work', () => {
    const soda = body.parts[0]?.lines.find(({ materialId }) => materialId === 'sodium-bicarbonate');
    const facts = { ...FACTS, weighG: new Map([[soda?.id ?? '', 1234]]) };
    const sieve = workOf(body, facts).operations.find(
      ({ saying, partId }) => saying === 'sieve' && partId === body.parts[0]?.id,
    );
    expect(vesselAt(body, facts, sieve?.id ?? '', SHIPPED)?.inside[0]?.massG).toBe(1234);
    expect(vesselAt(body, facts, 'no such step', SHIPPED)).toBeNull();
  });
});
