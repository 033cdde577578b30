import { ATOMIC_WEIGHTS_G_MOL } from '../../src/core/matter/chemistry/atomicWeights';
import { ACID_SYSTEMS } from '../../src/core/matter/chemistry/equilibrium/acidSystems';
import { SPECIES } from '../../src/core/matter/chemistry/species';
import { COLORANTS } from '../../src/core/results/color/colorants';
import { MATERIALS } from '../../src/core/matter/materials/catalog';
import { SOURCES, type Sourced } from '../../src/core/matter/materials/sources';
import { compositionOf } from '../../src/core/results/scent/compositions';
import { CONSTITUENTS } from '../../src/core/results/scent/constituents';
import { BARRIERS } from '../../src/core/batches/shelf-life/barriers';
import { CAS } from '../../src/core/goods/labels/ingredients/registry';
import { COMPLEXES } from '../../src/core/goods/labels/ingredients/complexes';
import { SPLITS } from '../../src/core/goods/labels/ingredients/splits';
import { US_NAMES } from '../../src/core/goods/labels/ingredients/usNames';
import { DECLARABLE } from '../../src/core/results/scent/declarable';
import { MEASURE_UNITS } from '../../src/core/basics/units/household';

type Cell = string | number | null | undefined;

/** docs/tables.md: every value of the core's tables with its source, written from the tables themselves. */
export function tablesDoc(): string {
  return [
    '# Tables of the core',
    'Written by `npm run tables` from the tables in `src/core`; a test fails when it is not current. A word after a value names its source:',
    list(Object.entries(SOURCES).map(([id, { title }]) => `**${id}**: ${title}`)),
    ...atomicWeights(),
    ...species(),
    ...acids(),
    ...units(),
    ...materials(),
    ...constituents(),
    ...compositions(),
    ...colorants(),
    ...barriers(),
    ...allergens(),
    ...ingredientNames(),
    '',
  ].join('\n\n');
}

function atomicWeights(): string[] {
  const rows = Object.entries(ATOMIC_WEIGHTS_G_MOL).map(([element, weight]) => [element, weight]);
  return [
    '## Atomic weights',
    'g/mol. IUPAC, Standard Atomic Weights 2021, abridged.',
    table(['element', 'g/mol'], rows),
  ];
}

function species(): string[] {
  return [
    '## Reacting substances',
    'Equivalents are protons given or taken per mole; “before gas” those a base takes before it gives any.',
    table(
      ['substance', 'formula', 'g/mol', 'side', 'equivalents', 'before gas', 'CO2', 'source'],
      SPECIES.map((row) => [
        row.name,
        row.formula,
        row.molarMassGMol.toFixed(3),
        row.side,
        row.equivalentsPerMol,
        row.gaslessEquivalentsPerMol,
        row.carbonDioxidePerMol,
        row.source,
      ]),
    ),
  ];
}

function acids(): string[] {
  return [
    '## Acids in water',
    table(
      ['acid', 'pKa at 25°C', 'kJ/mol of each step', 'source'],
      ACID_SYSTEMS.map(({ id, pKas, enthalpiesKJMol, source }) => [
        id,
        pKas.join(', '),
        enthalpiesKJMol.join(', '),
        source,
      ]),
    ),
  ];
}

function units(): string[] {
  return [
    '## Measures',
    'Grams of a mass, milliliters of a volume, a count of drops and squirts.',
    table(
      ['measure', 'kind', 'size', 'source'],
      MEASURE_UNITS.map(({ id, kind, size, source }) => [id, kind, size, source]),
    ),
  ];
}

function materials(): string[] {
  return [
    `## Materials`,
    `${MATERIALS.length} of them. INCI names are not looked up. Densities are in g/mL, of the grain or the liquid and of a level measure (low, best, high). Water, alcohol and oil are shares of mass. Uptake is in g/g, the usual share of a mix in %, shelf life in months. The price is relative to baking soda.`,
    table(
      [
        'material',
        'INCI',
        'density',
        'level measure',
        'water',
        'alcohol',
        'oil',
        'binds per mL',
        'uptake',
        'melts °C',
        'usual %',
        'at most %',
        'not for',
        'vegan',
        'food allergen',
        'keeps',
        'price',
      ],
      MATERIALS.map((material) => [
        `${material.name} (\`${material.id}\`)`,
        material.inci,
        said(material.trueDensityGMl),
        material.isLiquid
          ? null
          : said(
              material.densityGMl.level,
              ({ low, best, high }) => `${short(low)}, ${short(best)}, ${short(high)}`,
            ),
        said(material.waterFraction),
        said(material.alcoholFraction),
        said(material.oilFraction),
        said(material.bindingPerMl),
        said(material.uptakeGPerG ?? material.waterUptakeGPerG),
        said(material.meltingC),
        said(material.usualPct, ({ lowPct, highPct }) => `${lowPct}–${highPct}`),
        said(material.usualMaxPct),
        said(material.notFor, ({ uses, why }) => `${uses.join(', ')}: ${why}`),
        said(material.vegan, (vegan) => vegan),
        said(material.foodAllergen, (food) => food),
        said(material.shelfLifeMonths),
        said(material.relativePrice),
      ]),
    ),
  ];
}

function constituents(): string[] {
  return [
    '## Constituents of scents',
    'Most in a rinse-off product, % by mass.',
    table(
      ['constituent', 'at most %', 'declared', 'source'],
      CONSTITUENTS.map(({ name, limitPct, isDeclared, source }) => [
        name,
        limitPct,
        isDeclared ? 'yes' : 'no',
        source,
      ]),
    ),
  ];
}

function compositions(): string[] {
  const scents = MATERIALS.filter(({ role }) => role === 'scent');
  return [
    '## Compositions of scents',
    'Typical shares in %, by published analyses that were not looked up, until the supplier’s document is on file.',
    table(
      ['scent', 'shares'],
      scents.map((scent) => [
        scent.name,
        Object.entries(compositionOf(scent) ?? {})
          .map(([constituent, share]) => `${constituent} ${short(100 * share)}`)
          .join(', ') || 'nothing on file',
      ]),
    ),
  ];
}

function colorants(): string[] {
  return [
    '## Colors',
    'K/S of the tint for each 1% of the mix. Bands in water are peak nm, width nm, absorbance of 1 g/L over 1 cm.',
    table(
      ['color', 'tint', 'strength', 'bands', 'source'],
      Object.entries(COLORANTS).map(([id, { tintHex, strengthPerPct, bands, source }]) => [
        id,
        tintHex,
        strengthPerPct,
        bands
          .map(({ peakNm, widthNm, absorbanceLGCm }) => `${peakNm}, ${widthNm}, ${absorbanceLGCm}`)
          .join('; '),
        source,
      ]),
    ),
  ];
}

function barriers(): string[] {
  return [
    '## Wraps',
    'Water vapor let through at 38°C and 90%, g/m² a day.',
    table(
      ['wrap', 'g/m² a day', 'source'],
      BARRIERS.map(({ name, gM2Day, source }) => [name, gM2Day ?? 'all', source]),
    ),
  ];
}

function allergens(): string[] {
  return [
    '## Allergens a label names in the EU',
    'Regulation (EC) 1223/2009, annex III, with (EU) 2023/1545. Not checked against the current rule.',
    DECLARABLE.join(', ') + '.',
    table(
      ['plant oil on the label', 'stands for', 'source'],
      COMPLEXES.map(({ name, inci, source }) => [name, inci.join(', '), source]),
    ),
  ];
}

function ingredientNames(): string[] {
  return [
    '## Names of ingredients',
    'EU name, US name where it is another, CAS number where one is on file. Not looked up.',
    table(
      ['EU', 'US', 'CAS'],
      [...new Set([...Object.keys(US_NAMES), ...Object.keys(CAS)])]
        .sort()
        .map((name) => [name, US_NAMES[name], CAS[name]]),
    ),
    '## Compound materials on a label',
    'Shares by mass, by usual supplier compositions. Not looked up.',
    table(
      ['material', 'made of'],
      Object.entries(SPLITS).map(([id, parts]) => [
        id,
        parts.map(({ name, fraction }) => `${name} ${short(100 * fraction)}%`).join(', '),
      ]),
    ),
  ];
}

function said<T>(
  value: Sourced<T> | null | undefined,
  words: (value: T) => string = (one) => short(one as number),
): string | null {
  return value ? `${words(value.value)} (${value.source})` : null;
}

function short(value: number): string {
  return String(Number(value.toPrecision(4)));
}

function table(head: readonly string[], rows: ReadonlyArray<readonly Cell[]>): string {
  const line = (cells: readonly Cell[]) => `| ${cells.map((cell) => cell ?? '').join(' | ')} |`;
  return [line(head), line(head.map(() => '---')), ...rows.map(line)].join('\n');
}

function list(items: readonly string[]): string {
  return items.map((item) => `- ${item}`).join('\n');
}
