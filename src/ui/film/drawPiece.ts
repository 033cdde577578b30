import type { FilmMoment, FilmPlan } from '@/core/tub/plan';
import type { Scene } from './scene';

const FULL = 2 * Math.PI;

/** Outline of what is left of the piece: a cube rounds off as it wears. */
function outline(shape: Scene['shape'], radius: number, left: number): Path2D {
  const path = new Path2D();
  if (shape === 'ball') path.arc(0, 0, radius, 0, FULL);
  else {
    // A cube of a ball's volume has a side of 1.612 of its radius.
    const half = 0.806 * radius;
    path.roundRect(-half, -half, 2 * half, 2 * half, half * (1 - 0.85 * Math.cbrt(left)));
  }
  return path;
}

/**
 * The piece around the origin of the canvas: its shell in its colors, and the embed once it lies open, or where it is cut.
 * @param radius of what is left, px
 */
export function drawPiece(
  context: CanvasRenderingContext2D,
  { plan, shape }: Scene,
  moment: FilmMoment,
  { radius, turn, isCut, ink }: { radius: number; turn: number; isCut: boolean; ink: string },
): void {
  if (!(radius > 0.4)) return;
  context.save();
  context.rotate(turn);
  const path = outline(shape, radius, moment.leftFraction);
  context.save();
  context.clip(path);
  const shells = plan.layers.filter(({ place }) => place === 'shell');
  const isBare = shellLeft(plan, moment) <= 0;
  shells.forEach(({ hex }, i) => {
    context.fillStyle = hex;
    const across = (2 * radius) / shells.length;
    context.fillRect(-radius + i * across, -radius, across + 1, 2 * radius);
  });
  const embeds = plan.layers.filter(({ place }) => place === 'embed');
  const [embed] = embeds;
  if (embed && (isCut || isBare)) {
    context.fillStyle = embed.hex;
    context.beginPath();
    context.arc(0, 0, isBare ? radius * 1.5 : embedRadius(plan, moment, radius), 0, FULL);
    context.fill();
  }
  drawCoat(context, plan, moment, radius, isCut);
  context.restore();
  context.strokeStyle = ink;
  context.lineWidth = 1.5;
  context.stroke(path);
  context.restore();
}

function shellLeft({ layers }: FilmPlan, { worn }: FilmMoment): number {
  return layers.reduce(
    (sum, { place, massG }, i) => (place === 'embed' ? sum : sum + massG * (1 - (worn[i] ?? 0))),
    0,
  );
}

function embedRadius({ layers }: FilmPlan, moment: FilmMoment, radius: number): number {
  const embedG = layers.reduce((sum, one) => (one.place === 'embed' ? sum + one.massG : sum), 0);
  return radius * Math.cbrt(Math.min(1, embedG / Math.max(1e-9, moment.pieceG)));
}

/** Topping, icing and paint on the upper half, as long as they last. */
function drawCoat(
  context: CanvasRenderingContext2D,
  { layers }: FilmPlan,
  { worn }: FilmMoment,
  radius: number,
  isCut: boolean,
): void {
  layers.forEach(({ place, hex }, i) => {
    const left = 1 - (worn[i] ?? 0);
    if (place !== 'coat' || left <= 0) return;
    context.globalAlpha = 0.55 * left;
    context.fillStyle = hex;
    context.beginPath();
    if (isCut) context.arc(0, 0, radius, Math.PI, FULL);
    else context.arc(0, 0, 0.72 * radius, 0, FULL);
    context.fill();
    context.globalAlpha = 1;
  });
}
