import { expect, it } from 'vitest';
import { evaluate } from '../evaluation/evaluate';
import { USUAL_CONDITIONS } from '../conditions/types';
import { bodyFrom, shipped } from '../../../../tests/fixtures/bodies';
import { isHotOrCold, wholeOilLimit } from './wholeOils';

// Cautious figures, not looked up: not checked against a source.
it.each([
  ['peppermint-essential-oil', 1],
  ['tea-tree-essential-oil', 1],
  ['eucalyptus-essential-oil', 1],
  ['menthol', 0.5],
  ['thyme-essential-oil', 0.3],
  ['camphor', 0.3],
  ['lavender-essential-oil', null],
])('%s is held to %s %% of what goes into a tub, and not in a shower', (id, pct) => {
  expect(wholeOilLimit(shipped(id), 'bath-bomb')?.pct ?? null).toBe(pct);
  expect(wholeOilLimit(shipped(id), 'fizzing-salts')?.pct ?? null).toBe(pct);
  expect(wholeOilLimit(shipped(id), 'shower-steamer')).toBeNull();
});

it.each([
  ['0.9', false],
  ['1.1', true],
])('%s %% of tea tree in a bath: over its limit is %s', (grams, isOver) => {
  const restG = 100 - Number(grams);
  const body = bodyFrom(
    `${restG - 35} g baking soda\n32 g citric acid\n3 g polysorbate 80\n${grams} g tea tree eo`,
  );
  const codes = evaluate(body, USUAL_CONDITIONS).findings.map(({ code }) => code);
  expect(codes.includes('scent-over-limit')).toBe(isOver);
});

it.each([
  ['peppermint-essential-oil', true],
  ['tea-tree-essential-oil', true],
  ['clove-bud-essential-oil', true],
  ['lavender-essential-oil', false],
  ['sweet-almond-oil', false],
])('%s cools or burns: %s', (id, is) => {
  expect(isHotOrCold(shipped(id))).toBe(is);
});
