import { describe, expect, it } from 'vitest';
import {
  CLAIMED,
  HARMLESS,
  NEWER_CLAIMS,
  NEWER_HARMLESS,
} from '../../../../../tests/fixtures/claims';
import { claimsIn } from './claimsIn';

describe('claims in a maker’s own words', () => {
  it('of sixty that claim and sixty that do not, at most three are wrong either way', () => {
    const missed = CLAIMED.filter((text) => claimsIn(text).length === 0);
    const accused = HARMLESS.filter((text) => claimsIn(text).length > 0);
    expect(CLAIMED.length + HARMLESS.length).toBe(120);
    expect(missed).toEqual([]);
    expect(accused).toEqual([]);
  });

  it('of green, free-from, tested, for-whom and ailment claims none is missed, and their like is left alone', () => {
    expect(NEWER_CLAIMS.filter((text) => claimsIn(text).length === 0)).toEqual([]);
    expect(NEWER_HARMLESS.filter((text) => claimsIn(text).length > 0)).toEqual([]);
  });

  it.each([
    ['Reef safe', 'look', 'green'],
    ['Carbon neutral', 'look', 'green'],
    ['Paraben-free', 'look', undefined],
    ['Your body absorbs magnesium', 'drug', undefined],
    ['For chilblains', 'drug', undefined],
    ['Soothes tendinitis', 'drug', undefined],
    ['Keeps fleas off your dog', 'pesticide', undefined],
  ] as const)('“%s” is %s', (text, verdict, topic) => {
    const [claim] = claimsIn(text);
    expect([claim?.verdict, claim?.topic]).toEqual([verdict, topic]);
    expect(claim?.instead).not.toBe('');
  });
});
