import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '../evaluation/evaluate';
import { FAMILIES } from '@/core/formula/model/kinds';
import { PRESETS, bodyOfPreset } from '@/core/formula/model/presets';
import { allLines } from '@/core/formula/model/edit';
import type { Family } from '@/core/formula/model/schema';
import { MATERIALS, SHIPPED, materialById, catalogWith } from '@/core/matter/materials/catalog';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import { portionsOf } from '@/core/matter/materials/portion';
import { rebalance } from '../rebalance/rebalance';
import type { WishId } from '../rebalance/wishes';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { isOxidizer, mayHold, vetoOf } from './mayHold';
import { sayVeto } from './messages';

const portions = (...ids: readonly string[]) =>
  ids.map((id) => ({ material: materialById(SHIPPED, id), massG: 10 }));
const codeOf = (contents: readonly string[], id: string, family: Family = 'cleaning-fizzy') =>
  vetoOf(portions(...contents), materialById(SHIPPED, id), family)?.code ?? null;

describe('what may not come into a mix', () => {
  it.each([
    ['isopropyl-alcohol-99', 'oxidizer-with-fuel'],
    ['cornstarch', 'oxidizer-with-fuel'],
    ['lemon-essential-oil', 'oxidizer-with-fuel'],
    ['citric-acid', 'oxidizer-with-acid'],
    ['water', 'oxidizer-wet'],
    ['vinegar-5', 'oxidizer-wet'],
    ['sodium-carbonate', null],
    ['sodium-citrate', null],
  ])('beside percarbonate %s: %s, whichever was there first', (id, code) => {
    expect(codeOf(['sodium-percarbonate'], id)).toBe(code);
    expect(codeOf([id], 'sodium-percarbonate')).toBe(code);
  });

  it('depends on company: alone, or with none of it, each is free', () => {
    for (const id of ['isopropyl-alcohol-99', 'citric-acid', 'water', 'sodium-percarbonate'])
      expect(codeOf(['sodium-bicarbonate'], id), id).toBeNull();
    const gone = [{ material: materialById(SHIPPED, 'sodium-percarbonate'), massG: 0 }];
    expect(vetoOf(gone, materialById(SHIPPED, 'water'), 'cleaning-fizzy')).toBeNull();
  });

  it('is barred by itself where it is a danger by name, or no thing for skin', () => {
    expect(codeOf([], 'borax', 'bath-bomb')).toBe('not-for-skin');
    expect(codeOf([], 'borax')).toBeNull();
    expect(codeOf(['citric-acid'], 'ultramarine-blue', 'shower-steamer')).toBe('sulfide-with-acid');
    const own = newOwnMaterial(materialById(SHIPPED, 'kaolin'), 'own', {
      id: 'own-1',
      name: 'Pool shock',
    });
    const catalog = catalogWith([own]);
    expect(vetoOf([], materialById(catalog, 'own-1'), 'cleaning-fizzy')?.code).toBe(
      'dangerous-substance',
    );
  });

  it('is said in a sentence that names both', () => {
    const veto = vetoOf(
      portions('sodium-percarbonate'),
      materialById(SHIPPED, 'water'),
      'cleaning-fizzy',
    );
    expect(veto && sayVeto(veto, 'water')).toMatch(/^Keep water and .*percarbonate apart/);
  });
});

describe('nothing that is proposed makes a mix dangerous', () => {
  const FACTS = { catalog: SHIPPED, settings: USUAL_SETTINGS, batches: [], trials: {}, fills: [] };
  const conditions = (recipe: string) => {
    const body = { ...bodyFrom(recipe), family: 'cleaning-fizzy' as const };
    return { body, conditions: conditionsFor(FACTS, body, 30) };
  };
  const MIXES = [
    '200 g sodium percarbonate\n100 g citric acid\n100 g washing soda',
    '100 g sodium percarbonate\n200 g baking soda\n80 g citric acid\n5 g isopropyl alcohol 99%',
    '150 g sodium percarbonate\n150 g baking soda\n20 g water',
    '200 g sodium percarbonate\n300 g baking soda\n120 g citric acid\n20 g water\n10 g lavender oil',
  ];
  const WISHES: readonly (readonly WishId[])[] = [
    [],
    ['longer-fizz'],
    ['harder'],
    ['more-foam'],
    ['drier'],
  ];

  it('by a rebalance: nothing new that may not meet, and none of it becomes more', () => {
    for (const recipe of MIXES)
      for (const ids of WISHES) {
        const { body, conditions: air } = conditions(recipe);
        const result = rebalance(body, air, { ids, ratio: null, totalG: null, spread: 'few' });
        if (result.status !== 'changed') continue;
        const before = portionsOf(SHIPPED, allLines(body));
        for (const { materialId, lineId, fromG, toG } of result.changes) {
          const material = materialById(SHIPPED, materialId);
          if (lineId === null)
            expect(mayHold(before, material, body.family), materialId).toBe(true);
          else if (material.isLiquid || isOxidizer(material))
            expect(toG, materialId).toBeLessThanOrEqual(fromG);
        }
      }
  });

  it('by a fix beside a finding', () => {
    for (const recipe of MIXES) {
      const { body, conditions: air } = conditions(recipe);
      const contents = portionsOf(SHIPPED, allLines(body));
      for (const { fix, code } of evaluate(body, air).findings)
        if (fix)
          expect(mayHold(contents, materialById(SHIPPED, fix.materialId), body.family), code).toBe(
            true,
          );
    }
    const { body, conditions: air } = conditions(MIXES[0] ?? '');
    const dry = evaluate(body, air).findings.find(({ code }) => code === 'too-dry');
    expect(dry?.facts).toMatchObject({ staysDry: true });
    expect(dry?.fix).toBeUndefined();
  });

  it('by a preset: each of its lines may hold beside the others', () => {
    for (const { id, family } of PRESETS) {
      const contents = portionsOf(SHIPPED, allLines(bodyOfPreset(id)));
      for (const { material } of contents)
        expect(vetoOf(contents, material, family), material.id).toBeNull();
    }
  });

  it('for every shipped material and family the veto is a plain answer', () => {
    for (const family of FAMILIES)
      for (const material of MATERIALS)
        expect(typeof mayHold([], material, family)).toBe('boolean');
  });
});
