import type { Measure } from '@/core/goods/labels/layout/types';

/** Family on screen of the very font that the PDF writer prints. */
export const LABEL_FONT = 'Rovack Label';
/** Widths are read at this size and scaled: rounding to whole pixels vanishes. */
const AT_PX = 200;

let loading: Promise<Measure> | null = null;

/** Loads the label’s font once and answers how wide a text is in it. */
export function loadLabelFont(): Promise<Measure> {
  loading ??= load();
  return loading;
}

async function load(): Promise<Measure> {
  const { default: fonts } = await import('pdfmake/build/vfs_fonts');
  const files = fonts as unknown as Readonly<Record<string, string>>;
  await Promise.all(
    [
      ['Roboto-Regular.ttf', '400'],
      ['Roboto-Medium.ttf', '700'],
    ].map(async ([file = '', weight = '400']) => {
      const bytes = Uint8Array.from(atob(files[file] ?? ''), (sign) => sign.charCodeAt(0));
      document.fonts.add(await new FontFace(LABEL_FONT, bytes, { weight }).load());
    }),
  );
  const pen = document.createElement('canvas').getContext('2d');
  if (!pen) throw new Error('this browser draws no text on a canvas');
  return (text, sizeMm, isBold) => {
    pen.font = `${isBold ? 700 : 400} ${AT_PX}px "${LABEL_FONT}"`;
    return (pen.measureText(text).width / AT_PX) * sizeMm;
  };
}
