import { describe, expect, it } from 'vitest';
import { simulatedScale } from './simulatedScale';
import type { ScaleReading, ScaleState } from './scale';

/** A scale whose clock is turned by hand. */
function byHand(stepG = 0.1, more: { capacityG?: number; driftSteps?: number } = {}) {
  let tick = () => {};
  const scale = simulatedScale({
    stepG,
    ...more,
    every: (next) => {
      tick = next;
      return () => {
        tick = () => {};
      };
    },
  });
  let last: ScaleReading = { massG: NaN, isSteady: false, sequence: 0 };
  const states: ScaleState[] = [];
  scale.listen({
    reading: (reading) => {
      last = reading;
    },
    state: (state) => states.push(state),
  });
  const run = (ticks: number) => {
    for (let i = 0; i < ticks; i++) tick();
    return last;
  };
  return { scale, run, states };
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
    expect(run(10)).toEqual({ ...settled, sequence: settled.sequence + 10 });
  });

  it('shows whole steps only, and zero after a tare', () => {
    const { scale, run } = byHand(0.5);
    scale.startPouring(20);
    run(60);
    scale.stopPouring();
    const { massG } = run(40);
    expect(massG * 2).toBe(Math.round(massG * 2));
    scale.tare();
    expect(run(1)).toMatchObject({ massG: 0, isSteady: true });
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
    expect(run(20)).toMatchObject({ massG: 0, isSteady: true });
  });

  it('unplugged says so, keeps what lies on the pan, and goes on from there', () => {
    const { scale, run, states } = byHand();
    scale.startPouring(50);
    const before = run(10);
    scale.unplug();
    expect(run(5)).toEqual(before);
    expect(states).toEqual(['ready', 'unplugged']);
    scale.stopPouring();
    scale.plugIn();
    const after = run(40);
    expect(after.massG).toBeGreaterThan(before.massG);
    expect(after.sequence).toBe(before.sequence + 40);
    expect(states.at(-1)).toBe('ready');
  });

  it('says overload in place of a weight, and creeps until it is tared', () => {
    const heavy = byHand(1, { capacityG: 100 });
    heavy.scale.startPouring(150);
    heavy.run(60);
    expect(heavy.states.at(-1)).toBe('overload');
    heavy.scale.stopPouring();
    heavy.scale.takeOut(80);
    expect(heavy.run(60).massG).toBeLessThan(100);
    expect(heavy.states.at(-1)).toBe('ready');

    const creeping = byHand(0.1, { driftSteps: 3 });
    expect(creeping.run(1200).massG).toBeCloseTo(0.3, 6);
    creeping.scale.tare();
    expect(creeping.run(1).massG).toBe(0);
  });
});
