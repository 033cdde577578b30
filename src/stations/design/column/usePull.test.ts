import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { usePull } from './usePull';

function pulling(gramsPerPx: number) {
  const start = bodyFrom('200 g baking soda\n50 g cornstarch\n100 g citric acid');
  const [upper, lower] = allLines(start).map(({ id }) => id) as [string, string];
  let body: FormulaBody = start;
  let ended = 0;
  const pull = usePull({
    body: () => body,
    gramsPerPx: () => gramsPerPx,
    onMove: (next) => {
      body = next;
    },
    onEnd: () => ended++,
  });
  const move = (clientY: number) => pull.movePull({ clientY } as PointerEvent);
  return {
    pull,
    move,
    upper,
    lower,
    grams: () => allLines(body).map(({ massG }) => massG),
    ended: () => ended,
  };
}

describe('pulling a boundary', () => {
  it('starts each move from where the pull began, so that going back undoes it', () => {
    const { pull, move, upper, lower, grams } = pulling(2);
    pull.startPull(upper, lower, 100);
    move(110);
    expect(grams()).toEqual([220, 30, 100]);
    move(105);
    expect(grams()).toEqual([210, 40, 100]);
    move(100);
    expect(grams()).toEqual([200, 50, 100]);
  });

  it('moves in whole grams where a px is a gram, else in tenths, and stops at nothing', () => {
    const coarse = pulling(1.37);
    coarse.pull.startPull(coarse.upper, coarse.lower, 0);
    coarse.move(3);
    expect(coarse.grams()[0]).toBe(204);
    const fine = pulling(0.04);
    fine.pull.startPull(fine.upper, fine.lower, 0);
    fine.move(3);
    expect(fine.grams()[0]).toBeCloseTo(200.1, 9);
    coarse.move(9999);
    expect(coarse.grams()).toEqual([250, 0, 100]);
  });

  it('moves nothing before it is begun or after it has ended, and ends once', () => {
    const { pull, move, upper, lower, grams, ended } = pulling(2);
    move(50);
    pull.stopPull();
    pull.startPull(upper, lower, 0);
    pull.stopPull();
    pull.stopPull();
    move(50);
    expect(grams()).toEqual([200, 50, 100]);
    expect(ended()).toBe(1);
  });
});
