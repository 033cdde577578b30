import { expect, it } from 'vitest';
import { joined, compareVectors } from './versionVector';

it.each([
  [{}, {}, 'same'],
  [{ a: 1 }, { a: 1 }, 'same'],
  [{ a: 1 }, { a: 2 }, 'before'],
  [{ a: 2 }, { a: 1 }, 'after'],
  [{}, { b: 1 }, 'before'],
  [{ a: 2, b: 1 }, { a: 1, b: 2 }, 'apart'],
  [{ a: 1 }, { b: 1 }, 'apart'],
])('%j against %j is %s', (mine, theirs, order) => {
  expect(compareVectors(mine, theirs)).toBe(order);
  const both = joined(mine, theirs);
  expect(['same', 'before']).toContain(compareVectors(mine, both));
  expect(['same', 'before']).toContain(compareVectors(theirs, both));
});
