import type { WindowAt } from '@/core/workshop/taught/windowsByHumidity';
import { LIGHT } from '@/ui/palette';
import { MARK_PATHS, type Geometry, type Mark } from './mapGeometry';

const escaped = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

/** A tenth of a pixel is fine enough. */
const px = (at: number): number => Math.round(10 * at) / 10;

/** The whole map as a picture of its own, in the colors of paper, for a file. */
export function mapSvg(
  marks: readonly Mark[],
  windows: readonly WindowAt[],
  { width, height, x, y, ribbon, aim, margin }: Geometry,
  colorOf: (formulaId: string) => string,
  axes: { readonly x: string; readonly y: string },
): string {
  const text = (at: { x: number; y: number }, words: string, anchor = 'middle') =>
    `<text x="${px(at.x)}" y="${px(at.y)}" text-anchor="${anchor}">${escaped(words)}</text>`;
  const floor = height - margin.bottom;
  const shipped = ribbon(windows, ({ shipped }) => ({
    low: shipped.lowPct,
    high: shipped.highPct,
  }));
  const own = ribbon(windows, ({ yours }) => yours && { low: yours.lowPct, high: yours.highPct });
  const drawn = marks.map(({ humidityPct, dampPct, outcome, formulaId, code, name }) => {
    const fill = outcome === 'unfinished' ? 'none' : escaped(colorOf(formulaId));
    const at = `${px(x(humidityPct))} ${px(y(dampPct))}`;
    return `<path transform="translate(${at})" d="${MARK_PATHS[outcome]}" fill="${fill}" stroke="${LIGHT.ink}"><title>${escaped(`${code}, ${name}`)}</title></path>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="12" fill="${LIGHT.ink}">`,
    `<rect width="${width}" height="${height}" fill="${LIGHT.paper}"/>`,
    `<path d="${own}" fill="${LIGHT['verdigris-soft']}"/>`,
    `<path d="${shipped}" fill="none" stroke="${LIGHT.mid}" stroke-dasharray="5 4"/>`,
    `<path d="${aim(windows)}" fill="none" stroke="${LIGHT.verdigris}" stroke-width="2"/>`,
    `<path d="M${margin.left} ${margin.top}V${floor}H${width - margin.right}" fill="none" stroke="${LIGHT.ink}"/>`,
    ...x.ticks(8).map((tick) => text({ x: x(tick), y: floor + 16 }, String(tick))),
    ...y.ticks(6).map((tick) => text({ x: margin.left - 6, y: y(tick) + 4 }, String(tick), 'end')),
    text({ x: width - margin.right, y: height - 6 }, axes.x, 'end'),
    text({ x: 4, y: 12 }, axes.y, 'start'),
    ...drawn,
    '</svg>',
  ].join('\n');
}

/** The picture as PNG, twice as fine as it is shown. @throws Error where the browser draws none */
export async function pngOf(svg: string, width: number, height: number): Promise<Blob> {
  const image = new Image();
  image.src = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [2 * width, 2 * height];
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
    if (!blob) throw new Error('the browser drew no picture');
    return blob;
  } finally {
    URL.revokeObjectURL(image.src);
  }
}
