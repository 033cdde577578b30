import { expect, it } from 'vitest';
import type { UnreadLine } from '@/core/formula/model/schema';
import { MOST_CHOICES, answersOf } from './answersOf';

const choices = ['kaolin', 'cornstarch', 'arrowroot', 'rice-starch', 'oat-flour'];
const of = (code: UnreadLine['reason']['code']) =>
  answersOf({ id: 'a', line: 1, text: '', reason: { code, about: '' }, choices } as never);

it('a name that is not known is answered with a material, or with a new one', () => {
  for (const code of ['unknown', 'guess', 'ambiguous'] as const) {
    expect(of(code).materialIds, code).toEqual(choices.slice(0, MOST_CHOICES));
    expect(of(code).canMake, code).toBe(true);
  }
});

it('where the amount is asked for, no name is an answer', () => {
  for (const code of ['vague', 'no-amount'] as const)
    expect(of(code), code).toEqual({ materialIds: [], canMake: false });
});

it('what may be a note is answered with no new material', () => {
  expect(of('no-line')).toEqual({ materialIds: choices.slice(0, MOST_CHOICES), canMake: false });
});
