import { formatMinutes } from '@/core/basics/format/durations';
import { listed } from '@/core/basics/format/names';
import { subject } from '@/core/basics/format/phrases';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { FormulaBody } from '@/core/formula/model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import type { Operation } from '../types';
import { walk } from '../walk';
import { heatThenFlame } from './heatThenFlame';
import { crystalsDissolved } from './crystalsDissolved';
import { soakFirst } from './soakFirst';
import { sieveWhatClumps } from './sieveWhatClumps';
import { dyeBloomed } from './dyeBloomed';
import { foamGently } from './foamGently';
import { squeezeBeforeAcid } from './squeezeBeforeAcid';
import { nothingBeforeItExists } from './nothingBeforeItExists';
import { paintByItsCarrier } from './paintByItsCarrier';
import { acidAndWaterDoNotWait } from './acidAndWaterDoNotWait';
import { everyLineArrives } from './everyLineArrives';
import { nothingIsPouredFromEmpty } from './nothingIsPouredFromEmpty';
import { pressedInTime } from './pressedInTime';
import { oxidizerStaysDry } from './oxidizerStaysDry';
import type { Broken, BrokenBy, Rule, RuleCode, WaysBroken } from './rule';

export type { Broken, Rule, RuleCode } from './rule';

/** Every rule of the work, with its reason. */
export const RULES: readonly Rule[] = [
  heatThenFlame,
  crystalsDissolved,
  soakFirst,
  sieveWhatClumps,
  dyeBloomed,
  foamGently,
  squeezeBeforeAcid,
  nothingBeforeItExists,
  paintByItsCarrier,
  acidAndWaterDoNotWait,
  everyLineArrives,
  nothingIsPouredFromEmpty,
  oxidizerStaysDry,
  pressedInTime,
];

/** Where this order of the work breaks a rule, in the order of the rules. */
export function brokenRules(
  operations: readonly Operation[],
  body: FormulaBody,
  catalog: Catalog,
): readonly Broken[] {
  const scene = walk(operations, body, catalog);
  return RULES.flatMap(({ code, breaks }) =>
    // The table holds each rule under its own code.
    breaks(scene).map((broken) => ({ rule: code, ...broken }) as Broken),
  );
}

const SENTENCES: {
  readonly [C in RuleCode]: (how: WaysBroken[C], names: readonly string[]) => string;
} = {
  'heat-then-flame': (how, names) =>
    how === 'lumps'
      ? `${subject(names, 'is', 'are')} not melted before this step. Unmelted fat stays in lumps. Melt it first.`
      : `${subject(names, 'is', 'are')} on the heat. Alcohol vapor burns and scent evaporates. Melt first, and add it off the heat.`,
  'crystals-dissolved': (how, names) => {
    if (how === 'after-scent')
      return 'The crystals dissolve after the scent is in. The warm oil drives the scent off. Dissolve them first.';
    return how === 'no-solvent'
      ? `${subject(names, 'has', 'have')} no oil and no strong alcohol to dissolve in. Add one.`
      : `${subject(names, 'goes', 'go')} in whole. Dissolve it first, in warm oil or strong alcohol.`;
  },
  'soak-first': (how, names) =>
    how === 'no-soak'
      ? 'The scented salts do not soak. Give them one to two hours, covered.'
      : `${subject(names, 'is', 'are')} on the salts while they soak. It clumps and fizzes away. Soak first.`,
  'sieve-what-clumps': (how, names) =>
    how === 'coarse'
      ? `${subject(names, 'stays', 'stay')} on the sieve. Weigh it in after you sieve.`
      : 'Nothing in this bowl clumps. You can leave the sieve out.',
  'dye-bloomed': (how, names) =>
    how === 'acid'
      ? `The dye’s water meets ${listed(names)} and foams. Bloom the dye before the acid goes in.`
      : `${subject(names, 'goes', 'go')} in dry. Dry dye shows as specks. Bloom it in a little hot water first.`,
  'foam-gently': (_how, names) =>
    `${subject(names, 'goes', 'go')} through the long mix. Fine powder flies. Add it with the acid, or at the end of the dry mix.`,
  'squeeze-before-acid': () =>
    'The acid goes in before you squeeze the mix. After that you can’t fix a wet one. Squeeze first.',
  'nothing-before-it-exists': (how, names) => {
    if (how !== 'one') return 'There is no piece for this yet. Move it after the filling.';
    return names.length === 0
      ? 'One powder mixes alone for ten minutes. There is nothing to mix it with.'
      : `${subject(names, 'mixes', 'mix')} alone for ten minutes. There is nothing to mix it with.`;
  },
  'paint-by-its-carrier': (_how, names) =>
    `${subject(names, 'sets', 'set')} the surface off. Use strong alcohol or oil for the color.`,
  'acid-and-water-do-not-wait': ({ minutes }, names) =>
    `Acid, soda and ${names.length === 0 ? WATER : listed(names)} wait together for ${formatMinutes(minutes)}. Add the acid right before you use it.`,
  'every-line-arrives': (how, names) =>
    how === 'nowhere'
      ? `${subject(names, 'goes', 'go')} into no vessel, so it is not in the mix.`
      : `${subject(names, 'is', 'are')} weighed but never gets into the piece. Empty its vessel.`,
  'nothing-is-poured-from-empty': () => 'There is nothing in the vessel that you pour here.',
  'oxidizer-stays-dry': (_how, names) =>
    `${subject(names, 'wets', 'wet')} the percarbonate. It warms up and gives off oxygen. Press it dry, or leave it as powder.`,
  'pressed-in-time': ({ minutes }) =>
    `You fill for ${formatMinutes(minutes)} with the acid in. The mix dries and works meanwhile. Split the bowl, or use a second press.`,
};
const WATER = 'water';
const MOST_NAMED = 3;

/** What is wrong, and what to do, in a sentence. */
export function sayBroken(broken: Broken, catalog: Catalog): string {
  const { rule, names } = broken;
  const shown = names.map((name) =>
    rule === 'every-line-arrives' ? materialById(catalog, name).sentenceName : name,
  );
  const list = [...new Set(shown)];
  return sentence(rule, broken, list.slice(0, MOST_NAMED));
}

function sentence<C extends RuleCode>(
  rule: C,
  { how }: BrokenBy<C>,
  names: readonly string[],
): string {
  return SENTENCES[rule](how, names);
}
