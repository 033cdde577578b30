import { stopwatch } from '@/core/basics/format/durations';
import { drawTop } from '@/ui/film/drawTop';
import { lookOf } from '@/ui/film/lookOf';
import { LIGHT } from '@/ui/palette';
import type { Film } from './useFilm';

/** Frames of a strip, and of what stands for the film where nothing may move. */
export const STILLS = 8;
const STILL = { width: 480, height: 270 } as const;
const STRIP_COLUMNS = 4;
const CAPTION_PX = 26;

/** Moments of the eight stills: closer together while most happens. @returns seconds, from touch to settled */
export function stillMoments(goneS: number, settledS: number): readonly number[] {
  const inFizz = [0.02, 0.12, 0.25, 0.42, 0.62, 0.85, 1].map((share) => share * goneS);
  return [...inFizz, settledS];
}

/** A still of the film on a canvas of its own. @returns null where this browser refuses a canvas */
export function drawStill(
  film: Film,
  seconds: number,
  { width, height }: { width: number; height: number },
  of: Element,
): HTMLCanvasElement | null {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [width, height];
  const context = canvas.getContext('2d');
  const scene = film.scene.value;
  const moment = film.momentOf(seconds);
  if (!context || !scene || !moment) return null;
  const look = { ...lookOf(of, 1), ofPiece: '', ofFoam: '' };
  context.fillStyle = LIGHT.chalk;
  context.fillRect(0, 0, width, height);
  drawTop(context, scene, moment, film.waterAt(seconds), { x: 0, y: 0, width, height }, look);
  return canvas;
}

/** Eight stills with their times in one picture. @returns null as {@link drawStill} */
export function drawStrip(film: Film, of: Element): HTMLCanvasElement | null {
  const plan = film.plan.value;
  if (!plan) return null;
  const strip = document.createElement('canvas');
  const rows = Math.ceil(STILLS / STRIP_COLUMNS);
  strip.width = STRIP_COLUMNS * STILL.width;
  strip.height = rows * (STILL.height + CAPTION_PX);
  const context = strip.getContext('2d');
  if (!context) return null;
  context.fillStyle = LIGHT.chalk;
  context.fillRect(0, 0, strip.width, strip.height);
  for (const [i, seconds] of stillMoments(plan.goneS, plan.settledS).entries()) {
    const still = drawStill(film, seconds, STILL, of);
    if (!still) return null;
    const x = (i % STRIP_COLUMNS) * STILL.width;
    const y = Math.floor(i / STRIP_COLUMNS) * (STILL.height + CAPTION_PX);
    context.drawImage(still, x, y);
    context.fillStyle = LIGHT.ink;
    context.font = `15px ${getComputedStyle(of).fontFamily}`;
    context.textAlign = 'center';
    context.fillText(stopwatch(seconds), x + STILL.width / 2, y + STILL.height + 16);
  }
  return strip;
}

/** A canvas as a PNG file. @throws Error where the browser makes none */
export function pngOf(canvas: HTMLCanvasElement): Promise<Blob> {
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png'),
  );
}

const WEBM = 'video/webm';

/** Can this browser record a canvas as a film file? */
export function canRecord(): boolean {
  return (
    typeof MediaRecorder !== 'undefined' &&
    'captureStream' in HTMLCanvasElement.prototype &&
    MediaRecorder.isTypeSupported(WEBM)
  );
}

const FRAMES_PER_S = 30;

/** Records what is drawn on a canvas until it is stopped. */
export function recordOf(canvas: HTMLCanvasElement): { readonly stop: () => Promise<Blob> } {
  const recorder = new MediaRecorder(canvas.captureStream(FRAMES_PER_S), { mimeType: WEBM });
  const chunks: Blob[] = [];
  recorder.ondataavailable = ({ data }) => chunks.push(data);
  const ended = new Promise<Blob>((resolve) => {
    recorder.onstop = () => resolve(new Blob(chunks, { type: WEBM }));
  });
  recorder.start();
  return {
    stop: () => {
      if (recorder.state !== 'inactive') recorder.stop();
      return ended;
    },
  };
}
