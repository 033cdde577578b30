import { describe, expect, it } from 'vitest';
import { counted, formatFixed, formatGrams } from './numbers';
import { isFull, reasonOf } from './reason';

describe('figures on screen', () => {
  it.each([
    [1247.4, '1,247'],
    [100, '100'],
    [54.25, '54.3'],
    [8, '8'],
    [0.11, '0.11'],
    [0, '0'],
  ])('%d g is %s', (massG, shown) => {
    expect(formatGrams(massG)).toBe(shown);
  });

  it('keeps a fixed number of decimals, with thousands set apart', () => {
    expect(formatFixed(1868.2, 1)).toBe('1,868.2');
    expect(formatFixed(2, 3)).toBe('2.000');
  });

  it('counts in words that fit', () => {
    expect(counted(1, 'formula')).toBe('1 formula');
    expect(counted(2, 'batch', 'batches')).toBe('2 batches');
    expect(counted(1200, 'record')).toBe('1,200 records');
  });
});

describe('a reason', () => {
  it('stands in a sentence: what an error says, without its stops', () => {
    expect(reasonOf(new Error('It hums... '))).toBe('It hums');
    expect(reasonOf('v1.2 is odd')).toBe('v1.2 is odd');
    expect(isFull(new DOMException('no room', 'QuotaExceededError'))).toBe(true);
    expect(isFull(new DOMException('no room', 'NotFoundError'))).toBe(false);
    expect(isFull(new Error('QuotaExceededError'))).toBe(false);
  });
});
