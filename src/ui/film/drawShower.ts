import type { FilmMoment } from '@/core/tub/plan';
import { disk } from './disk';
import type { Box, Scene } from './scene';

const FULL = 2 * Math.PI;
const DROPS = 90;
const DROP_S = 0.35;

/** Running water on a tray: drops that fall, and what has worn running to the drain. */
export function drawShower(
  context: CanvasRenderingContext2D,
  { plan }: Scene,
  moment: FilmMoment,
  inside: Box,
): void {
  const { x, y, width, height } = inside;
  context.fillStyle = '#eef3f0';
  context.fillRect(x, y, width, height);
  const [fromX, fromY] = [x + width / 2, y + height / 2];
  const [drainX, drainY] = [x + 0.84 * width, y + 0.2 * height];
  const [shell] = plan.layers;
  const flow = context.createLinearGradient(fromX, fromY, drainX, drainY);
  flow.addColorStop(0, shell?.hex ?? '#ffffff');
  flow.addColorStop(1, 'rgb(255 255 255 / 10%)');
  const wears = moment.leftFraction > 0 ? 1 : 0;
  context.save();
  context.globalAlpha = 0.6 * wears;
  context.strokeStyle = flow;
  context.lineCap = 'round';
  context.lineWidth = 0.09 * width * Math.cbrt(moment.leftFraction);
  context.beginPath();
  context.moveTo(fromX, fromY);
  context.bezierCurveTo(
    fromX + 0.16 * width,
    fromY - 0.02 * height,
    drainX - 0.12 * width,
    drainY + 0.14 * height,
    drainX,
    drainY,
  );
  context.stroke();
  context.restore();
  context.fillStyle = '#8d9a96';
  disk(context, drainX, drainY, 0.028 * width);
  context.strokeStyle = 'rgb(70 120 125 / 45%)';
  context.lineWidth = 1.2;
  const beat = Math.floor(moment.seconds / DROP_S);
  const within = moment.seconds / DROP_S - beat;
  for (let i = 0; i < DROPS; i++) {
    // A drop falls somewhere else with each beat, the same for the same moment.
    const mixed = Math.imul(i + 1, 0x9e3779b1) ^ Math.imul(beat + i, 0x85ebca6b);
    const [u, v] = [((mixed >>> 4) & 0xfff) / 4096, ((mixed >>> 18) & 0xfff) / 4096];
    context.beginPath();
    context.arc(x + u * width * 0.86, y + v * height, 1 + 6 * within, 0, FULL);
    context.globalAlpha = 1 - within;
    context.stroke();
  }
  context.globalAlpha = 1;
}
