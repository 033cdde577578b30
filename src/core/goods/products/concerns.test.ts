import { describe, expect, it } from 'vitest';
import type { TendingNow } from '@/core/batches/trays/tending';
import { concernsOfDay, concernsOfWrapping, sayConcern } from './concerns';

const step = (what: TendingNow['what'], change: Partial<TendingNow> = {}): TendingNow => ({
  stepId: `later:${what}`,
  what,
  title: what === 'ice' ? 'Ice the pieces' : what,
  note: '',
  state: 'now',
  fromMs: 0,
  doneAtMs: null,
  waitsFor: null,
  ...change,
});
const codes = (...steps: readonly TendingNow[]) =>
  concernsOfWrapping('QL-012', steps).map(({ code }) => code);

describe('wrapping pieces off a tray', () => {
  it('asks while they dry, while icing or paint is open, and about nothing else', () => {
    expect(codes(step('wrap'))).toEqual([]);
    expect(codes(step('turn', { state: 'later' }), step('wrap'))).toEqual([]);
    expect(codes(step('wrap', { state: 'later' }))).toEqual(['too-early']);
    expect(codes(step('ice', { state: 'done' }), step('wrap'))).toEqual([]);
    for (const what of ['ice', 'paint'] as const)
      expect(codes(step(what), step('wrap'))).toEqual(['step-open']);
    expect(codes(step('ice'), step('wrap', { state: 'later' }))).toEqual([
      'step-open',
      'too-early',
    ]);
  });

  it('asks no more once they are wrapped', () => {
    expect(codes(step('ice'), step('wrap', { state: 'done' }))).toEqual([]);
  });

  it('says what they wait for and from when', () => {
    const fromMs = new Date(2026, 10, 29, 16, 30).getTime();
    const said = (change: Partial<TendingNow>) =>
      concernsOfWrapping('QL-012', [step('wrap', { state: 'later', fromMs, ...change })]).map(
        sayConcern,
      );
    expect(said({})).toEqual(['QL-012 is still drying. Wrap it from Sun, Nov 29, 16:30.']);
    expect(said({ waitsFor: 'icing' })).toEqual([
      'QL-012 waits for its icing to dry. Wrap it from Sun, Nov 29, 16:30.',
    ]);
    expect(said({ state: 'never', fromMs: null })).toEqual([
      'QL-012 does not dry in this room. Dry the room first.',
    ]);
    expect(concernsOfWrapping('QL-012', [step('ice'), step('wrap')]).map(sayConcern)).toEqual([
      'QL-012 has a step left: Ice the pieces.',
    ]);
  });
});

describe('a best-before day', () => {
  it('is asked about once it is past, or where it comes before the pieces are dry', () => {
    const of = (bestBefore: string, readyOn: string) =>
      concernsOfDay('QL-012', bestBefore, '2026-11-29', readyOn).map(({ code }) => code);
    expect(of('2026-11-28', '1970-01-01')).toEqual(['best-before-past']);
    expect(of('2026-11-29', '1970-01-01')).toEqual([]);
    expect(of('2026-12-02', '2026-12-02')).toEqual([]);
    expect(of('2026-12-01', '2026-12-02')).toEqual(['best-before-first']);
  });
});
