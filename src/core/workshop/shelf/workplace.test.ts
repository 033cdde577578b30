import { describe, expect, it } from 'vitest';
import { lot } from '../../../../tests/fixtures/lots';
import { shipped } from '../../../../tests/fixtures/bodies';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import { benchScales, mixerFillL, toolsOf, trayPlaces, traySeats } from './workplace';
import { pricePerG } from './pricePerG';
import type { Tool } from './tool';

const base = { origin: 'own' as const, name: 'a tool' };
const MIXERS: readonly Tool[] = [
  { ...base, id: 'b', rank: 1, kind: 'mixer', bowlL: 7, fillPct: 50 },
  { ...base, id: 'a', rank: 0, kind: 'mixer', bowlL: 4.8, fillPct: 60 },
];

describe('the tools in use', () => {
  it('are those of the lowest rank', () => {
    expect(toolsOf(MIXERS, 'mixer').map(({ id }) => id)).toEqual(['a', 'b']);
    expect(mixerFillL(MIXERS)).toBeCloseTo(2.88, 9);
    expect(mixerFillL([])).toBeNull();
    expect(benchScales([])).toEqual([]);
  });

  it('say how many pieces a tray takes, and how its seats are', () => {
    const tray: Tool = { ...base, id: 't', rank: 0, kind: 'tray', places: 30, seats: 'rounded' };
    expect([trayPlaces([tray]), traySeats([tray])]).toEqual([30, 'rounded']);
    expect([trayPlaces([]), traySeats([])]).toEqual([24, null]);
  });
});

describe('what a gram costs', () => {
  const own = {
    ...newOwnMaterial(shipped('kaolin')),
    pricePerKg: { value: 6, by: 'price list', on: '2026-01-01' },
  };
  const jar = lot('KC-1', 'kaolin', { cost: 9, receivedG: 1000 });

  it('is what the lot that goes first cost, else what the maker says, else not known', () => {
    expect(pricePerG('kaolin', [jar], own, '2026-02-01')).toBeCloseTo(0.009, 9);
    expect(pricePerG('kaolin', [{ ...jar, cost: null }], own, '2026-02-01')).toBeCloseTo(0.006, 9);
    expect(pricePerG('kaolin', [{ ...jar, receivedG: 0 }], own, '2026-02-01')).toBeCloseTo(
      0.006,
      9,
    );
    expect(pricePerG('kaolin', [], undefined, '2026-02-01')).toBeNull();
    expect(pricePerG('water', [], undefined, '2026-02-01')).toBe(0);
  });
});
