import { expect, it } from 'vitest';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { gridSizeOf, KEY_FRAMES, waterFrames } from '@/core/tub/frames';
import { filmPlan } from '@/core/tub/plan';
import { bodyFrom } from '../../tests/fixtures/bodies';
import { colorApi } from './colorApi';
import { filmApi } from './filmApi';

const CONDITIONS = { ...USUAL_CONDITIONS, pieceG: 140 };

it('sends the water of a film in packets, each frame once and in order', async () => {
  const body = bodyFrom('300 g baking soda\n150 g citric acid\n0.4 g blue 1 dye');
  const film = filmPlan(body, CONDITIONS, evaluate(body, CONDITIONS));
  if (!film.ok) throw new Error(film.problem);
  const sent: Uint8ClampedArray[] = [];
  const count = await filmApi.film(body, CONDITIONS, [], 'bath', 'coarse', (packet) => {
    sent.push(...packet);
  });
  const made = [...waterFrames(film.value, gridSizeOf(film.value.vessel, 'coarse'))];
  expect([count, sent.length]).toEqual([KEY_FRAMES, KEY_FRAMES]);
  expect(sent[90]).toEqual(made[90]);
  expect(sent.at(-1)).toEqual(made.at(-1));
});

it('sends nothing for a shower tray, and for what does not fizz', async () => {
  const ask = (body: ReturnType<typeof bodyFrom>) =>
    filmApi.film(body, CONDITIONS, [], 'tray', 'coarse', () => {
      throw new Error('nothing comes');
    });
  expect(await ask(bodyFrom('300 g baking soda\n150 g citric acid', 'shower-steamer'))).toBe(0);
  expect(await ask(bodyFrom('300 g cornstarch'))).toBe(0);
});

it('looks for a color among the materials that are named', () => {
  const body = bodyFrom('300 g baking soda\n150 g citric acid');
  const answer = colorApi.color(
    body,
    CONDITIONS,
    {
      kind: 'tub',
      partId: body.parts[0]?.id ?? '',
      wantedHex: '#c0f0ff',
      materialIds: ['blue-1-dye', 'gold-mica', 'gone-for-good'],
      markets: ['us'],
      piece: { grams: 140 },
    },
    [],
  );
  expect(answer.offered).toBe(1);
  expect(answer.leftOut).toEqual([{ materialId: 'gold-mica', why: 'does-not-tint' }]);
  expect(answer.lines.map(({ materialId }) => materialId)).toEqual(['blue-1-dye']);
});
