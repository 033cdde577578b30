import type { LabelContent } from '../content';
import type { LabelDesign } from '../designSchema';
import { leastLetterMm, leastNetHeightMm } from '../netWeightText';
import type { MustFacts } from '../requirements/labelRequirements';
import { readUfi } from '../requirements/ufi';
import { flowSide } from './flow';
import type { LabelBlock, LaidLabel, Measure } from './types';

/** Height of a small letter and of a figure as a share of the em, in the label’s font. Measured from the font. */
const X_HEIGHT = 0.528;
const FIGURE_HEIGHT = 0.711;

export interface LabelFoot {
  readonly maker: Pick<
    MustFacts['maker'],
    'name' | 'address' | 'contact' | 'telephone' | 'responsibleEu' | 'responsibleUk' | 'origin'
  >;
  readonly batchCode: string;
  /** `best before 11 2027`; empty for none. */
  readonly bestBefore: string;
}

/**
 * A label laid out to the millimeter: what stands where, and what does not fit. A box names each product before its
 * ingredients.
 * @param title what is sold, or the maker’s own name for it
 */
export function layLabel(
  content: LabelContent,
  design: LabelDesign,
  title: string,
  foot: LabelFoot,
  measure: Measure,
): LaidLabel {
  const isRound = design.shape === 'round';
  const widthMm = design.widthMm;
  const heightMm = isRound ? design.widthMm : design.heightMm;
  const areaMm2 = isRound ? (Math.PI * widthMm ** 2) / 4 : widthMm * heightMm;
  const { markets } = design;
  const netG = content.netWeight?.g ?? 0;
  const most = (of: readonly number[]) => Math.max(0, ...of);
  const asked = {
    widthMm,
    heightMm,
    isRound,
    measure,
    leastNetMm:
      netG > 0
        ? most(markets.map((market) => leastNetHeightMm(netG, areaMm2, market))) / FIGURE_HEIGHT
        : 0,
    leastSmallMm: most(markets.map((market) => leastLetterMm(areaMm2, market))) / X_HEIGHT,
  };
  const head = headBlocks(content, design, title);
  const rest = restBlocks(content, design, foot);
  const sides =
    design.sides === 1
      ? [
          flowSide({
            ...asked,
            blocks: [...head, ...rest],
            hasQr: design.hasQr,
            hasPicture: design.hasPicture,
            symbols: content.pictograms,
            isFront: false,
          }),
        ]
      : [
          flowSide({
            ...asked,
            blocks: head,
            hasQr: false,
            hasPicture: design.hasPicture,
            symbols: [],
            isFront: true,
          }),
          flowSide({
            ...asked,
            blocks: rest,
            hasQr: design.hasQr,
            hasPicture: false,
            symbols: content.pictograms,
            isFront: false,
          }),
        ];
  return { widthMm, heightMm, isRound, sides };
}

function headBlocks(
  content: LabelContent,
  { own }: LabelDesign,
  title: string,
): readonly LabelBlock[] {
  return [
    { field: 'title', text: title },
    { field: 'identity', text: content.identity },
    { field: 'net', text: content.netWeight?.text ?? '' },
    { field: 'story', text: own.story },
  ];
}

function restBlocks(
  content: LabelContent,
  design: LabelDesign,
  foot: LabelFoot,
): readonly LabelBlock[] {
  const isBox = content.products.length > 1;
  return [
    {
      field: 'ingredients',
      text: content.products
        .map(({ name, ingredientText }) => (isBox ? `${name}: ${ingredientText}` : ingredientText))
        .join('\n'),
    },
    { field: 'directions', text: content.directions },
    { field: 'cautions', text: content.cautions.map(({ text }) => text).join(' ') },
    { field: 'languages', text: design.own.otherLanguages },
    { field: 'foot', text: footText(design, foot) },
  ];
}

/** Who made it, who answers for it in each market that is asked for, and what it is known by. */
function footText(
  { markets, ufi }: LabelDesign,
  { maker, batchCode, bestBefore }: LabelFoot,
): string {
  const answers = (isAsked: boolean, where: string, who: string) =>
    isAsked && who.trim() !== '' ? `${where}: ${who.trim()}` : '';
  const known = readUfi(ufi);
  return [
    maker.name,
    maker.address,
    maker.telephone,
    maker.contact,
    answers(markets.includes('eu'), 'EU', maker.responsibleEu),
    answers(markets.includes('uk'), 'UK', maker.responsibleUk),
    maker.origin.trim() === '' ? '' : `Made in ${maker.origin.trim()}`,
    known === null ? '' : `UFI: ${known}`,
    batchCode,
    bestBefore,
  ]
    .map((text) => text.trim())
    .filter((text) => text !== '')
    .join(' · ');
}
