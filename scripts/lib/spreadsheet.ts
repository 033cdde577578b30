import { HyperFormula } from 'hyperformula';
import { dampWindow } from '../../src/core/results/binder/windows';
import { freeWaterLimitsPct } from '../../src/core/results/binder/freeWater';
import { speciesById } from '../../src/core/matter/chemistry/species';
import { COLORANTS } from '../../src/core/results/color/colorants';
import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { isFiller, isOily } from '../../src/core/results/fizz/composition';
import { allLines } from '../../src/core/formula/model/edit';
import type { FormulaBody } from '../../src/core/formula/model/schema';
import { SHIPPED, materialById } from '../../src/core/matter/materials/catalog';
import { reactantsOf } from '../../src/core/matter/materials/reactants';
import type { Material } from '../../src/core/matter/materials/material';
import { packedDensityGMl } from '../../src/core/results/fizz/packedDensity';
import { CONSTITUENTS } from '../../src/core/results/scent/constituents';
import { limitedConstituents } from '../../src/core/results/scent/limits';

/** What a sheet cannot hold: it has no solver, and no words. */
export const NOT_IN_THE_SHEET = [
  'pH fresh, half vented and settled, ionic strength, gas that stays dissolved (solved by iteration)',
  'the least additions that cure a finding (solved by bisection)',
  'how long loose grains last (solved by bisection)',
] as const;

type Column = (material: Material) => number;

const WAVELENGTHS = 41;

/**
 * A sheet that holds the same readings of a formula: a row a line with its grams and, per gram, everything the
 * readings are summed from; below, the readings and the conditions of the findings on materials as cells.
 * `pull` types new grams into the first row and reads the damp index.
 */
export function spreadsheetOf(formula: FormulaBody) {
  const lines = allLines(formula);
  const materials = lines.map(({ materialId }) => materialById(SHIPPED, materialId));
  const columns: Column[] = [];
  const rows = lines.length;
  /** The address of a column's sum over grams. */
  const sum = (column: Column): string => {
    columns.push(column);
    const name = columnName(columns.length);
    return `SUMPRODUCT($A$1:$A$${rows},${name}$1:${name}$${rows})`;
  };
  const cells: string[] = [];
  const cell = (text: string): string => {
    cells.push(`=${text}`);
    return `A${rows + cells.length}`;
  };
  const reading = (column: Column) => cell(sum(column));
  const of = (holds: (material: Material) => boolean) => reading((one) => (holds(one) ? 1 : 0));

  const total = cell(`SUM($A$1:$A$${rows})`);
  fizzCells(cell, reading);
  dampCells(formula, cell, reading, total);
  const scentG = of(({ role }) => role === 'scent');
  const load = cell(`100*${scentG}/${total}`);
  cell(`${of(({ role }) => role === 'emulsifier')}/${of(isOily)}`);
  scentCells(materials, cell, reading, total, load);
  wearCells(formula, cell, of, total);
  colorCells(cell, reading, total);
  for (const trait of new Set(materials.flatMap(({ traits }) => traits)))
    cell(`IF(${of(({ traits }) => traits.includes(trait))}>0,1,0)`);
  for (const [i, { usualMaxPct, usualPct }] of materials.entries())
    cell(`IF(100*A${i + 1}/${total}>${usualMaxPct?.value ?? usualPct?.value.highPct ?? 100},1,0)`);

  const engine = HyperFormula.buildFromArray(
    [
      ...materials.map((material, i) => [
        lines[i]?.massG ?? 0,
        ...columns.map((column) => column(material)),
      ]),
      ...cells.map((text) => [text]),
    ],
    { licenseKey: 'gpl-v3' },
  );
  let grams = 100;
  return {
    sheet: engine,
    readings: cells.length,
    pull: () => {
      grams = grams === 100 ? 101 : 100;
      engine.setCellContents({ sheet: 0, row: 0, col: 0 }, grams);
      return engine.getCellValue({ sheet: 0, row: rows, col: 0 });
    },
  };
}

type Cell = (text: string) => string;
type Reading = (column: Column) => string;

function fizzCells(cell: Cell, reading: Reading): void {
  const acid = reading(perGram('acid', (s) => s.equivalentsPerMol / s.molarMassGMol));
  const base = reading(perGram('base', (s) => s.equivalentsPerMol / s.molarMassGMol));
  const acidG = reading(perGram('acid', () => 1));
  const fizzingG = reading(perGram('base', (s) => (s.carbonDioxidePerMol > 0 ? 1 : 0)));
  const fizzing = reading(
    perGram('base', (s) => (s.carbonDioxidePerMol > 0 ? s.equivalentsPerMol / s.molarMassGMol : 0)),
  );
  const gasless = reading(perGram('base', (s) => s.gaslessEquivalentsPerMol / s.molarMassGMol));
  const carbon = reading(perGram('base', (s) => s.carbonDioxidePerMol / s.molarMassGMol));
  const ratio = cell(`IF(${acidG}>0,${fizzingG}/${acidG},0)`);
  const balance = cell(
    `IF(${fizzing}>0,MAX(0,${acid}-(${base}-${fizzing}))*${fizzingG}/${fizzing}/${acidG},0)`,
  );
  cell(`IF(AND(${ratio}>=${balance}*0.991,${ratio}<=${balance}*1.6),0,1)`);
  const gas = cell(`MIN(${carbon},MAX(0,${acid}-${gasless}))`);
  cell(`${gas}*44.009`);
  cell(`${gas}*0.082057*311.15`);
  cell(`MAX(0,${base}-${acid})*84.007`);
  cell(`IF(${acid}>${base},${acidG}*(${acid}-${base})/${acid},0)`);
  cell(`IF(ABS(${acid}-${base})<=0.005*MAX(${acid},${base}),0,IF(${acid}<${base},1,2))`);
}

function dampCells(formula: FormulaBody, cell: Cell, reading: Reading, total: string): void {
  const perMl = ({ trueDensityGMl }: Material) => 1 / trueDensityGMl.value;
  const liquid = reading(({ isLiquid }) => (isLiquid ? 1 : 0));
  const liquidMl = reading((one) => (one.isLiquid ? perMl(one) : 0));
  const solidMl = reading((one) => (one.isLiquid ? 0 : perMl(one)));
  const binding = reading((one) =>
    one.isLiquid ? perMl(one) * (one.bindingPerMl?.value ?? 0) : 0,
  );
  const water = reading(({ waterFraction }) => waterFraction.value);
  const crystal = reading((one) => (one.isLiquid ? 0 : (one.waterUptakeGPerG?.value ?? 0)));
  const powder = reading((one) => (one.isLiquid ? 0 : (one.uptakeGPerG?.value ?? 0)));
  const fat = reading((one) => (one.traits.includes('sets-when-cool') ? 1 : 0));
  const bound = cell(`MIN(${water},${crystal})`);
  const free = cell(`100*(${water}-${bound})/${total}`);
  const spray = reading((one) =>
    one.role === 'watery' || one.role === 'alcohol'
      ? perMl(one) * (one.bindingPerMl?.value ?? 0)
      : 0,
  );
  const sprayed = cell(`${spray}*(1-MIN(0.8,${bound}/${liquid}+MIN(0.3,${powder}/${liquid})))`);
  const rest = cell(`(${binding}-${spray})*(1-MIN(0.8,(${bound}+${powder})/${liquid}))`);
  const damp = cell(`100*(${sprayed}+${rest})/${solidMl}`);
  const windowAt = (sprayFraction: number) =>
    dampWindow(formula.method, USUAL_CONDITIONS.humidityPct, {
      settingFatFraction: 0,
      settingFatPct: 0,
      settingBuilderFraction: 0,
      sprayFraction,
    });
  const [oily, wet] = [windowAt(0), windowAt(1)];
  const share = cell(`IF(${sprayed}+${rest}>0,${sprayed}/(${sprayed}+${rest}),0)`);
  const edge = (side: 'lowPct' | 'highPct') =>
    oily[side] > 0
      ? cell(`1/(${share}/${wet[side]}+(1-${share})/${oily[side]})`)
      : String(oily[side]);
  const high = cell(`IF(${fat}/${liquid}>0.5,MAX(${edge('highPct')},26),${edge('highPct')})`);
  cell(`IF(${damp}<${edge('lowPct')},-1,IF(${damp}>${high},1,0))`);
  const limits = freeWaterLimitsPct(USUAL_CONDITIONS.humidityPct, 1);
  cell(
    `IF(${free}<=${limits.easyPct},0,IF(${free}<=${limits.briskPct},1,IF(${free}<=${limits.riskyPct},2,3)))`,
  );
  const pores = cell(`${total}/${packedDensityGMl(formula.method).best}-${solidMl}`);
  cell(`IF(${pores}>0,${liquidMl}/${pores},0)`);
}

/** Every constituent summed over the oils, its share, its limit on this blend, and whether it is declared. */
function scentCells(
  materials: readonly Material[],
  cell: Cell,
  reading: Reading,
  total: string,
  load: string,
): void {
  const limits = limitedConstituents(
    materials.filter(({ role }) => role === 'scent'),
    'bath-bomb',
  );
  const most = limits.map(({ limitPct, shareOf }) => {
    const share = cell(`100*${reading(({ id }) => shareOf(id))}/${total}`);
    return cell(`IF(${share}>0.000001,${limitPct}/${share}*${load},1000)`);
  });
  if (most.length > 0) cell(`IF(${load}>MIN(${most.join(',')}),1,0)`);
  for (const constituent of CONSTITUENTS) if (constituent.isDeclared) cell(`IF(${load}>0.01,1,0)`);
}

function wearCells(
  formula: FormulaBody,
  cell: Cell,
  of: (holds: (material: Material) => boolean) => string,
  total: string,
): void {
  const filler = cell(`${of(isFiller)}/${total}`);
  const oil = cell(`${of(isOily)}/${total}`);
  const density = packedDensityGMl(formula.method).best;
  const speed = cell(`0.1944*${density}^-1.5*EXP(-2*${filler}-6*${oil})`);
  const radius = cell(`10*(3*${total}/${density}/4/PI())^(1/3)`);
  cell(`${radius}/${speed}`);
  cell(`${radius}/${speed}/1.5`);
  cell(`${radius}/${speed}*1.67`);
  const foamer = of(({ role }) => role === 'foamer');
  cell(`${foamer}*1.5`);
  cell(`${foamer}*0.6`);
  cell(`${foamer}*3`);
}

/** Dry piece by three channels, tub water by 41 wavelengths and three sums over them. */
function colorCells(cell: Cell, reading: Reading, total: string): void {
  const colorant = ({ likeId }: Material) => COLORANTS[likeId];
  for (let channel = 0; channel < 3; channel++) {
    const ks = cell(`100*${reading((one) => colorant(one)?.strengthPerPct ?? 0)}/${total}+0.01`);
    cell(`1+${ks}-SQRT(${ks}^2+2*${ks})`);
  }
  const through = Array.from({ length: WAVELENGTHS }, (_, i) => {
    const nm = 380 + 10 * i;
    return cell(
      `10^-(${reading((one) =>
        (colorant(one)?.bands ?? []).reduce(
          (sum, { peakNm, widthNm, absorbanceLGCm }) =>
            sum + (absorbanceLGCm * 30 * Math.exp(-0.5 * ((nm - peakNm) / widthNm) ** 2)) / 150,
          0,
        ),
      )})`,
    );
  });
  for (let channel = 0; channel < 3; channel++) cell(`SUM(${through.join(',')})`);
}

function perGram(
  side: 'acid' | 'base',
  value: (species: ReturnType<typeof speciesById>) => number,
): Column {
  return (material) =>
    reactantsOf([{ material, massG: 1 }]).reduce((sum, { speciesId, massG }) => {
      const species = speciesById(speciesId);
      return species.side === side ? sum + massG * value(species) : sum;
    }, 0);
}

/** `A` is the grams; columns of values begin at `B`. */
function columnName(index: number): string {
  let name = '';
  for (let n = index + 1; n > 0; n = Math.floor((n - 1) / 26))
    name = String.fromCharCode(65 + ((n - 1) % 26)) + name;
  return name;
}
