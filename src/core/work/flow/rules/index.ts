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
  readonly [C in RuleCode]: (how: WaysBroken[C], names: string) => string;
} = {
  'heat-then-flame': (how, names) =>
    how === 'lumps'
      ? `${names} goes in without being melted: it stays in lumps.`
      : `${names} stands on the heat: alcohol vapor burns, scent evaporates. Melt first, and add it off the heat.`,
  'crystals-dissolved': (how, names) => {
    if (how === 'after-scent')
      return 'The crystals are dissolved after the scent is in: the warm oil drives it off.';
    return how === 'no-solvent'
      ? `${names} has no oil and no strong alcohol to dissolve in.`
      : `${names} is mixed in whole: dissolve it first, in warm oil or strong alcohol.`;
  },
  'soak-first': (how, names) =>
    how === 'no-soak'
      ? 'The scented salts do not soak: give them one to two hours, covered.'
      : `${names} lies on the salts while they soak: it clumps and fizzes away. Soak first.`,
  'sieve-what-clumps': (how, names) =>
    how === 'coarse'
      ? `${names} stays on the sieve: weigh it in after the sieve.`
      : 'Nothing in this bowl clumps: the sieve can be left out.',
  'dye-bloomed': (how, names) =>
    how === 'acid'
      ? `The dye’s water is poured onto ${names}: it foams at once. Bloom it before the acid.`
      : `${names} is mixed in dry: it shows as specks. Bloom it in a little hot water first.`,
  'foam-gently': (_how, names) =>
    `${names} goes through the long mix: it flies. Add it with the acid, or at the end of the dry mix.`,
  'squeeze-before-acid': () =>
    'The acid goes in before the mix was squeezed: a wet one can then not be mended.',
  'nothing-before-it-exists': (how, names) =>
    how === 'one'
      ? `${names === '' ? 'One powder' : names} is mixed alone for ten minutes: there is nothing to mix it with.`
      : 'There is no piece yet for this: it comes after the filling.',
  'paint-by-its-carrier': (_how, names) =>
    `${names} sets the surface off: bring the color up in strong alcohol or oil.`,
  'acid-and-water-do-not-wait': ({ minutes }, names) =>
    `Acid, soda and ${names === '' ? 'water' : names.toLowerCase()} stand together for ${minutes} minutes here: add the acid right before it is used.`,
  'every-line-arrives': (how, names) =>
    how === 'nowhere'
      ? `${names} goes into no vessel: it would not be in the mix.`
      : `${names} is weighed and never gets into the piece: its vessel is not emptied.`,
  'nothing-is-poured-from-empty': () => 'There is nothing in the vessel that is poured here.',
  'oxidizer-stays-dry': (_how, names) =>
    `${names} wets the percarbonate: it warms up and gives its oxygen off. Press it dry, or leave it as powder.`,
};

/** What is wrong, and what to do, in a sentence. */
export function sayBroken(broken: Broken, catalog: Catalog): string {
  const { rule, names } = broken;
  const shown = names.map((name) =>
    rule === 'every-line-arrives' ? materialById(catalog, name).name : name,
  );
  const list = [...new Set(shown)];
  return sentence(rule, broken, list.slice(0, 3).join(', ') + (list.length > 3 ? ' and more' : ''));
}

function sentence<C extends RuleCode>(rule: C, { how }: BrokenBy<C>, names: string): string {
  return SENTENCES[rule](how, names);
}
