import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { bodyOfPreset } from '@/core/formula/model/presets';
import { emptyBody } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { instrumentsOf } from './readingsMessages';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';

function instruments(body: FormulaBody) {
  const readings = instrumentsOf(evaluate(body, { ...USUAL_CONDITIONS, pieceG: 150 }));
  return Object.fromEntries(readings.map((reading) => [reading.title, reading]));
}

describe('the instruments', () => {
  it('stand in their order, each with a why that names a source', () => {
    const readings = instrumentsOf(evaluate(bodyFrom(LANTERN), USUAL_CONDITIONS));
    expect(readings.map(({ title }) => title)).toEqual([
      'Fizz balance',
      'Gas',
      'Moisture',
      'Loose water',
      'Scent',
      'Water',
    ]);
    for (const { title, why } of readings) expect(why.join(' '), title).toMatch(/Source:/);
  });

  it('say that there is nothing yet of an empty column, without a false figure', () => {
    const empty = instruments(emptyBody('bath-bomb'));
    expect(empty['Fizz balance']).toMatchObject({ figure: '–', value: null, low: null });
    expect(empty.Gas?.sentence).toBe('There is no gas yet.');
    expect(empty.Moisture).toMatchObject({ figure: '–', value: null });
    expect(empty.Moisture?.sentence).toMatch(/no powder yet/i);
    expect(empty.Water).toMatchObject({ figure: '–', value: null });
  });

  it.each([
    ['200 g baking soda', 'Fizz balance', 'There is no acid yet, so it won’t fizz.', 'warning'],
    ['100 g citric acid', 'Fizz balance', 'There is no soda yet, so it won’t fizz.', 'warning'],
    [
      '100 g baking soda\n100 g citric acid',
      'Fizz balance',
      'Soda runs out first. 23.8 g of acid is left.',
      'warning',
    ],
    [
      '131.2 g baking soda\n100 g citric acid',
      'Fizz balance',
      'In balance. Nothing is left over.',
      'calm',
    ],
    [
      '200 g baking soda\n100 g citric acid',
      'Moisture',
      'Too dry. It crumbles at the edges.',
      'warning',
    ],
    ['200 g baking soda\n40 g castor oil', 'Moisture', 'Too wet. It sticks and swells.', 'warning'],
    [
      '200 g baking soda\n20 g water',
      'Loose water',
      'It will swell in the bowl or on the tray. Liquids are 20 g in all.',
      'warning',
    ],
    ['200 g baking soda\n10 g fragrance oil', 'Scent', 'More than usual.', 'warning'],
    [
      '200 g baking soda\n3 g clove bud oil',
      'Scent',
      'Over the limit of 0.6%, set by Eugenol.',
      'stop',
    ],
  ] as const)('say of “%s” under %s: %s', (text, title, sentence, tone) => {
    expect(instruments(bodyFrom(text))[title]).toMatchObject({ sentence, tone });
  });

  it('keep the mark of where it stands on the scale, however far off the mix is', () => {
    for (const text of [
      LANTERN,
      '900 g baking soda\n10 g citric acid',
      '10 g baking soda\n90 g fragrance oil\n1 g citric acid',
    ])
      for (const { title, value, from, to } of Object.values(instruments(bodyFrom(text)))) {
        if (title === 'Scent' && value !== null) expect(value).toBeLessThanOrEqual(to);
        expect(from).toBeLessThan(to);
      }
  });

  it('show an honest spread only where an amount was scooped', () => {
    expect(
      instruments(bodyFrom('200 g baking soda\n100 g citric acid'))['Fizz balance']?.spread,
    ).toBeNull();
    expect(
      instruments(bodyFrom('1 cup baking soda\n100 g citric acid'))['Fizz balance']?.spread,
    ).not.toBeNull();
  });

  it('speak of a cleaning piece as of a solution, never of a bather or a bath’s window', () => {
    const body = bodyOfPreset('cleaning');
    const readings = instrumentsOf(
      evaluate(body, {
        ...USUAL_CONDITIONS,
        pieceG: 28,
        tub: { volumeL: 5, alkalinityMgL: 100, tempC: 45 },
      }),
      'cleaning-fizzy',
    );
    const fizz = readings.find(({ title }) => title === 'Fizz balance');
    const water = readings.find(({ title }) => title === 'Water');
    expect(fizz).toMatchObject({ low: null, mark: null, tone: 'calm' });
    expect(fizz?.sentence).toMatch(/left to clean/);
    expect(water).toMatchObject({ low: 5, high: 10.5, tone: 'calm' });
    expect(water?.sentence).toMatch(/Alkaline\. It removes grease/);
  });
});
