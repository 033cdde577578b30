import { describe, expect, it } from 'vitest';
import { TODAY, lot } from '../../../../tests/fixtures/lots';
import { LOT_COLUMNS, lotRows, readLotRows } from './lotTable';
import { MATERIAL_COLUMNS, materialRows, readMaterialRows } from './materialTable';
import { missingColumns } from './rows';
import { shipped } from '../../../../tests/fixtures/bodies';
import { SHIPPED } from '@/core/matter/materials/catalog';

describe('tables of lots and materials', () => {
  const nameOf = (id: string) => shipped(id).name;

  it('of lots come back the same, and what is new, changed or wrong is told apart', () => {
    const shelf = [
      lot('BS-1', 'sodium-bicarbonate', {
        cost: 24.5,
        expiresOn: '2027-01-01',
        supplier: 'Saltwife',
      }),
      lot('KC-2', 'kaolin'),
    ];
    const rows = lotRows(shelf, nameOf);
    expect(missingColumns(Object.keys(rows[0] ?? {}), LOT_COLUMNS)).toEqual([]);
    expect(readLotRows(rows, shelf, new Map(), SHIPPED)).toEqual({
      fresh: [],
      changed: [],
      sameCount: 2,
      problems: [],
    });
    const read = readLotRows(
      [
        { ...rows[0], grams: '1.250,5' },
        { code: 'CA-9', material: 'citric acid', grams: '2,5', cost: '3,20' },
        { code: 'CA-9', material: 'Citric acid', grams: '4' },
        { code: 'X', material: 'moon dust', grams: '4' },
        { code: '', material: 'kaolin', grams: '4' },
        { code: 'Y', material: 'kaolin', grams: '-4' },
        { code: 'Z', material: 'kaolin', grams: 'four' },
        { code: 'W', material: 'kaolin', grams: '4', expires: 'soon' },
      ],
      shelf,
      new Map(),
      SHIPPED,
    );
    expect(read.changed).toMatchObject([{ id: shelf[0]?.id, receivedG: 1250.5 }]);
    expect(read.fresh).toMatchObject([
      { code: 'CA-9', materialId: 'citric-acid', receivedG: 2.5, cost: 3.2 },
    ]);
    expect(read.problems.map(({ row, message }) => `${row}: ${message}`)).toEqual([
      '3: It is in row 2 already.',
      '4: There is no material called “moon dust”.',
      '5: The lot has no code.',
      '6: -4 under grams is below zero.',
      '7: “four” under grams is not a number.',
      '8: “soon” under expires is not a date like 2026-04-18.',
    ]);
  });

  it('of materials come back the same; a new one needs to be like something', () => {
    const { fresh, problems } = readMaterialRows(
      [
        {
          name: 'Harbor mist',
          like: 'fragrance oil',
          'price per kg': '74,5',
          synonyms: 'mist; fog',
        },
        { name: 'Moon dust', like: 'moon' },
      ],
      [],
      TODAY,
    );
    expect(fresh).toMatchObject([
      {
        name: 'Harbor mist',
        likeId: 'fragrance-oil',
        synonyms: ['mist', 'fog'],
        pricePerKg: { value: 74.5, on: TODAY },
      },
    ]);
    expect(problems).toMatchObject([
      { row: 2, message: expect.stringMatching(/not a material in the catalog/) as string },
    ]);
    const rows = materialRows(fresh, nameOf);
    expect(missingColumns(Object.keys(rows[0] ?? {}), MATERIAL_COLUMNS)).toEqual([]);
    expect(readMaterialRows(rows, fresh, TODAY)).toMatchObject({
      fresh: [],
      changed: [],
      sameCount: 1,
    });
  });
});
