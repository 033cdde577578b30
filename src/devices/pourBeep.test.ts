import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pourBeep } from './pourBeep';

const says = (massG: number) => pourBeep(massG, 100, 2)?.says ?? null;

describe('the tone of a pour', () => {
  it('is silent before anything is poured, and for nothing wanted', () => {
    expect([says(0), says(2), says(-5), pourBeep(5, 0, 1)]).toEqual([null, null, null, null]);
    expect(says(2.01)).toBe('toward');
  });

  it('says inside from edge to edge of the range, and too much beyond', () => {
    expect([says(97.9), says(98), says(102), says(102.1)]).toEqual([
      'toward',
      'inside',
      'inside',
      'over',
    ]);
  });

  it('rises and quickens all the way, and what is too much is lower than any of it', () => {
    const over = pourBeep(200, 100, 2);
    fc.assert(
      fc.property(
        fc.double({ min: 2.1, max: 97.9, noNaN: true }),
        fc.double({ min: 2.1, max: 97.9, noNaN: true }),
        (a, b) => {
          const [less, more] = [pourBeep(Math.min(a, b), 100, 2), pourBeep(Math.max(a, b), 100, 2)];
          expect(more?.hz).toBeGreaterThanOrEqual(less?.hz ?? 0);
          expect(more?.everyMs).toBeLessThanOrEqual(less?.everyMs ?? 0);
          expect(more?.lengthMs).toBeLessThan(more?.everyMs ?? 0);
          expect(over?.hz).toBeLessThan(less?.hz ?? 0);
        },
      ),
      { seed: 3 },
    );
  });
});
