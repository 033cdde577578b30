import { describe, expect, it } from 'vitest';
import type { ClassSheet } from '@/core/work/class-sheet/classSheet';
import { classPaper } from './classPaper';

const line = (name: string, eachG: number, isLiquid: boolean) => ({
  name,
  eachG,
  allG: 12 * eachG,
  isLiquid,
  isForLeader: eachG < 0.3,
});
const SHEET: ClassSheet = {
  children: 12,
  eachG: 60,
  lines: [
    line('Baking soda', 40, false),
    line('Yellow dye', 0.01, false),
    line('Water', 0.2, true),
  ],
  acids: ['citric acid'],
  hasSoda: true,
  hasScent: false,
  gasL: 9.1,
  balloonCm: 25.9,
};
const said = (sheet: ClassSheet, stops: readonly string[] = []) =>
  JSON.stringify(classPaper('Lantern', sheet, stops).parts);

describe('a class sheet on paper', () => {
  it('never puts water into the powder first', () => {
    const text = said(SHEET);
    expect(text).toContain('mixes into the soda first: Yellow dye.');
    expect(text).toContain('gives it out in drops at the end: Water.');
    // A little is not written as nothing.
    expect(text).toContain('"0.12 g"');
  });

  it('says why a formula is none for a class, and what makes no fizz', () => {
    expect(said(SHEET)).not.toContain('Not for a class');
    expect(said(SHEET, ['Chlorine may form.'])).toContain('Not for a class: Chlorine may form.');
    expect(said({ ...SHEET, acids: [] })).toContain('does not fizz by itself');
    expect(said({ ...SHEET, gasL: 0 })).toContain('This mix gives no gas.');
  });
});
