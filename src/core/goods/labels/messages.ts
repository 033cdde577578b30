import { counted } from '@/core/basics/format/numbers';
import { listed } from '@/core/basics/format/names';
import type { Must, MustCode } from './labelRequirements';

interface Said {
  readonly title: string;
  readonly detail: string;
}

const short = (names: readonly string[], most = 4) =>
  names.length > most
    ? `${names.slice(0, most).join(', ')} and ${names.length - most} more`
    : listed(names);

const keepsWords = (months: number) =>
  months < 1 ? 'Keeps under a month' : `Keeps ${counted(months, 'month')}`;

const SAY: { readonly [K in MustCode]: (must: Must) => Said } = {
  identity: ({ names }) => ({ title: 'What it is', detail: names[0] || 'say what it is' }),
  ingredients: ({ numbers, state }) => ({
    title: 'Ingredients',
    detail:
      state === 'missing'
        ? 'nothing is in it yet'
        : `${counted(numbers.count ?? 0, 'name')}, falling by mass, color last`,
  }),
  'no-inci': ({ names }) => ({
    title: 'No ingredient name',
    detail: `${short(names)}: write its name for the label on the Shelf`,
  }),
  'unknown-inci': ({ names }) => ({
    title: 'Names to look up',
    detail: `${short(names)}: not in the list that ships with Rovack; check the spelling`,
  }),
  'guessed-shares': ({ names }) => ({
    title: 'Shares not known',
    detail: `${short(names)}: of several ingredients; their order is a guess until the supplier says the shares`,
  }),
  'color-number': ({ names }) => ({
    title: 'A color without a number',
    detail: `${short(names)}: ask the supplier for its CI number`,
  }),
  'net-weight': ({ names, numbers, state }) => ({
    title: 'Net weight',
    detail:
      state === 'missing'
        ? 'nothing was weighed yet'
        : numbers.count === undefined
          ? `${names[0]}: as planned, no piece was weighed`
          : (numbers.short ?? 0) > 0
            ? `${names[0]}: ${numbers.short} of ${numbers.count} weighed are short`
            : `${names[0]}: ${numbers.count} weighed, none short`,
  }),
  allergens: ({ names, state }) => ({
    title: 'Allergens',
    detail:
      (names.length === 0 ? 'none over 0.01 %' : short(names, 6)) +
      (state === 'met'
        ? ''
        : state === 'look'
          ? '; typical of the plants, the supplier’s list decides'
          : '; not complete'),
  }),
  'allergen-document': ({ names }) => ({
    title: 'Allergen list of the supplier',
    detail: `none on file for ${short(names)}: ask for it and write it on the Shelf`,
  }),
  'foaming-caution': () => ({
    title: 'Foaming-bath caution',
    detail: 'printed, with the directions it asks for',
  }),
  'hazard-wording': ({ names, state }) => ({
    title: 'Hazards',
    detail:
      state === 'met'
        ? short(names, 2)
        : 'no class by what is in it; a very high pH may still ask for one',
  }),
  borax: () => ({
    title: 'Borax',
    detail: 'at 0.3 % and over it may not be sold to the public in the EU',
  }),
  'color-listing': ({ names }) => ({
    title: 'Color listing',
    detail: `${short(names)}: not listed for this use everywhere`,
  }),
  'material-barred': ({ names }) => ({
    title: 'Not for this use',
    detail: short(names),
  }),
  'certified-color': ({ names }) => ({
    title: 'Certified colors',
    detail: `${short(names)}: the US wants a certified batch; keep its number with the lot`,
  }),
  directions: ({ state }) => ({
    title: 'Directions',
    detail: state === 'met' ? 'printed' : 'say how it is used',
  }),
  batch: ({ names, state }) => ({
    title: 'Batch',
    detail: state === 'met' ? short(names, 6) : 'no batch is in it',
  }),
  maker: ({ names, state }) => ({
    title: 'Maker and place',
    detail:
      state === 'met' ? names.join(', ') : 'write your name and address under Label, Who makes it',
  }),
  contact: ({ names, state }) => ({
    title: 'Where to write',
    detail: state === 'met' ? (names[0] ?? '') : 'a telephone, an address or a page for complaints',
  }),
  'data-sheet': ({ names, state }) => ({
    title: 'Ingredient data sheet',
    detail: state === 'met' ? (names[0] ?? '') : 'say on which page the whole list stands',
  }),
  'best-before': ({ numbers, state }) => ({
    title: state === 'met' ? keepsWords(numbers.months ?? 0) : 'How long it keeps',
    detail: state === 'met' ? 'printed as best before' : 'nothing says a day: write your own rule',
  }),
  claim: ({ names: [said, instead, why] }) => ({
    title: `“${said}”`,
    detail: `${why}: say “${instead}”`,
  }),
  'unread-line': ({ names }) => ({
    title: 'A line that is not read',
    detail: `${short(names, 2)}: what is in it is not on the label`,
  }),
  'safety-report': ({ state }) => ({
    title: 'Safety report',
    detail:
      state === 'met'
        ? 'on file, by your word'
        : 'no document on file: a qualified assessor signs it',
  }),
  letters: ({ names }) => ({
    title: 'Letters that cannot be printed',
    detail: `${short(names, 8)}: not in the font of the label`,
  }),
};

/** Title and sentence of one thing a label must say. */
export function sayLabelRequirement(must: Must): Said {
  return SAY[must.code](must);
}
