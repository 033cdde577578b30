import { describe, expect, it } from 'vitest';
import { begun, workTo } from '../../../../tests/fixtures/bench';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { WETTING_S } from '@/core/results/fizz/wetting';
import { SHIPPED } from '@/core/matter/materials/catalog';
import type { Batch } from '../records/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { colorByCard, stripAround } from './waterColor';
import { isForgotten, nextPhase, phaseProblem, phaseS, runningS } from './phases';
import {
  readingIn,
  standingIn,
  startAgain,
  startTrial,
  toggleVoided,
  undoIn,
  writeIn,
} from './write';
import { seenRowsOf } from './seen';
import { shippedFor, taughtByTrials } from './taught';
import { startProblem } from './startProblem';
import { trialSchema, type Trial } from './schema';
import { usualKind, type Phase } from './kinds';

const START = Date.parse('2026-05-02T10:00:00.000Z');
const at = (seconds: number) => new Date(START + 1000 * seconds).toISOString();
const made = (): Batch => workTo(begun(), () => false);

function tub(batch: Batch | null = made()): Trial {
  return startTrial(
    {
      kind: 'tub',
      batchId: batch?.id ?? null,
      name: batch ? '' : 'from the market',
      pieceG: 120,
      isCrumbs: false,
      ageDays: 7,
      water: { volumeL: 150, tempC: 38, alkalinityMgL: 100 },
      flowLMin: null,
      stepG: null,
    },
    at(-10),
  );
}
const press = (trial: Trial, phase: Phase, seconds: number) =>
  writeIn(trial, { kind: 'phase', phase }, at(seconds));

describe('a trial', () => {
  it('counts from the touch of the water, and the space bar knows what comes next', () => {
    let trial = tub();
    expect(nextPhase(trial)).toBe('touched');
    expect(runningS(trial, START)).toBeNull();
    trial = press(trial, 'touched', 0);
    trial = press(trial, 'first-fizz', 2);
    expect(nextPhase(trial)).toBe('half');
    expect(runningS(trial, START + 30_000)).toBe(30);
    trial = press(press(trial, 'half', 60), 'gone', 170);
    expect(phaseS(trial, 'gone')).toBe(170);
    // It stands where it was gone.
    expect(runningS(trial, START + 999_000)).toBe(170);
    expect(trialSchema.parse(trial)).toEqual(trial);
  });

  it('refuses what is out of order, and says that it is not in the water yet', () => {
    const dry = tub();
    expect(phaseProblem(dry, 'gone')).toBe('not-in-water');
    const gone = press(press(dry, 'touched', 0), 'gone', 100);
    expect(phaseProblem(gone, 'half')).toBe('out-of-order');
    expect(phaseProblem(gone, 'last-bubbles')).toBeNull();
    expect(phaseProblem(gone, 'came-up')).toBe('out-of-order');
    expect(phaseProblem(press(gone, 'sinks', 101), 'came-up')).toBeNull();
  });

  it('says of a stopwatch left running for over an hour that it was forgotten', () => {
    const running = press(tub(), 'touched', 0);
    expect(isForgotten(running, START + 3_600_000)).toBe(false);
    expect(isForgotten(running, START + 3_600_001)).toBe(true);
    expect(isForgotten(press(running, 'gone', 90), START + 9_999_999)).toBe(false);
  });

  it('is only added to and struck: the newest of a thing stands, undo leaves it in sight', () => {
    const seen = (trial: Trial, value: string) =>
      writeIn(trial, { kind: 'seen', what: 'ring', value }, at(9));
    let trial = seen(seen(tub(), 'faint'), 'clear');
    expect(standingIn(trial, 'seen').map(({ value }) => value)).toEqual(['clear']);
    expect(trial.entries).toHaveLength(2);
    trial = press(press(press(trial, 'touched', 0), 'floats', 3), 'sinks', 5);
    expect(phaseS(trial, 'floats')).toBeNull();
    expect(phaseS(undoIn(trial, at(6)), 'sinks')).toBeNull();
    expect(undoIn(trial, at(6)).entries).toHaveLength(trial.entries.length);
    const again = startAgain(readingIn(trial, 1, 2000), at(7));
    expect([again.readings, phaseS(again, 'touched')]).toEqual([[], null]);
    expect(standingIn(again, 'seen')).toHaveLength(1);
  });

  it('takes only what can be seen of a thing, for every kind there is', () => {
    const odd = writeIn(tub(), { kind: 'seen', what: 'ring', value: 'loud' }, at(1));
    expect(trialSchema.safeParse(odd).success).toBe(false);
    for (const kind of ['tub', 'shower', 'salts', 'cleaning'] as const)
      expect(seenRowsOf(kind).length).toBeGreaterThan(4);
    expect(usualKind({ family: 'cleaning-fizzy' })).toBe('cleaning');
  });
});

describe('a trial that should not begin', () => {
  const asked = (change: object) => ({ ...tub(), ...change });
  const water = (tempC: number, volumeL = 2) => ({ volumeL, tempC, alkalinityMgL: 100 });
  const jug = (tempC: number, pieceG = 100, volumeL = 2) =>
    startProblem(
      asked({ kind: 'scale', pieceG, water: water(tempC, volumeL) }),
      { pieceG: 120 },
      9,
    );

  it('says why, just outside of what it takes', () => {
    expect(startProblem(asked({ batchId: null, name: '' }), null, null)).toBe('no-name');
    expect(startProblem(asked({ batchId: null, name: 'x' }), null, null)).toBeNull();
    const heavy = (pieceG: number) => startProblem(asked({ pieceG }), { pieceG: 120 }, null);
    expect([heavy(240), heavy(240.1)]).toEqual([null, 'more-than-a-piece']);
    const bath = (tempC: number) => startProblem(asked({ water: water(tempC, 150) }), null, null);
    expect([bath(50), bath(51)]).toEqual([null, 'scalds']);
    expect([jug(50), jug(51), jug(20), jug(19)]).toEqual([null, 'steams', null, 'too-cold']);
    expect([jug(38, 200, 0.2), jug(38, 201, 0.2)]).toEqual([null, 'more-than-water']);
    const still = asked({ kind: 'scale', water: water(38) });
    expect(startProblem(still, { pieceG: 120 }, 0)).toBe('nothing-fizzes');
  });
});

describe('what trials teach', () => {
  /** A maker whose pieces wear so many times the model. */
  function tried(batch: Batch, times: number, days: number): Trial {
    const trial = tub(batch);
    const { lasting } = shippedFor({ trial, batch }, SHIPPED);
    if (lasting?.kind !== 'dropped') throw new Error('it is dropped');
    const goneS = lasting.goneS.best / times + WETTING_S;
    const dated = { ...trial, startedAt: at(86_400 * days) };
    const seen = writeIn(dated, { kind: 'seen', what: 'foam-1-min', value: '2' }, at(1));
    return press(press(seen, 'touched', 0), 'gone', goneS);
  }

  it('moves the forecast of the next piece, and one blunder among ten hardly does', () => {
    const batch = made();
    const settings = { ...USUAL_SETTINGS };
    const forecastS = (trials: readonly Trial[]) => {
      const workshop = { catalog: SHIPPED, settings, batches: [batch] };
      const own = taughtByTrials(trials, [batch], SHIPPED);
      const conditions = conditionsFor({ ...workshop, trials: own }, batch.body, 120);
      const { lasting } = evaluate(batch.body, conditions);
      if (lasting?.kind !== 'dropped') throw new Error('it is dropped');
      return lasting;
    };
    const shipped = forecastS([]);
    const trials = Array.from({ length: 9 }, (_, i) => tried(batch, 1.3, i));
    const own = forecastS(trials);
    expect(shipped.goneS.best / own.goneS.best).toBeCloseTo(1.3, 1);
    expect(own.ownTrials).toBe(9);
    const slipped = forecastS([...trials, tried(batch, 13, 9)]);
    expect(slipped.goneS.best).toBeGreaterThan(own.goneS.low);
    expect(slipped.goneS.best / own.goneS.best).toBeCloseTo(1, 1);
  });

  it('is nothing from elsewhere, from a batch that is gone, or while it was not seen to end', () => {
    const batch = made();
    expect(taughtByTrials([press(tub(null), 'touched', 0)], [batch], SHIPPED)).toEqual({});
    expect(taughtByTrials([tried(batch, 1.2, 0)], [], SHIPPED)).toEqual({});
    expect(taughtByTrials([press(tub(batch), 'touched', 0)], [batch], SHIPPED)).toEqual({});
    // Taken back as a whole, and counted again.
    const slip = toggleVoided(tried(batch, 1.2, 0), at(9));
    expect(taughtByTrials([slip], [batch], SHIPPED)).toEqual({});
    const again = taughtByTrials([toggleVoided(slip, at(10))], [batch], SHIPPED);
    expect(again.wear?.records).toBe(1);
  });
});

describe('the color of the water', () => {
  it('is the same under a warm lamp as in daylight, by the card', () => {
    const [card, water] = [240, 120].map((v) => ({ r: v, g: v, b: v }));
    const day = colorByCard(card ?? { r: 0, g: 0, b: 0 }, water ?? { r: 0, g: 0, b: 0 });
    const warm = colorByCard({ r: 240, g: 200, b: 160 }, { r: 120, g: 100, b: 80 });
    if (!day.ok || !warm.ok) throw new Error('both have a card');
    const channels = (hex: string) => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16));
    channels(warm.value).forEach((value, i) => {
      expect(Math.abs(value - (channels(day.value)[i] ?? 0))).toBeLessThan(6);
    });
  });

  it('is not read from a photo without white', () => {
    const water = { r: 90, g: 90, b: 90 };
    const problem = (r: number, g: number, b: number) => {
      const result = colorByCard({ r, g, b }, water);
      return result.ok ? null : result.problem;
    };
    expect(problem(89, 80, 80)).toBe('too-dark');
    expect(problem(90, 80, 80)).toBeNull();
    expect(problem(255, 255, 255)).toBe('too-bright');
    // A card may be tinted by the lamp, to 45% of its brightest channel.
    expect(problem(200, 150, 111)).toBeNull();
    expect(problem(200, 150, 109)).toBe('no-white');
  });

  it('has a strip with the forecast in its middle, paler before and deeper after', () => {
    const strip = stripAround('#ffc89a');
    expect(strip[2]).toBe('#ffc89a');
    expect(new Set(strip).size).toBe(7);
    const light = (hex: string) => parseInt(hex.slice(5, 7), 16);
    expect(strip.slice(0, 5).map(light)).toEqual(
      [...strip.slice(0, 5).map(light)].sort((a, b) => b - a),
    );
  });
});
