import { HyperFormula } from 'hyperformula';
import { Bench } from 'tinybench';
import { USUAL_CONDITIONS, evaluate } from '../src/core/evaluation';
import { allLines, emptyBody, type FormulaBody } from '../src/core/formula';
import { MATERIALS, materialById, reactantsOf } from '../src/core/materials';
import { readRecipe } from '../src/core/recipe-text';
import { NO_WISHES, rebalance } from '../src/core/rebalance';
import { USUAL_REQUEST, planScale } from '../src/core/scaling';
import { speciesById } from '../src/core/chemistry';
import { BOMB } from './lib/bomb25';

/** Speeds of what runs between a pull and the next picture. Printed, never asserted. */
const text = MATERIALS.filter(({ role }) => role !== 'builder')
  .slice(0, 25)
  .map(({ name }, i) => `${10 + i * 7} g ${name}`)
  .join('\n');
const read = readRecipe(text);
if (!read.ok) throw new Error(read.problem.message);
const body: FormulaBody = { ...emptyBody('bath-bomb'), parts: read.recipe.parts };
const { sheet, pull } = spreadsheetOf(body);
const pulled = bombOf25Lines();

const EVALUATE = 'evaluate, 25 lines, all readings and findings';
const SPREADSHEET = 'a general spreadsheet engine, the same totals and ratios only';
const bench = new Bench({ time: 800 })
  .add(EVALUATE, () => evaluate(body, USUAL_CONDITIONS))
  .add(SPREADSHEET, pull)
  .add('rebalance, 25 lines, every window, three wishes', () =>
    rebalance(pulled, USUAL_CONDITIONS, {
      ...NO_WISHES,
      ids: ['harder', 'drier', 'cheaper'],
    }),
  )
  .add('read a recipe, 25 lines', () => readRecipe(text))
  .add('plan the scale, 25 lines', () => planScale(body, USUAL_REQUEST));
await bench.run();
const medianMs = new Map<string, number>();
for (const { name, result } of bench.tasks)
  if ('latency' in result) {
    medianMs.set(name, result.latency.p50);
    print(
      `${name}: median ${result.latency.p50.toFixed(3)} ms, 99 % under ${result.latency.p99.toFixed(3)} ms`,
    );
  }
const ratio = (medianMs.get(EVALUATE) ?? NaN) / (medianMs.get(SPREADSHEET) ?? NaN);
print(`evaluate takes ${ratio.toFixed(2)} times as long as the spreadsheet's totals`);
sheet.destroy();

/** A bomb of 25 lines, too oily by half: the kind of thing that is rebalanced. */
function bombOf25Lines(): FormulaBody {
  const card = readRecipe(BOMB);
  if (!card.ok) throw new Error(card.problem.message);
  return { ...emptyBody('bath-bomb'), parts: card.recipe.parts };
}

/**
 * A sheet with a line a row: grams, and per gram its acid and base equivalents, water, solid and liquid volume;
 * below them the totals, soda to acid, share of balance, free water and damp. `pull` types new grams into one row.
 */
function spreadsheetOf(formula: FormulaBody) {
  const rows = allLines(formula).map(({ materialId, massG }) => {
    const material = materialById(materialId);
    const equivalents = (side: 'acid' | 'base') =>
      reactantsOf([{ materialId, massG: 1 }]).reduce((sum, { speciesId, massG: grams }) => {
        const species = speciesById(speciesId);
        return species.side === side
          ? sum + (grams * species.equivalentsPerMol) / species.molarMassGMol
          : sum;
      }, 0);
    const perMl = 1 / material.trueDensityGMl.value;
    return [
      massG,
      equivalents('acid'),
      equivalents('base'),
      material.waterFraction.value,
      material.isLiquid ? 0 : perMl,
      material.isLiquid ? perMl * (material.bindingPerMl?.value ?? 0) : 0,
      material.isLiquid ? 0 : (material.uptakeGPerG?.value ?? 0),
      material.isLiquid ? 1 : 0,
    ];
  });
  const last = rows.length;
  const total = (column: string) => `=SUMPRODUCT(A1:A${last},${column}1:${column}${last})`;
  const cell = (column: string, below: number) => `${column}${last + below}`;
  const engine = HyperFormula.buildFromArray(
    [
      ...rows,
      [`=SUM(A1:A${last})`, total('B'), total('C'), total('D'), total('E'), total('F'), total('G')],
      [
        total('H'),
        `=IF(${cell('B', 1)}>0,${cell('C', 1)}/${cell('B', 1)},0)`,
        `=100*${cell('D', 1)}/${cell('A', 1)}`,
        `=100*${cell('F', 1)}*(1-MIN(0.8,${cell('G', 1)}/${cell('A', 2)}))/${cell('E', 1)}`,
      ],
    ],
    { licenseKey: 'gpl-v3' },
  );
  let grams = 100;
  return {
    sheet: engine,
    pull: () => {
      grams = grams === 100 ? 101 : 100;
      engine.setCellContents({ sheet: 0, row: 0, col: 0 }, grams);
      return engine.getCellValue({ sheet: 0, row: last + 1, col: 3 });
    },
  };
}

function print(line: string): void {
  process.stdout.write(`${line}\n`);
}
