import { type FormulaBody, type Line, type Part } from '../formula';
import { materialById, type Material } from '../materials';
import type { PlannedLine } from '../scaling';
import { toleranceG } from '../weighing';
import type { BenchStep, LotUse, Vessel, WeighStep } from './steps';

/** Lots by line id, in the order they are taken from. */
export type LotsByLine = Readonly<Record<string, readonly (LotUse & { readonly code: string })[]>>;

/** Lowest mixer speed, in seconds. Common practice: 10 to 12 minutes dry, 5 to 20 wet, 1 to 2 with the acid. */
const MIX_DRY_S = 600;
const MIX_WET_S = 600;
const MIX_ACID_S = 90;

/**
 * The order of the work for a formula: room, powders, color, wet beaker, squeeze, acid, squeeze, press, count.
 * With the school "all dry first" the acid is weighed with the powders and there is one squeeze.
 * Parts beside the main mix (embed, topping) are weighed into dishes of their own before the main mix is wet.
 * @param planned the scaled lines of this same body
 * @param lots lots each line is taken from, by line id
 */
export function planSteps(
  body: FormulaBody,
  planned: readonly PlannedLine[],
  lots: LotsByLine = {},
): readonly BenchStep[] {
  const byLine = new Map(planned.map((line) => [line.lineId, line]));
  const [main, ...others] = body.parts as [Part, ...Part[]];
  const weigh = (line: Line, vessel: Vessel, note: string): WeighStep => {
    const plan = byLine.get(line.id);
    const targetG = plan?.weighG ?? 0;
    const stepG = plan?.stepG ?? 0.1;
    return {
      id: `weigh:${line.id}`,
      kind: 'weigh',
      title: titleOf(materialById(line.materialId)),
      note: noteOf(note, plan),
      lineId: line.id,
      materialId: line.materialId,
      vessel,
      targetG,
      toleranceG: toleranceG(targetG, stepG),
      stepG,
      counted: plan?.counted ? { how: plan.counted.how, text: plan.counted.text } : null,
      premix: plan?.premix
        ? {
            lotId: plan.premix.lotId,
            code: plan.premix.code,
            strengthFraction: plan.premix.strengthFraction,
            carrierId: plan.premix.carrierId,
          }
        : null,
      lots: [...(lots[line.id] ?? [])],
    };
  };
  const phase = (name: Line['phase']) => main.lines.filter((line) => line.phase === name);
  const isAcidLast = body.school === 'acid-last';
  const bloomWater = waterForBloom(phase('color'), phase('wet'));
  const beaker = phase('wet').filter((line) => line !== bloomWater);
  const acid = phase('acid').map((line) =>
    weigh(
      line,
      'bowl',
      isAcidLast ? 'onto the mix, all at once' : 'into the bowl with the powders',
    ),
  );
  return [
    {
      id: 'room',
      kind: 'room',
      title: 'The room',
      note: 'Humidity shifts the damp window for this batch.',
    },
    ...phase('dry').map((line) => weigh(line, 'bowl', 'into the bowl')),
    ...(isAcidLast ? [] : acid),
    ...sieve(main),
    ...others.flatMap((part) =>
      part.lines.map((line) =>
        weigh(line, 'dish', `for the ${part.name.toLowerCase()}, in its own dish`),
      ),
    ),
    ...bloom(phase('color'), bloomWater, weigh),
    mix('mix-dry', 'Mix the powders', 'Lowest speed, or by hand until nothing streaks.', MIX_DRY_S),
    ...beaker.map((line) => weigh(line, 'beaker', 'into the wet beaker')),
    ...wetBeaker(beaker),
    ...soak(body, main),
    squeeze('squeeze-before', isAcidLast ? 'Squeeze, before the acid' : 'Squeeze', !isAcidLast),
    ...(isAcidLast ? acidLast(acid) : []),
    ...phase('finish').map((line) => weigh(line, 'dish', 'for the top, in its own dish')),
    press(body),
    {
      id: 'count',
      kind: 'count',
      title: 'Count the pieces',
      note: 'Whole ones; say how many went wrong.',
    },
  ];
}

/** What the hands should know beside where it goes: drops and spoons in place of grams, a premix in place of the material. */
function noteOf(note: string, plan: PlannedLine | undefined): string {
  if (plan?.counted) return `${plan.counted.text}, ${note}`;
  if (plan?.premix) return `as premix ${plan.premix.code}, ${note}`;
  return note;
}

/** The steps that weigh the lines of this part of the body, for a check that nothing is forgotten. */
export function weighedLineIds(steps: readonly BenchStep[]): readonly string[] {
  return steps.flatMap((step) => (step.kind === 'weigh' ? [step.lineId] : []));
}

function titleOf(material: Material): string {
  return material.role === 'butter' || material.likeId === 'coconut-oil'
    ? `${material.name}, melted`
    : material.name;
}

function sieve(main: Part): BenchStep[] {
  const clumping = main.lines
    .filter((line) => line.phase === 'dry')
    .map((line) => materialById(line.materialId))
    .filter((material) => material.traits.includes('clumps'));
  if (clumping.length === 0) return [];
  return [
    {
      id: 'sieve',
      kind: 'do',
      title: 'Sieve the powders',
      note: `${listed(clumping.map((material) => material.name))} clump: what is not sieved shows as bumps and specks. Mask on.`,
    },
  ];
}

/** The water line a powder dye is bloomed in, when the formula has both. */
function waterForBloom(colors: readonly Line[], wet: readonly Line[]): Line | undefined {
  return colors.some(needsBloom)
    ? wet.find((line) => materialById(line.materialId).waterFraction.value > 0.95)
    : undefined;
}

function needsBloom(line: Line): boolean {
  return materialById(line.materialId).traits.includes('needs-bloom');
}

function bloom(
  colors: readonly Line[],
  water: Line | undefined,
  weigh: (line: Line, vessel: Vessel, note: string) => WeighStep,
): BenchStep[] {
  if (colors.length === 0) return [];
  const needsWater = colors.some(needsBloom);
  return [
    ...[...colors, ...(water ? [water] : [])].map((line) =>
      weigh(line, 'bloom cup', 'into the bloom cup'),
    ),
    {
      id: 'bloom',
      kind: 'do',
      title: needsWater ? 'Bloom the dye' : 'Rub in the color',
      note: needsWater
        ? 'Disperse it in a little of the weighed water, bring it up hot, pour it into a furrow in the soda. Its water is counted.'
        : 'Rub it into a handful of soda, then into the bowl: no water needed.',
    },
  ];
}

function wetBeaker(wet: readonly Line[]): BenchStep[] {
  if (wet.length === 0) return [];
  return [
    mix(
      'mix-wet',
      'Beaker into the bowl, and mix',
      'Pour round the bowl, scrape down, then turn it into a second bowl.',
      MIX_WET_S,
    ),
  ];
}

/** Loose salts take their scent up before anything fizzes on them. Common practice: 1 to 2 hours. */
function soak(body: FormulaBody, main: Part): BenchStep[] {
  const has = (role: Material['role']) =>
    main.lines.some(({ materialId }) => materialById(materialId).role === role);
  if (body.method !== 'loose' || !has('salt') || !has('scent')) return [];
  return [
    {
      id: 'soak',
      kind: 'do',
      title: 'Let the salts soak',
      note: 'Covered, one to two hours, until they look dry again; then the acid.',
    },
  ];
}

function acidLast(acid: readonly BenchStep[]): BenchStep[] {
  if (acid.length === 0) return [];
  return [
    ...acid,
    mix(
      'mix-acid',
      'Mix in the acid',
      'One to two minutes. Foam while you stir: keep stirring, faster.',
      MIX_ACID_S,
    ),
    squeeze('squeeze-after', 'Squeeze, acid in', true),
  ];
}

function press(body: FormulaBody): BenchStep {
  const isLoose = body.method === 'loose';
  return {
    id: 'press',
    kind: 'do',
    title: isLoose ? 'Spread to dry' : 'Press',
    note: isLoose
      ? 'Spread it thin on paper; jar it only when it pours.'
      : 'Fill on the scale, each piece the same. The mix dries while you press: squeeze again every few minutes.',
  };
}

function mix(id: string, title: string, note: string, seconds: number): BenchStep {
  return { id, kind: 'mix', title, note, seconds };
}

function squeeze(id: string, title: string, acidIn: boolean): BenchStep {
  const note = acidIn
    ? 'Squeeze a handful hard and drop it on the bench from a hand’s height.'
    : 'Squeeze a handful and toss it once.';
  return { id, kind: 'squeeze', title, note, acidIn };
}

function listed(names: readonly string[]): string {
  return new Intl.ListFormat('en-US', { type: 'conjunction' }).format(names);
}
