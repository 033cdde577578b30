import { afterEach, describe, expect, it } from 'vitest';
import { formatMinutes, formatSeconds, formatTimer, stopwatch } from './durations';
import { guessHabits, METRIC_HABITS, useHabits } from './habits';
import { listed, shortened } from './names';
import {
  counted,
  formatChangePct,
  formatCount,
  formatFixed,
  formatGrams,
  formatPercent,
  formatPercentRange,
  formatRange,
} from './numbers';
import { areMany, subject } from './phrases';
import {
  formatLengths,
  formatLiters,
  formatMass,
  formatMassRange,
  formatOtherMass,
  formatTemp,
  formatTempRange,
} from './quantities';
import { isFull, reasonOf } from './reason';

const US = { units: 'us', isTwelveHour: true } as const;
afterEach(() => useHabits(METRIC_HABITS));

describe('figures on screen', () => {
  it.each([
    [1247.4, '1,247'],
    [100, '100'],
    [99.94, '99.9'],
    [54.25, '54.3'],
    [9.999, '10'],
    [8, '8'],
    [0.11, '0.11'],
    [0, '0'],
    [-3.2, '−3.2'],
  ])('%d g is %s', (massG, shown) => {
    expect(formatGrams(massG)).toBe(shown);
  });

  it('have a fixed number of decimals, thousands set apart, and a true minus that no zero bears', () => {
    expect(formatFixed(1868.2, 1)).toBe('1,868.2');
    expect(formatFixed(2, 3)).toBe('2.000');
    expect(formatFixed(-0.04, 1)).toBe('0.0');
    expect(formatFixed(-1234.5, 1)).toBe('−1,234.5');
    expect(formatCount(12_000)).toBe('12,000');
  });

  it('are percents without a space, and ranges with an en dash', () => {
    expect(formatPercent(0.994)).toBe('0.99%');
    expect(formatPercent(1.04)).toBe('1%');
    expect(formatPercent(45, 0)).toBe('45%');
    expect(formatChangePct(-0.099)).toBe('−0.10%');
    expect(formatChangePct(0.1)).toBe('+0.1%');
    expect(formatRange(5, 8, 0)).toBe('5–8');
    expect(formatPercentRange(1, 1.24, 1)).toBe('1.0–1.2%');
  });

  it('count in words that fit', () => {
    expect(counted(1, 'formula')).toBe('1 formula');
    expect(counted(2, 'batch', 'batches')).toBe('2 batches');
    expect(counted(1200, 'record')).toBe('1,200 records');
    expect(counted(0, 'piece')).toBe('0 pieces');
  });
});

describe('quantities', () => {
  it('are metric for one person', () => {
    expect(formatMass(54.321)).toBe('54.3 g');
    expect(formatOtherMass(54.321)).toBe('1.92 oz');
    expect(formatMassRange(54, 60)).toBe('54–60 g');
    expect(formatTemp(22)).toBe('22°C');
    expect(formatTempRange(-5, 40)).toBe('−5–40°C');
    expect(formatLiters(150)).toBe('150 L');
    expect(formatLengths([64, 32])).toBe('64 × 32 mm');
  });

  it('are ounces, Fahrenheit, gallons and inches for another', () => {
    useHabits(US);
    expect(formatMass(54.321)).toBe('1.92 oz');
    expect(formatOtherMass(54.321)).toBe('54.3 g');
    expect(formatMassRange(54, 60)).toBe('1.90–2.12 oz');
    expect(formatMassRange(4000, 5000)).toBe('141.1 oz – 11 lb');
    expect(formatMassRange(5000, 6000)).toBe('11.0–13.2 lb');
    expect(formatTemp(22)).toBe('72°F');
    expect(formatTempRange(30, 40)).toBe('86–104°F');
    expect(formatTemp(21.9, 1)).toBe('71°F');
    expect(formatLiters(150)).toBe('39.6 gal');
    expect(formatLengths([64, 32])).toBe('2.52 × 1.26 in');
    expect(formatLengths([69.8], 1)).toBe('2.75 in');
  });

  it('of 10 lb and more are pounds', () => {
    useHabits(US);
    expect(formatMass(4535)).toBe('160 oz');
    expect(formatMass(4536)).toBe('10 lb');
  });

  it('are guessed by the region of the system’s language', () => {
    expect(guessHabits('en-US')).toEqual(US);
    expect(guessHabits('en-GB')).toEqual(METRIC_HABITS);
    expect(guessHabits('en-CA')).toEqual({ units: 'metric', isTwelveHour: true });
    expect(guessHabits('de')).toEqual(METRIC_HABITS);
    expect(guessHabits('no such language')).toEqual(METRIC_HABITS);
  });
});

describe('durations', () => {
  it.each([
    [0.4, '0 min'],
    [59.4, '59 min'],
    [59.5, '1 h'],
    [130, '2 h 10 min'],
    [1439, '23 h 59 min'],
    [1440, '1 day'],
    [1620, '1 day 3 h'],
    [2 * 1440 + 30, '2 days'],
  ])('%d minutes are %s', (minutes, said) => expect(formatMinutes(minutes)).toBe(said));

  it('of a test are seconds up to a hundred, of a timer minutes where they are whole', () => {
    expect(formatSeconds(99.4)).toBe('99 s');
    expect(formatSeconds(100)).toBe('1.7 min');
    expect(formatTimer(90)).toBe('90 s');
    expect(formatTimer(120)).toBe('2 min');
    expect(stopwatch(3661)).toBe('1:01:01');
  });
});

describe('names', () => {
  it('are listed as a sentence has them, and a long one is cut', () => {
    expect(listed(['soda', 'salt'])).toBe('soda and salt');
    expect(listed(['soda', 'salt', 'clay'])).toBe('soda, salt, and clay');
    expect(shortened('moondust', 8)).toBe('moondust');
    expect(shortened('moondusts', 8)).toBe('moondust…');
  });

  it('take the verb of one or of many', () => {
    expect(subject(['PEG-40 oil'], 'draws', 'draw')).toBe('PEG-40 oil draws');
    expect(subject(['citric acid', 'Epsom salt'], 'draws', 'draw')).toBe(
      'Citric acid and Epsom salt draw',
    );
    expect(areMany(['dried calendula petals'])).toBe(true);
    expect(areMany(['Epsom salt', 'Epsom salt'])).toBe(false);
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
