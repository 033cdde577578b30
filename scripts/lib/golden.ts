import { USUAL_CONDITIONS, type Conditions } from '../../src/core/results/conditions/types';
import { MODELS_VERSION, READING_IDS } from '../../src/core/results/evaluation/types';
import { evaluate } from '../../src/core/results/evaluation/evaluate';
import { PRESETS, bodyOfPreset } from '../../src/core/formula/model/presets';
import { emptyBody } from '../../src/core/formula/model/create';
import type { FormulaBody } from '../../src/core/formula/model/schema';
import { SHIPPED } from '../../src/core/matter/materials/catalog';
import { readRecipe } from '../../src/core/formula/reading/readRecipe';
import { BOMB } from './bomb25';

/** Ten formulas over the four families; what the models say of them is kept, digit by digit. */
const RECIPES: ReadonlyArray<{
  readonly name: string;
  readonly family: FormulaBody['family'];
  readonly method: FormulaBody['method'];
  readonly text: string;
  readonly change?: Partial<Conditions>;
}> = [
  { name: '25 lines', family: 'bath-bomb', method: 'press', text: BOMB },
  {
    name: 'by the cup, in a damp room',
    family: 'bath-bomb',
    method: 'hand',
    text: '2 cups baking soda\n1 cup citric acid\n1/2 cup cornstarch\n3 tbsp coconut oil\n20 drops lavender essential oil\n1 tbsp witch hazel',
    change: { humidityPct: 61 },
  },
  {
    name: 'menthol in alcohol',
    family: 'shower-steamer',
    method: 'press',
    text: '300 g baking soda\n150 g citric acid monohydrate\n12 g menthol\n30 g 91% isopropyl alcohol\n8 g peppermint essential oil',
    change: { pieceG: 40 },
  },
  {
    name: 'borax and vinegar in a basin',
    family: 'cleaning-fizzy',
    method: 'silicone',
    text: '270 g washing soda\n180 g borax\n40 g epsom salt\n70 g baking soda\n60 g citric acid\n45 g vinegar',
    change: { pieceG: 28, tub: { volumeL: 5, alkalinityMgL: 220, tempC: 45 } },
  },
  {
    name: 'dyes, vanilla and an embed in a dry room',
    family: 'bath-bomb',
    method: 'detail',
    text: '1000 g baking soda\n540 g citric acid\n60 g kaolin\n60 g shea butter\n12 g polysorbate 80\n10 g vanilla fragrance oil\n6 g water\n0.7 g blue 1 dye\n0.4 g red 33 dye\nEmbed:\n70 g baking soda\n50 g citric acid\n1 g yellow 5 lake',
    change: { humidityPct: 32, pieceG: 150 },
  },
];

/** Every reading and finding of the ten, as they are kept. */
export function goldenReadings() {
  const all = [
    ...PRESETS.map(({ id }) => ({
      name: `preset ${id}`,
      body: bodyOfPreset(id),
      conditions: { ...USUAL_CONDITIONS, pieceG: 120 },
    })),
    ...RECIPES.map(({ name, family, method, text, change }) => {
      const read = readRecipe(text, SHIPPED);
      if (!read.ok) throw new Error(`${name}: ${read.problem.message}`);
      const { parts, unread } = read.recipe;
      if (unread.length > 0) throw new Error(`${name}: ${unread[0]?.text} was not read`);
      return {
        name,
        body: { ...emptyBody(family), method, parts },
        conditions: { ...USUAL_CONDITIONS, ...change },
      };
    }),
  ];
  return {
    modelsVersion: MODELS_VERSION,
    readings: Object.fromEntries(
      all.map(({ name, body, conditions }) => {
        const { judged, fizz, binder, water, scent, color, lasting, surface, findings } = evaluate(
          body,
          conditions,
        );
        return [
          name,
          rounded({
            judged: READING_IDS.map((id) => [id, judged[id].value, judged[id].window]),
            fizz,
            binder,
            water,
            scent: { loadPct: scent.loadPct, limit: scent.limit?.loadPct ?? null },
            color,
            lasting,
            surface,
            findings: findings.map(({ code, severity }) => `${code} ${severity}`),
          }),
        ];
      }),
    ),
  };
}

/** Nine figures: what is left apart on another machine's arithmetic is no change of a model. */
function rounded(value: unknown): unknown {
  if (typeof value === 'number') return Number(value.toPrecision(9));
  if (Array.isArray(value)) return value.map(rounded);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, rounded(part)]));
}
