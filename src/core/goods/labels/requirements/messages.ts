import { listed } from '@/core/basics/format/names';
import { counted, formatCount } from '@/core/basics/format/numbers';
import type { Must, MustCode } from './labelRequirements';

interface Said {
  readonly title: string;
  readonly detail: string;
}

const short = (names: readonly string[], most = 4) =>
  names.length > most
    ? `${names.slice(0, most).join(', ')} and ${formatCount(names.length - most)} more`
    : listed(names);

const keepsWords = (months: number) =>
  months < 1 ? 'Keeps less than a month' : `Keeps ${counted(months, 'month')}`;

const SAY: { readonly [K in MustCode]: (must: Must) => Said } = {
  identity: ({ names }) => ({ title: 'What it is', detail: names[0] || 'Say what it is.' }),
  ingredients: ({ numbers, state }) => ({
    title: 'Ingredients',
    detail:
      state === 'missing'
        ? 'There is nothing in it yet.'
        : `${counted(numbers.count ?? 0, 'name')}, most first, colors last.`,
  }),
  'no-inci': ({ names }) => ({
    title: 'No ingredient name',
    detail: `Write the label name of ${short(names)} on the Shelf.`,
  }),
  'unknown-inci': ({ names }) => ({
    title: 'Names to look up',
    detail: `${short(names)}: not in Rovack’s list. Check the spelling.`,
  }),
  'guessed-shares': ({ names }) => ({
    title: 'Shares not known',
    detail: `${short(names)}: has several ingredients. Their order is an estimate until the supplier gives the shares.`,
  }),
  'color-number': ({ names }) => ({
    title: 'Color without a number',
    detail: `Ask the supplier for the CI number of ${short(names)}.`,
  }),
  'sold-as': () => ({
    title: 'What the steamer is sold as',
    detail:
      'A cosmetic, or a household product that scents the air? Choose under “Edit text and size”: other rules apply.',
  }),
  'net-weight': ({ names, numbers, state }) => ({
    title: 'Net weight',
    detail:
      state === 'missing'
        ? 'Nothing was weighed yet.'
        : numbers.count === undefined
          ? `${names[0]}, as planned. No piece was weighed.`
          : (numbers.short ?? 0) > 0
            ? `${names[0]}. ${numbers.short} of ${counted(numbers.count, 'weighed piece')} too light.`
            : `${names[0]}. ${counted(numbers.count, 'piece')} weighed, none too light.`,
  }),
  allergens: ({ names, state }) => {
    const list = names.length === 0 ? 'None over 0.01%.' : `${short(names, 6)}.`;
    const also = {
      met: '',
      look: ' Typical of the plants. The supplier’s list decides.',
      missing: ' The list is not complete.',
    }[state];
    return { title: 'Allergens', detail: `${list}${also}` };
  },
  'allergen-document': ({ names }) => ({
    title: 'Allergen list of the supplier',
    detail: `There is none on file for ${short(names)}. Ask for it and add it on the Shelf.`,
  }),
  'foaming-caution': () => ({
    title: 'Foaming-bath caution',
    detail: 'Printed, with the required directions.',
  }),
  'hazard-wording': ({ names, state }) => ({
    title: 'Hazards',
    detail:
      state === 'met'
        ? `${short(names, 2)}.`
        : 'No hazard class by the contents. A very high pH may still need one.',
  }),
  borax: () => ({
    title: 'Borax',
    detail: 'From 0.3% on, it may not be sold to the public in the EU and the UK.',
  }),
  'color-listing': ({ names }) => ({
    title: 'Color listing',
    detail: `${short(names)}: not listed for this use everywhere.`,
  }),
  'material-barred': ({ names }) => ({
    title: 'Not for this use',
    detail: short(names),
  }),
  'certified-color': ({ names }) => ({
    title: 'Certified colors',
    detail: `${short(names)}: the US asks for a certified batch. Keep its number with the lot.`,
  }),
  directions: ({ state }) => ({
    title: 'Directions',
    detail: state === 'met' ? 'Printed.' : 'Say how it is used.',
  }),
  batch: ({ names, state }) => ({
    title: 'Batch',
    detail: state === 'met' ? short(names, 6) : 'There is no batch in it.',
  }),
  maker: ({ names, state }) => ({
    title: 'Maker and place',
    detail:
      state === 'met'
        ? names.join(', ')
        : 'Write your name and address on the Label tab, under Maker.',
  }),
  contact: ({ names, state }) => ({
    title: 'Contact',
    detail:
      state === 'met' ? (names[0] ?? '') : 'Add a telephone, an address or a page for complaints.',
  }),
  telephone: ({ names, state }) => ({
    title: 'Telephone',
    detail: state === 'met' ? (names[0] ?? '') : 'Add a telephone number, under Maker.',
  }),
  'responsible-eu': ({ names, state }) => ({
    title: 'Responsible in the EU',
    detail:
      state === 'met'
        ? (names[0] ?? '')
        : 'If you are outside the EU, add the name and address of who answers for it there.',
  }),
  'responsible-uk': ({ names, state }) => ({
    title: 'Responsible in the UK',
    detail:
      state === 'met'
        ? (names[0] ?? '')
        : 'If you are outside the UK, add the name and address of who answers for it there.',
  }),
  origin: ({ names, state }) => ({
    title: 'Country of origin',
    detail: state === 'met' ? (names[0] ?? '') : 'Goods that cross a border name it.',
  }),
  ufi: ({ names, state }) => ({
    title: 'UFI',
    detail:
      state === 'met'
        ? (names[0] ?? '')
        : 'The poison-center notification gives it: four times four letters. Add it, under Maker.',
  }),
  filing: ({ names, state }) => ({
    title: names[0] ?? '',
    detail: {
      met: 'Done, as you say.',
      look: 'Small businesses may be free of it. Check, and tick it when it is done.',
      missing: 'Tick it when it is done.',
    }[state],
  }),
  'label-size': () => ({
    title: 'Size of the label',
    detail: 'With hazard symbols it is at least 52 by 74 mm where that fits on the pack.',
  }),
  'prop-65': ({ names }) => ({
    title: 'California warning',
    detail: `${short(names)}: California lists this. Check whether your piece needs a warning.`,
  }),
  'data-sheet': ({ names, state }) => ({
    title: 'Ingredient data sheet',
    detail: state === 'met' ? (names[0] ?? '') : 'Add the page that has the whole list.',
  }),
  'best-before': ({ numbers, state }) => ({
    title: state === 'met' ? keepsWords(numbers.months ?? 0) : 'Shelf life',
    detail: state === 'met' ? 'Printed as best before.' : 'Nothing sets a date. Set your own rule.',
  }),
  claim: ({ names: [said, instead, why] }) => ({
    title: `“${said}”`,
    detail: `This ${why}. Say “${instead}”.`,
  }),
  'unread-line': ({ names }) => ({
    title: 'Unread line',
    detail: `${short(names, 2)}: not on the label yet.`,
  }),
  'safety-report': ({ state }) => ({
    title: 'Safety report',
    detail:
      state === 'met'
        ? 'On file, as you say.'
        : 'There is no document on file. A qualified assessor signs it.',
  }),
  letters: ({ names }) => ({
    title: 'Letters that can’t be printed',
    detail: `${short(names, 8)}: not in the label’s font.`,
  }),
};

/** Title and sentence of one thing a label must say. */
export function sayLabelRequirement(must: Must): Said {
  return SAY[must.code](must);
}
