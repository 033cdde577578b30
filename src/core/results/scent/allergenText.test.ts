import { describe, expect, it } from 'vitest';
import { readAllergens, writeAllergens } from './allergenText';

describe('a supplier’s list of allergens', () => {
  it('is read as people copy it, and comes back', () => {
    const read = readAllergens(
      'Linalool 3.2\nd-Limonene: 0,5%\n alpha-Pinene = <0.1; Iso E Super 12',
    );
    expect(read).toEqual({
      ok: true,
      allergens: [
        { name: 'Linalool', pct: 3.2 },
        { name: 'Limonene', pct: 0.5 },
        { name: 'Pinene', pct: 0.1 },
        { name: 'Iso E Super', pct: 12 },
      ],
      others: ['Iso E Super'],
    });
    if (read.ok) expect(readAllergens(writeAllergens(read.allergens))).toEqual(read);
    expect(readAllergens('  \n')).toEqual({ ok: true, allergens: [], others: [] });
  });

  it.each(['Linalool', 'Linalool lots', '3.2', 'Linalool 140'])('asks about “%s”', (line) => {
    expect(readAllergens(`Citral 1\n${line}`)).toEqual({ ok: false, line });
  });
});
