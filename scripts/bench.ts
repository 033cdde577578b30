import { Bench } from 'tinybench';
import { USUAL_CONDITIONS, evaluate } from '../src/core/evaluation';
import { emptyBody, type FormulaBody } from '../src/core/formula';
import { MATERIALS } from '../src/core/materials';
import { readRecipe } from '../src/core/recipe-text';
import { planScale } from '../src/core/scaling';

/** Speeds of what runs between a pull and the next picture. Printed, never asserted. */
const text = MATERIALS.filter(({ role }) => role !== 'builder')
  .slice(0, 25)
  .map(({ name }, i) => `${10 + i * 7} g ${name}`)
  .join('\n');
const read = readRecipe(text);
if (!read.ok) throw new Error(read.problem.message);
const body: FormulaBody = { ...emptyBody('bath-bomb'), parts: read.recipe.parts };

const bench = new Bench({ time: 500 })
  .add('evaluate, 25 lines', () => evaluate(body, USUAL_CONDITIONS))
  .add('read a recipe, 25 lines', () => readRecipe(text))
  .add('plan the scale, 25 lines', () =>
    planScale(body, {
      want: { kind: 'pieces', count: 12 },
      mold: { shape: 'sphere', diameterMm: 70 },
      scaleStepG: 0.1,
      lossPct: 2,
    }),
  );
await bench.run();
for (const { name, result } of bench.tasks)
  if ('latency' in result)
    process.stdout.write(
      `${name}: ${result.latency.mean.toFixed(3)} ms, 99 % under ${result.latency.p99.toFixed(3)} ms\n`,
    );
