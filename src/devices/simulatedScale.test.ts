import { describe, expect, it } from 'vitest';
import { simulatedScale, type ScaleReading } from '.';

/** A scale whose clock is turned by hand. */
function byHand(stepG = 0.1) {
  let tick = () => {};
  const scale = simulatedScale(stepG, (next) => {
    tick = next;
    return () => {
      tick = () => {};
    };
  });
  let last: ScaleReading = { massG: NaN, isSteady: false };
  scale.listen((reading) => {
    last = reading;
  });
  const run = (ticks: number) => {
    for (let i = 0; i < ticks; i++) tick();
    return last;
  };
  return { scale, run };
}

describe('the simulated scale', () => {
  it('pours fast, then slowly, and settles where the hand stopped', () => {
    const { scale, run } = byHand();
    scale.startPouring(100);
    const early = run(5).massG;
    const later = run(100).massG;
    expect(early).toBeLessThan(60);
    expect(later).toBeGreaterThan(95);
    expect(run(1).isSteady).toBe(false);
    scale.stopPouring();
    const settled = run(40);
    expect(settled.isSteady).toBe(true);
    expect(run(10)).toEqual(settled);
  });

  it('shows whole steps only, and zero after a tare', () => {
    const { scale, run } = byHand(0.5);
    scale.startPouring(20);
    run(60);
    scale.stopPouring();
    const { massG } = run(40);
    expect(massG * 2).toBe(Math.round(massG * 2));
    scale.tare();
    expect(run(1)).toEqual({ massG: 0, isSteady: true });
  });

  it('gives back what is taken out, never more than was poured', () => {
    const { scale, run } = byHand();
    scale.startPouring(50);
    run(200);
    scale.stopPouring();
    const before = run(40).massG;
    scale.takeOut(10);
    expect(run(60).massG).toBeCloseTo(before - 10, 1);
    scale.takeOut(10_000);
    expect(run(80).massG).toBe(0);
  });

  it('is silent once closed', () => {
    const { scale, run } = byHand();
    run(1);
    scale.close();
    scale.startPouring(50);
    expect(run(20)).toEqual({ massG: 0, isSteady: true });
  });
});
