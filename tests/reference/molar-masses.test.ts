import { MF } from 'mf-parser';
import { describe, expect, it } from 'vitest';
import { SPECIES } from '@/core/matter/chemistry/species';
import { elementCounts } from '@/core/matter/chemistry/molarMass';

describe('molar masses against a reference package (mf-parser)', () => {
  it.each(SPECIES.map((species) => [species.name, species] as const))('%s', (_name, species) => {
    const reference = new MF(species.formula).getInfo().mass;
    expect(Math.abs(species.molarMassGMol - reference)).toBeLessThan(0.01);
  });

  it('counts as much carbon in each base as it can give as gas', () => {
    for (const { side, formula, carbonDioxidePerMol } of SPECIES)
      if (side === 'base') expect(elementCounts(formula).get('C') ?? 0).toBe(carbonDioxidePerMol);
  });
});
