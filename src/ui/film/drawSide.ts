import { bubblesBetween } from '@/core/tub/bubbles';
import { densityWithGas } from '@/core/tub/afloat';
import { placeAt, radiusMmAt } from '@/core/tub/motion';
import type { FilmMoment } from '@/core/tub/plan';
import { drawPiece } from './drawPiece';
import type { Box, Look, Scene } from './scene';

const FULL = 2 * Math.PI;
/** Bubbles rise so fast, cm/s. Source: about 20 to 25 cm/s for bubbles of a few millimeters, not looked up. */
const RISES_CM_S = 22;
const WALL = 12;

/** The vessel cut lengthwise: how deep the piece lies, what is in it, and what the water looks like through it. */
export function drawSide(
  context: CanvasRenderingContext2D,
  scene: Scene,
  moment: FilmMoment,
  box: Box,
  look: Look,
): void {
  const { plan } = scene;
  const { lengthCm, depthCm } = plan.vessel;
  const aboveCm = Math.max(7, 0.25 * depthCm);
  const px = Math.min(
    (box.width - 2 * WALL - 4) / lengthCm,
    (box.height - 8) / (depthCm + aboveCm),
  );
  const width = lengthCm * px;
  const left = box.x + (box.width - width) / 2;
  const floor = box.y + box.height - 4;
  const water = floor - depthCm * px;
  const basin = new Path2D();
  const corner = Math.min(0.3 * width, 0.8 * depthCm * px);
  basin.moveTo(left, floor - (depthCm + aboveCm) * px);
  basin.lineTo(left + 2, floor - corner);
  basin.quadraticCurveTo(left + 4, floor, left + corner * 0.6, floor);
  basin.lineTo(left + width - corner * 0.6, floor);
  basin.quadraticCurveTo(left + width - 4, floor, left + width - 2, floor - corner);
  basin.lineTo(left + width, floor - (depthCm + aboveCm) * px);
  context.save();
  context.clip(basin);
  context.fillStyle = moment.waterHex;
  context.fillRect(left, water, width, floor - water);
  context.fillStyle = 'rgb(60 110 110 / 8%)';
  context.fillRect(left, water, width, floor - water);
  context.strokeStyle = 'rgb(60 110 110 / 45%)';
  context.beginPath();
  context.moveTo(left, water);
  context.lineTo(left + width, water);
  context.stroke();
  const foamPx = Math.min(aboveCm * px, (moment.foamMm / 10) * px);
  if (foamPx > 0) {
    context.fillStyle = 'rgb(255 255 255 / 92%)';
    context.fillRect(left, water - foamPx, width, foamPx + 1);
    context.strokeStyle = look.hairline;
    context.strokeRect(left, water - foamPx, width, foamPx);
  }
  const place = placeAt(plan, moment.seconds);
  const radius = (radiusMmAt(plan, moment.seconds) / 10) * px;
  const x = left + width / 2 + place.xCm * px;
  const y = floor - radius - place.up * (floor - radius - (water + sunk(scene, moment, radius)));
  drawRising(context, scene, moment, { x, y, radius, water, px, left, width }, look);
  context.translate(x, y);
  drawPiece(context, scene, moment, { radius, turn: place.turn, isCut: true, ink: look.ink });
  context.restore();
  context.strokeStyle = look.outline;
  context.lineWidth = 2;
  context.stroke(basin);
}

/** How far under the surface the middle of a floating piece is, px: so much of it lies in the water as its density says. */
function sunk({ plan }: Scene, moment: FilmMoment, radius: number): number {
  if (!plan.buoyancy || !(moment.leftFraction > 0)) return 0;
  const share = Math.min(
    1,
    densityWithGas(plan.buoyancy, moment.leftFraction, moment.seconds) /
      plan.buoyancy.floatsUnderGMl,
  );
  return radius * (2 * share - 1);
}

function drawRising(
  context: CanvasRenderingContext2D,
  { plan, bubbles }: Scene,
  { seconds }: FilmMoment,
  at: {
    x: number;
    y: number;
    radius: number;
    water: number;
    px: number;
    left: number;
    width: number;
  },
  { share }: Look,
): void {
  const riseS = Math.max(0.3, (at.y - at.water) / at.px / RISES_CM_S);
  const [first, end] = bubblesBetween(bubbles, seconds - riseS, seconds);
  const isStrewn = plan.wear.kind === 'scattered';
  context.fillStyle = 'rgb(255 255 255 / 80%)';
  context.strokeStyle = 'rgb(90 130 128 / 40%)';
  context.lineWidth = 0.7;
  for (let i = first; i < end; i++) {
    if (i % 10 >= 10 * share) continue;
    const [way, size] = [bubbles.chance[3 * i] ?? 0, bubbles.chance[3 * i + 1] ?? 0];
    const age = (seconds - (bubbles.bornS[i] ?? 0)) / riseS;
    const side = 2 * way - 1;
    const x = at.x + side * (isStrewn ? 0.2 * at.width : at.radius + 6 * age);
    const y =
      at.y + Math.sqrt(Math.max(0, 1 - side * side)) * at.radius * 0.5 - age * (at.y - at.water);
    context.beginPath();
    context.arc(x, Math.max(at.water, y), 1 + 2.2 * size * size, 0, FULL);
    context.fill();
    context.stroke();
  }
}
