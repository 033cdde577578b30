import { addLine, setLineMass } from '../../src/core/formula/model/edit';
import { addPart } from '../../src/core/formula/model/parts';
import { emptyBody, newFormula } from '../../src/core/formula/model/create';
import { keepVersion } from '../../src/core/formula/model/versions';
import type { Family, Formula, FormulaBody, Method } from '../../src/core/formula/model/schema';
import { SHIPPED, materialById } from '../../src/core/matter/materials/catalog';
import { readRecipe } from '../../src/core/formula/reading/readRecipe';
import { exactly } from '../../src/core/basics/units/spread';
import { at } from './sampleTime';

/** The eight formulas of the made-up workshop. */
export function sampleFormulas() {
  const quince = formula('Quince Lantern', 'bath-bomb', 'press', '2025-10-30', [
    `
950 g baking soda
520 g citric acid
40 g kaolin
75 g cornstarch
60 g fine sea salt
54 g sweet almond oil
20 g shea butter
12 g polysorbate 80
11 g fragrance oil
3 g cardamom essential oil
7 g water
0.6 g yellow dye
0.1 g orange dye
Embed:
70 g baking soda
50 g citric acid
0.2 g magenta dye
4 g 91% isopropyl alcohol
Topping:
4.5 g calendula petals
`,
    // The second winter: a little more soda, more carrier for the oil.
    ['Baking soda', 1000],
    ['Polysorbate 80', 20],
  ]);
  const ebb = formula('Ebb Glass', 'bath-bomb', 'hand', '2025-12-01', [
    `
600 g baking soda
400 g citric acid
30 g cream of tartar
60 g cornstarch
42 g coconut oil
14 g castor oil
12 g polysorbate 80
5 g lavender essential oil
3 g rosemary essential oil
5 g witch hazel
6 g blue mica
`,
  ]);
  const bow = formula('Bow Wave', 'shower-steamer', 'press', '2025-11-10', [
    `
500 g baking soda
330 g citric acid
60 g cornstarch
20 g kaolin
18 g menthol
20 g eucalyptus essential oil
10 g peppermint essential oil
38 g 99% isopropyl alcohol
6 g water
`,
  ]);
  const slack = formula('Slack Water', 'fizzing-salts', 'loose', '2026-01-07', [
    `
400 g epsom salt
300 g dendritic salt
200 g baking soda
110 g citric acid
40 g goat milk powder
12 g lavender essential oil
10 g fractionated coconut oil
6 g lavender flowers
`,
  ]);
  const bilge = formula('Bilge Bright', 'cleaning-fizzy', 'silicone', '2026-02-16', [
    `
200 g washing soda
160 g borax
150 g sodium citrate
60 g baking soda
60 g citric acid
48 g vinegar
3 g lemon essential oil
`,
  ]);
  const fog = formula('Fog Signal', 'shower-steamer', 'press', '2026-08-02', [
    `
480 g baking soda
300 g citric acid
50 g cornstarch
15 g kaolin
24 g rosemary essential oil
12 g spearmint essential oil
40 g 99% isopropyl alcohol
5 g water
`,
  ]);
  const split = splitFormula();
  const card = fromCard(
    'Boathouse Card',
    '2026-09-30',
    `
2 cups baking soda
1 cup citric acid
3/4 cup corn starch
1/4 cup epsom salt
3 tbsp melted coconut oil
1 tbsp + 1 tsp sweet almond oil
30-40 drops lavender essential oil
10 squirts water
a pinch of mica
a splash of milk
`,
  );

  return { quince, ebb, bow, slack, bilge, fog, split, card };
}

type Change = readonly [name: string, massG: number];

function formula(
  name: string,
  family: Family,
  method: Method,
  day: string,
  [text, ...changes]: readonly [string, ...Change[]],
): Formula {
  const started = newFormula(name, bodyOf(text, family, method, true), at(day, 0));
  const kept = keepVersion({ ...started, origin: 'sample' }, at(day, 5));
  if (changes.length === 0) return kept;
  const body = changes.reduce(changeLine, kept.body);
  return keepVersion({ ...kept, body }, at('2026-09-20', 30));
}

/** Two colors: half of the bowl goes on to a second one, and a later version is acid-forward. */
function splitFormula(): Formula {
  const begun = bodyOf(
    `
700 g baking soda
390 g citric acid
24 g kaolin
60 g cornstarch
44 g sweet almond oil
14 g polysorbate 80
6 g sweet orange essential oil
2 g patchouli essential oil
5 g white mica
6 g water
`,
    'bath-bomb',
    'hand',
    true,
  );
  const started = newFormula('Slipway at Dusk', begun, at('2026-09-01', 0));
  const plain = keepVersion({ ...started, origin: 'sample' }, at('2026-09-01', 5), 'one color');
  const parted = addPart(plain.body, 'split');
  const half = parted.parts[1];
  if (!half) throw new Error('a split was added');
  const dyed = addLine(parted, half.id, materialById(SHIPPED, 'blue-mica'), exactly(5));
  return keepVersion({ ...plain, body: dyed }, at('2026-09-08', 20), 'two colors');
}

/** A recipe card in cups, one line of which nobody can read: it waits. */
function fromCard(name: string, day: string, text: string): Formula {
  return {
    ...newFormula(name, bodyOf(text, 'bath-bomb', 'hand', false), at(day, 0)),
    origin: 'sample',
  };
}

function bodyOf(text: string, family: Family, method: Method, isWeighed: boolean): FormulaBody {
  const read = readRecipe(text, SHIPPED);
  if (!read.ok) throw new Error(read.problem.message);
  const { parts, unread } = read.recipe;
  if (isWeighed && unread.length > 0) throw new Error(`unread: ${unread[0]?.text}`);
  const weighed = parts.map((part) => ({
    ...part,
    lines: part.lines.map(({ written, ...line }) => (isWeighed ? line : { ...line, written })),
  }));
  return { ...emptyBody(family), method, parts: weighed, unread };
}

function changeLine(body: FormulaBody, [name, massG]: Change): FormulaBody {
  const line = body.parts[0]?.lines.find(
    (entry) => materialById(SHIPPED, entry.materialId).name === name,
  );
  if (!line) throw new Error(`no line ${name}`);
  return setLineMass(body, line.id, massG);
}
