import { METHOD_WORDS } from '@/core/formula/model/messages';
import type { FormulaBody, Method, Part } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { listed } from '@/core/basics/format/names';
import { isStrongAlcohol } from './routes';
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
  readonly names: string;
  /** Share of the bowl that is parted, in %. */
  readonly sharePct: number | null;
}

/** How pieces are formed, by method. Common practice. */
const PRESSING: Readonly<Record<Exclude<Method, 'loose'>, string>> = {
  hand: 'Overfill both halves, mound the middle, push together without twisting, wipe the seam, rest five minutes, tap, open.',
  press:
    'Ring at the bottom, fill, one firm pat near the top, mound, press, twist to free. Air press about 80 to 90 psi, electric about ten seconds; fingers out.',
  silicone: 'Push the corners, level with a blade, leave it in.',
  detail: 'Press the details first; hide the embed well inside.',
  'in-pack': 'Press it into the pack it is sold in; nothing is unmolded.',
};

const WORDS: Readonly<Record<Saying, (talk: Talk) => Said>> = {
  weigh: ({ names }) => ({ title: names, note: '' }),
  sieve: ({ names, body }) => ({
    title: 'Sieve the powders',
    note: `${names} clump: what is not sieved shows as ${body.method === 'loose' ? 'lumps' : 'bumps'} and specks. Mask on.`,
  }),
  melt: ({ names }) => ({
    title: 'Melt it',
    note: `${names}: alone in the pan, warm until clear and no further. Nothing that burns or smells is near it yet.`,
  }),
  'warm-oil': ({ names }) => ({
    title: 'Warm the oil',
    note: `${names}: warm to the hand, no hotter, and off the heat.`,
  }),
  'dissolve-in-alcohol': ({ names }) => ({
    title: `Dissolve the ${names.toLowerCase()}`,
    note: 'In the alcohol, in a closed cup, stirred until no crystal is left. Gloves on, no flame.',
  }),
  'dissolve-in-oil': ({ names, partMaterials }) => ({
    title: `Dissolve the ${names.toLowerCase()}`,
    note: partMaterials.some(({ role }) => role === 'oil' || role === 'butter')
      ? 'In the warm oil, before any scent, stirred until no crystal is left. Gloves on, no flame.'
      : 'There is no oil and no strong alcohol to take it up: melt it gently by itself, or add one.',
  }),
  infuse: ({ names }) => ({
    title: 'Infuse and strain',
    note: `${names}: in the warm oil, up to 48 hours ahead; strain before it goes on.`,
  }),
  soak: () => ({
    title: 'Let the salts soak',
    note: 'Covered, one to two hours, until they look dry again. Nothing that fizzes is in the bowl yet.',
  }),
  bloom: () => ({
    title: 'Bloom the dye',
    note: 'Disperse it in a little of the weighed water, then bring it up with the rest, hot. Its water is counted.',
  }),
  furrow: () => ({
    title: 'Pour the dye into a furrow',
    note: 'A furrow in the soda, so that it does not run down the bowl; fold the soda over it.',
  }),
  'rub-in': ({ names }) => ({
    title: 'Rub in the color',
    note: `${names}: into a handful of soda, then through the bowl; no water needed.`,
  }),
  'mix-dry': () => ({
    title: 'Mix the powders',
    note: 'Lowest speed, or by hand until nothing streaks.',
  }),
  'mix-color': () => ({
    title: 'Mix the color through',
    note: 'Lowest speed, or by hand until nothing streaks.',
  }),
  'mix-foam': ({ names }) => ({
    title: 'Fold in the foaming powder',
    note: `${names}: gently, mask on; it flies.`,
  }),
  'mix-wet': () => ({
    title: 'Beaker into the bowl, and mix',
    note: 'Pour it round the bowl, not in one place; mix until no wet balls are left.',
  }),
  'mix-salts': () => ({
    title: 'Scent over the salts, and mix',
    note: 'Pour it over all of the salt, turn until every grain shines alike.',
  }),
  'mix-loose': () => ({
    title: 'Mix it through',
    note: 'Gently, until it pours evenly; loose salts have to pour, not to hold.',
  }),
  'mix-acid': ({ part }) => ({
    title: part.kind === 'embed' ? `Mix the acid into the ${named(part)}` : 'Mix in the acid',
    note: 'One to two minutes. Foam while you stir: keep stirring, faster.',
  }),
  'mix-part': ({ part }) => ({
    title: `Mix the ${named(part)}`,
    note:
      part.kind === 'icing'
        ? 'Until it stands in peaks; use it within half an hour.'
        : 'Until it is even.',
  }),
  'pour-pan': ({ part }) => ({
    title: 'Pan into the beaker',
    note: `Off the heat first${part.kind === 'main' ? '' : `, for the ${named(part)}`}; let it cool to the hand before scent or alcohol comes to it.`,
  }),
  'pour-cup': () => ({
    title: 'Cup into the beaker',
    note: 'Last of all, off the heat; it evaporates.',
  }),
  'pour-powders': () => ({
    title: 'Powders over the salts',
    note: 'Sieved, and spread over the whole bowl before it is turned.',
  }),
  scrape: () => ({
    title: 'Scrape and turn over',
    note: 'Scrape the bowl down, turn the mix into a second bowl so that no white bed of soda stays at the bottom, mix a minute more.',
  }),
  'keep-dry': ({ part }) => ({
    title: `Cover the ${named(part)}`,
    note: 'Covered and dry until it is filled in; not in a tight jar.',
  }),
  part: ({ part, sharePct }) => ({
    title: 'Split the bowl',
    note: `${sharePct === null ? 'Part of it' : `${sharePct} % of it`} into a second bowl${part.kind === 'split' ? `, for the ${named(part)}` : ''}.`,
  }),
  'mix-second': () => ({
    title: 'Mix the second bowl',
    note: 'Until the color is even. Dry hands between the bowls.',
  }),
  'mix-first': () => ({
    title: 'Mix the first bowl',
    note: 'Until the color is even, before the hands touch the other.',
  }),
  squeeze: () => squeezing('Squeeze', true),
  'squeeze-before': () => squeezing('Squeeze, before the acid', false),
  'squeeze-after': () => squeezing('Squeeze, acid in', true),
  spray: ({ names, materials }) =>
    materials.length > 0
      ? {
          title: `Spray the ${names.toLowerCase()}`,
          note: 'Short sprays of three to four squirts, a full remix after each; stop when it holds.',
        }
      : {
          title: 'Spray, if it asks for it',
          note: 'One or two short sprays of three to four squirts, a full remix after each. None when it holds already.',
        },
  lay: ({ names }) => ({
    title: 'Lay it in the mold',
    note: `${names}: on the floor of each mold before it is filled; that side comes out on top.`,
  }),
  fill: ({ body }) => ({
    title: 'Fill and press',
    note: `${body.method === 'loose' ? '' : PRESSING[body.method]}${inMiddle(body)}`,
  }),
  spread: () => ({
    title: 'Spread to dry',
    note: 'Thin on paper, four to twelve hours; jar it only when it pours.',
  }),
  rest: ({ body }) => ({
    title: 'Let it rest in the mold',
    note: `${METHOD_WORDS[body.method]}: shut and still, then tap and open.`,
  }),
  unmold: () => ({ title: 'Out of the molds', note: 'Tap and open; do not twist.' }),
  tray: () => ({
    title: 'Onto the trays',
    note: 'Rounded seats or soft paper, else a flat bottom.',
  }),
  count: ({ body }) =>
    body.method === 'loose'
      ? { title: 'Count the jars', note: 'Full ones; what is left over goes to the next batch.' }
      : { title: 'Count the pieces', note: 'Whole ones; say how many went wrong.' },
  turn: () => ({
    title: 'Turn the pieces',
    note: 'Once they can be touched; do not lift until hard.',
  }),
  dry: ({ body }) => ({
    title: 'Let it dry',
    note: `Dark, cool, at 40 to 50 %${body.method === 'loose' ? ', until it pours' : ', until it rings hard'}.`,
  }),
  top: ({ names }) => ({
    title: 'Top each piece',
    note: `${names}: a pinch on each, pressed on while it is still damp.`,
  }),
  ice: ({ part }) => ({
    title: 'Ice the pieces',
    note: `${each(part)}Icing wants two to three days of its own.`,
  }),
  paint: ({ part, partMaterials }) => ({
    title: 'Paint',
    note: `${each(part)}${carrierOf(partMaterials)}`,
  }),
  drizzle: ({ part }) => ({
    title: 'Drizzle',
    note: `${each(part)}Melted, just warm, on dry pieces; it sets as it cools.`,
  }),
  jar: () => ({
    title: 'Fill the jars',
    note: 'By weight, and only when it pours; a closed jar keeps what water is left.',
  }),
  wrap: () => ({
    title: 'Wrap',
    note: 'Only when dry through: a closed pack keeps what water is left.',
  }),
  own: () => ({ title: '', note: '' }),
};

/** Title and note of an operation, in the trade's words. @param shareFraction of the bowl that is parted, 0 to 1 */
export function sayOperation(
  operation: Operation,
  body: FormulaBody,
  catalog: Catalog,
  shareFraction: number | null = null,
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
    names: listed([...new Set(materials.map(({ name }) => name))]),
    sharePct: shareFraction === null ? null : Math.round(shareFraction * 100),
  });
}

function squeezing(title: string, acidIn: boolean): Said {
  return {
    title,
    note: acidIn
      ? 'Squeeze a handful hard and drop it on the bench from a hand’s height.'
      : 'Squeeze a handful and toss it once.',
  };
}

function named({ name }: Part): string {
  return name.toLowerCase();
}

function inMiddle({ parts }: FormulaBody): string {
  const embeds = parts.filter(({ kind, lines }) => kind === 'embed' && lines.length > 0);
  if (embeds.length === 0) return '';
  const grams = embeds.map((part) =>
    part.perPieceG === undefined ? '' : `${part.perPieceG} g of `,
  );
  return ` In the middle: ${listed(embeds.map((part, i) => `${grams[i]}${named(part)}`))}.`;
}

function each({ perPieceG }: Part): string {
  return perPieceG === undefined ? '' : `${perPieceG} g a piece. `;
}

/** A paint is called by what carries it. */
function carrierOf(materials: readonly Material[]): string {
  const strong = materials.find(isStrongAlcohol);
  if (strong) return `The next day, brushed on in ${strong.name.toLowerCase()}: no flame near it.`;
  const oil = materials.find(({ role }) => role === 'oil' || role === 'butter');
  if (oil)
    return `On dry pieces, brushed on in ${oil.name.toLowerCase()}; it stays soft for a while.`;
  const watery = materials.find(
    ({ isLiquid, waterFraction }) => isLiquid && waterFraction.value > 0.2,
  );
  if (watery)
    return `${watery.name} sets the surface off: bring it up in strong alcohol or oil instead.`;
  return 'The next day, dusted on dry, or brushed on in strong alcohol: water sets the surface off.';
}
