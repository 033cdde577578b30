import { isNamed, thePart } from '@/core/formula/model/messages';
import type { FormulaBody, Line, Method, Part } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { listed } from '@/core/basics/format/names';
import { formatMinutes } from '@/core/basics/format/durations';
import { formatPercent } from '@/core/basics/format/numbers';
import { capital, subject } from '@/core/basics/format/phrases';
import { formatMass } from '@/core/basics/format/quantities';
import { isPlainWater, isStrongAlcohol } from './routes';
import type { Operation, Saying } from './types';

/** What an operation is called and what to mind. */
export interface Said {
  readonly title: string;
  readonly note: string;
}

interface Talk {
  readonly body: FormulaBody;
  readonly part: Part;
  /** Materials of the lines it names. */
  readonly materials: readonly Material[];
  readonly partMaterials: readonly Material[];
  /** As a sentence says them. */
  readonly names: readonly string[];
  /** Minutes it waits at least. */
  readonly waitMin: number;
  /** Is it poured from the jar of an infusion? */
  readonly isFromJar: boolean;
  /** Share of the bowl that is parted, in %. */
  readonly sharePct: number | null;
  /** Are there two bowls by the time the acid goes in? */
  readonly isParted: boolean;
  /** Grams of a line as they are weighed here. */
  readonly gramsOf: (line: Line) => number;
  readonly lines: readonly Line[];
  readonly catalog: Catalog;
}

/** How pieces are formed, by method. Common practice. */
const FORMING: Readonly<Record<Method, Said>> = {
  hand: {
    title: 'Fill and shut the shells',
    note: 'Overfill both halves and mound the middle. Push together without twisting. Wipe the seam, rest five minutes, tap and open.',
  },
  press: {
    title: 'Fill and press',
    note: 'Put the ring at the bottom, fill, pat firmly near the top, mound, press, twist to free. Air press about 80–90 psi, electric about ten seconds. Keep fingers out.',
  },
  silicone: {
    title: 'Fill the molds',
    note: 'Push into the corners, level with a blade, leave it in.',
  },
  detail: {
    title: 'Fill the detail mold',
    note: 'Press the details first, and hide the embed well inside.',
  },
  'in-pack': {
    title: 'Fill the packs',
    note: 'Press it into the pack it is sold in. Nothing is unmolded.',
  },
  loose: { title: 'Fill the jars', note: '' },
};

const WORDS: Readonly<Record<Saying, (talk: Talk) => Said>> = {
  weigh: ({ names }) => ({ title: capital(listed(names)), note: '' }),
  sieve: ({ names, body }) => ({
    title: 'Sieve the powders',
    note:
      body.method === 'loose'
        ? `${subject(names, 'clumps', 'clump')}. Unsieved, it shows as lumps and specks. Wear a mask.`
        : `${subject(names, 'clumps', 'clump')}. Unsieved, it shows as bumps and specks. Wear a mask.`,
  }),
  melt: ({ names }) => ({
    title: 'Melt it',
    note: `Warm ${listed(names)} alone in the pan until clear, and no further. Keep alcohol and scent away.`,
  }),
  'warm-oil': ({ names }) => ({
    title: 'Warm the oil',
    note: `Warm ${listed(names)} to the hand, no hotter, and take it off the heat.`,
  }),
  'dissolve-in-alcohol': ({ names }) => ({
    title: `Dissolve the ${listed(names)}`,
    note: 'Stir it in the alcohol, in a closed cup, until no crystal is left. Wear gloves. No flame.',
  }),
  'dissolve-in-oil': ({ names, partMaterials }) => ({
    title: `Dissolve the ${listed(names)}`,
    note: partMaterials.some(({ role }) => role === 'oil' || role === 'butter')
      ? 'Stir it in the warm oil, before any scent, until no crystal is left. Wear gloves. No flame.'
      : 'There is no oil or strong alcohol to take it up. Melt it gently by itself, or add one.',
  }),
  infuse: ({ names, waitMin }) => ({
    title: 'Infuse and strain',
    note: `Leave ${listed(names)} in the warm oil for ${formatMinutes(waitMin)} or longer. Strain before the next step.`,
  }),
  soak: ({ waitMin }) => ({
    title: 'Let the salts soak',
    note: `Cover them for ${formatMinutes(waitMin)} or longer, until they look dry again. Nothing that fizzes goes in yet.`,
  }),
  bloom: blooming,
  furrow: () => ({
    title: 'Pour the dye into a furrow',
    note: 'Make a furrow in the soda, pour the dye in, and fold the soda over it.',
  }),
  'rub-in': ({ names }) => ({
    title: 'Rub in the color',
    note: `Rub ${listed(names)} into a handful of soda, then through the bowl. No water needed.`,
  }),
  'mix-dry': () => ({
    title: 'Mix the powders',
    note: 'Mix at the lowest speed, or by hand, until nothing streaks.',
  }),
  'mix-color': () => ({
    title: 'Mix the color through',
    note: 'Mix at the lowest speed, or by hand, until nothing streaks.',
  }),
  'mix-foam': ({ names }) => ({
    title: 'Fold in the foaming powder',
    note: `Fold ${listed(names)} in gently, with a mask on. It flies.`,
  }),
  'mix-wet': () => ({
    title: 'Pour the beaker into the bowl and mix',
    note: 'Pour it around the bowl, not in one place. Mix until no wet balls are left.',
  }),
  'mix-salts': () => ({
    title: 'Pour the scent over the salts and mix',
    note: 'Pour it over all of the salt, and turn until every grain shines alike.',
  }),
  'mix-loose': () => ({
    title: 'Mix it through',
    note: 'Mix gently until it pours evenly. Loose salts must pour, not hold.',
  }),
  'mix-acid': ({ part, isParted }) => ({
    title: part.kind === 'main' ? 'Mix in the acid' : `Mix the acid into ${thePart(part)}`,
    note:
      isParted && part.kind === 'main'
        ? 'Mix each bowl for one to two minutes, with dry hands in between. If it foams, keep stirring, faster.'
        : 'Mix for one to two minutes. If it foams, keep stirring, faster.',
  }),
  'mix-part': ({ part }) => ({
    title: `Mix ${thePart(part)}`,
    note:
      part.kind === 'icing'
        ? 'Mix until it holds peaks. Use it within half an hour.'
        : 'Mix until it is even.',
  }),
  'pour-pan': (talk) => (talk.isFromJar ? pouringJar(talk) : pouringPan(talk)),
  'pour-cup': () => ({
    title: 'Pour the cup into the beaker',
    note: 'Do it last, off the heat. It evaporates.',
  }),
  'pour-powders': () => ({
    title: 'Sieve the powders over the salts',
    note: 'Spread them over the whole bowl before you turn it.',
  }),
  scrape: () => ({
    title: 'Scrape and turn over',
    note: 'Scrape the bowl down and turn the mix into a second bowl, so that no soda stays at the bottom. Mix one more minute.',
  }),
  'keep-dry': ({ part }) => ({
    title: `Cover ${thePart(part)}`,
    note: 'Keep it covered and dry until you fill it in. Do not use a tight jar.',
  }),
  part: ({ sharePct }) => ({
    title: 'Split the bowl',
    note:
      sharePct === null
        ? 'Put part of it into a second bowl.'
        : `Put ${formatPercent(sharePct)} of it into a second bowl.`,
  }),
  'mix-second': () => ({
    title: 'Mix the second bowl',
    note: 'Mix until the color is even. Dry your hands between the bowls.',
  }),
  'mix-first': () => ({
    title: 'Mix the first bowl',
    note: 'Mix until the color is even, before your hands touch the other bowl.',
  }),
  squeeze: (talk) => squeezing('Squeeze', true, talk),
  'squeeze-before': (talk) => squeezing('Squeeze before the acid', false, talk),
  'squeeze-after': (talk) => squeezing('Squeeze with the acid in', true, talk),
  spray: ({ names, materials }) =>
    materials.length > 0
      ? {
          title: `Spray the ${listed(names)}`,
          note: 'Spray three or four squirts, then remix fully. Stop when it holds.',
        }
      : {
          title: 'Spray if it needs it',
          note: 'Spray three or four squirts once or twice, and remix fully. Skip it when the mix holds already.',
        },
  'by-spoon': ({ names }) => ({
    title: `Add the ${listed(names)} by the spoon`,
    note: 'Add one spoonful, mix it through and squeeze. Stop when it holds.',
  }),
  lay: ({ names }) => ({
    title: 'Lay it in the mold',
    note: `Lay ${listed(names)} on the floor of each mold before you fill it. That side comes out on top.`,
  }),
  fill: ({ body }) => ({
    title: FORMING[body.method].title,
    note: [FORMING[body.method].note, inMiddle(body)]
      .filter((sentence) => sentence !== '')
      .join(' '),
  }),
  spread: () => ({
    title: 'Spread to dry',
    note: 'Spread it thin on paper for 4–12 hours. Jar it only when it pours.',
  }),
  rest: () => ({
    title: 'Let it rest in the mold',
    note: 'Leave it shut and still, then tap and open.',
  }),
  unmold: () => ({
    title: 'Take the pieces out of the molds',
    note: 'Tap and open. Do not twist.',
  }),
  tray: () => ({
    title: 'Put the pieces on the trays',
    note: 'Use rounded seats or soft paper, or the bottom gets flat.',
  }),
  count: ({ body }) =>
    body.method === 'loose'
      ? {
          title: 'Count the jars',
          note: 'Count the full ones. What is left goes into the next batch.',
        }
      : { title: 'Count the pieces', note: 'Count the whole ones, and the rejects.' },
  turn: () => ({
    title: 'Turn the pieces',
    note: 'Turn them once you can touch them. Do not lift them until hard.',
  }),
  dry: ({ body }) => ({
    title: 'Let it dry',
    note:
      body.method === 'loose'
        ? 'Keep it dark and cool, at 40–50% humidity, until it pours.'
        : 'Keep it dark and cool, at 40–50% humidity, until it rings hard.',
  }),
  top: ({ names }) => ({
    title: 'Top each piece',
    note: `Press a pinch of ${listed(names)} on each while it is still damp.`,
  }),
  ice: ({ part }) => ({
    title: isNamed(part) ? `Ice the pieces with ${part.name}` : 'Ice the pieces',
    note: each(part, 'Icing needs two to three days to dry.'),
  }),
  paint: ({ part, partMaterials }) =>
    /\bstamp/i.test(part.name)
      ? { title: 'Stamp the pieces', note: each(part, stampedWith(partMaterials)) }
      : {
          title: isNamed(part) ? `Paint with ${part.name}` : 'Paint',
          note: each(part, carrierOf(partMaterials)),
        },
  drizzle: ({ part }) => ({
    title: isNamed(part) ? `Drizzle ${part.name}` : 'Drizzle',
    note: each(part, 'Drizzle it melted and just warm on dry pieces. It sets as it cools.'),
  }),
  jar: () => ({
    title: 'Fill the jars',
    note: 'Fill by weight, and only when it pours. A closed jar keeps the water that is left.',
  }),
  wrap: () => ({
    title: 'Wrap',
    note: 'Wrap only when dry through. A closed pack keeps the water that is left.',
  }),
  own: () => ({ title: '', note: '' }),
};

/** What is known of the bowl beside the formula. */
export interface BowlFacts {
  /** Share of the bowl that is parted, 0 to 1; null where it is not known. */
  readonly share: number | null;
  /** Is the bowl parted before the acid, so that there are two of them? */
  readonly isParted: boolean;
  /** Grams of each line as weighed; those of the formula for what is not named. */
  readonly weighG: ReadonlyMap<string, number>;
}
const AS_WRITTEN: BowlFacts = { share: null, isParted: false, weighG: new Map() };

function pouringPan({ part }: Talk): Said {
  return {
    title:
      part.kind === 'main'
        ? 'Pour the pan into the beaker'
        : `Pour the pan into the beaker of ${thePart(part)}`,
    note: 'Take it off the heat first. Let it cool to the hand before you add scent or alcohol.',
  };
}

function pouringJar({ part }: Talk): Said {
  return {
    title:
      part.kind === 'main'
        ? 'Pour the strained oil into the beaker'
        : `Pour the strained oil into the beaker of ${thePart(part)}`,
    note: 'Press the herb out. It is not part of the mix.',
  };
}

/** Title and note of an operation, in the trade's words. */
export function sayOperation(
  operation: Operation,
  body: FormulaBody,
  catalog: Catalog,
  { share, isParted, weighG }: BowlFacts = AS_WRITTEN,
): Said {
  if (operation.saying === 'own') return { title: operation.said, note: '' };
  const part = body.parts.find(({ id }) => id === operation.partId);
  if (!part) throw new RangeError(`operation ${operation.id} must be of a part of the formula`);
  const lines = body.parts.flatMap(({ lines: all }) =>
    all.filter(({ id }) => operation.lineIds.includes(id)),
  );
  const materials = lines.map(({ materialId }) => materialById(catalog, materialId));
  return WORDS[operation.saying]({
    body,
    part,
    materials,
    partMaterials: part.lines.map(({ materialId }) => materialById(catalog, materialId)),
    names: [...new Set(materials.map(({ sentenceName }) => sentenceName))],
    waitMin: operation.waitMinMin,
    isFromJar: operation.from?.kind === 'jar',
    sharePct: share === null ? null : Math.round(share * 100),
    isParted,
    gramsOf: (line) => weighG.get(line.id) ?? line.massG,
    lines,
    catalog,
  });
}

function squeezing(title: string, acidIn: boolean, { isParted }: Talk): Said {
  const handful = isParted ? 'a handful of each bowl' : 'a handful';
  return {
    title,
    note: acidIn
      ? `Squeeze ${handful} hard and drop it on the bench from a hand’s height.`
      : `Squeeze ${handful} and toss it once.`,
  };
}

/** `Stir 0.8 g of blue dye into 3.1 g of hot water`: what, and how much. */
function blooming({ lines, materials, gramsOf }: Talk): Said {
  const amounts = (isWater: boolean) =>
    lines.flatMap((line, i) => {
      const material = materials[i];
      if (!material || isPlainWater(material) !== isWater) return [];
      const amount = formatMass(gramsOf(line));
      return [
        isWater
          ? `${amount} of hot ${material.sentenceName}`
          : `${amount} of ${material.sentenceName}`,
      ];
    });
  const [dyes, waters] = [amounts(false), amounts(true)];
  return {
    title: 'Bloom the dye',
    note:
      waters.length === 0
        ? `Stir ${listed(dyes)} into a few drops of hot water. The formula has no water for it: weigh what you use and add it.`
        : `Stir ${listed(dyes)} into a little of the ${listed(waters)}, then add the rest. This water is in the formula.`,
  };
}

function inMiddle({ parts }: FormulaBody): string {
  const embeds = parts.filter(({ kind, lines }) => kind === 'embed' && lines.length > 0);
  if (embeds.length === 0) return '';
  const each = embeds.map((part) =>
    part.perPieceG === undefined
      ? thePart(part)
      : `${formatMass(part.perPieceG)} of ${thePart(part)}`,
  );
  return `Put ${listed(each)} in the middle.`;
}

function each({ perPieceG }: Part, sentence: string): string {
  return perPieceG === undefined ? sentence : `Use ${formatMass(perPieceG)} a piece. ${sentence}`;
}

/** Pigment on a stamp: in a little oil it stays on; water would set the surface off. */
function stampedWith(materials: readonly Material[]): string {
  const oil = materials.find(({ role }) => role === 'oil' || role === 'butter');
  return oil
    ? `Spread it thin, in ${oil.sentenceName}, and stamp dry pieces once, straight down. It stays soft for a while.`
    : `Stamp dry pieces once, straight down. ${carrierOf(materials)}`;
}

/** A paint is called by what carries it. */
function carrierOf(materials: readonly Material[]): string {
  const strong = materials.find(isStrongAlcohol);
  if (strong) return `Brush it on the next day in ${strong.sentenceName}. No flame near it.`;
  const oil = materials.find(({ role }) => role === 'oil' || role === 'butter');
  if (oil) return `Brush it on dry pieces in ${oil.sentenceName}. It stays soft for a while.`;
  const watery = materials.find(
    ({ isLiquid, waterFraction }) => isLiquid && waterFraction.value > 0.2,
  );
  return watery
    ? `${subject([watery.sentenceName], 'sets', 'set')} the surface off. Use strong alcohol or oil instead.`
    : 'Dust it on dry the next day, or brush it on in strong alcohol. Water sets the surface off.';
}
