import type { GridSize } from '@/core/tub/frames';

/** Cells of the water as a picture that a canvas can draw, between one key frame and the next. */
export function waterPicture() {
  let canvas: HTMLCanvasElement | null = null;
  let data: ImageData | null = null;

  function between(
    frames: readonly Uint8ClampedArray[],
    at: number,
    { columns, rows }: GridSize,
  ): HTMLCanvasElement | null {
    canvas ??= document.createElement('canvas');
    const context = canvas.getContext('2d');
    const last = frames.length - 1;
    const from = frames[Math.min(last, Math.floor(at))];
    const to = frames[Math.min(last, Math.floor(at) + 1)];
    if (!context || !from || !to || from.length !== 3 * columns * rows) return null;
    if (data?.width !== columns || data.height !== rows) {
      canvas.width = columns;
      canvas.height = rows;
      data = context.createImageData(columns, rows);
      data.data.fill(255);
    }
    const share = at >= last ? 0 : at - Math.floor(at);
    const pixels = data.data;
    for (let cell = 0; cell < columns * rows; cell++)
      for (let c = 0; c < 3; c++) {
        const a = from[3 * cell + c] ?? 0;
        pixels[4 * cell + c] = a + ((to[3 * cell + c] ?? 0) - a) * share;
      }
    context.putImageData(data, 0, 0);
    return canvas;
  }
  return { between };
}
