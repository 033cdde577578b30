import { bubblesBetween } from '@/core/tub/bubbles';
import { placeAt, radiusMmAt } from '@/core/tub/motion';
import { strewnCm } from '@/core/tub/vessel';
import { grainLeftMm } from '@/core/tub/wear';
import type { FilmMoment } from '@/core/tub/plan';
import { drawPiece } from './drawPiece';
import { drawShower } from './drawShower';
import { drawSkin } from './drawSkin';
import { fitted, vesselPath, type Box, type Look, type Scene } from './scene';

const FULL = 2 * Math.PI;
/** A smaller picture has no room for a scale. */
const SCALED_FROM_PX = 240;
/** A bubble at the surface lasts so long, s; longer where something makes foam. Rovack estimates. */
const BUBBLE_S = 2.6;
const FOAMING_BUBBLE_S = 6;

/** What one sees from above. @param water its cells as a picture; null while they are being computed */
export function drawTop(
  context: CanvasRenderingContext2D,
  scene: Scene,
  moment: FilmMoment,
  water: CanvasImageSource | null,
  box: Box,
  look: Look,
): void {
  const { plan } = scene;
  const { lengthCm, widthCm } = plan.vessel;
  const rim = 14;
  const inside = fitted(lengthCm / widthCm, {
    x: box.x + rim + 2,
    y: box.y + rim + 2,
    width: box.width - 2 * rim - 4,
    height: box.height - 2 * rim - 4,
  });
  const px = inside.width / lengthCm;
  const dots = context.getTransform().a;
  if (plan.vessel.kind === 'tray') {
    context.save();
    context.clip(vesselPath(plan, inside));
    drawShower(context, scene, moment, inside);
    context.restore();
  } else {
    drawWater(context, scene, moment, water, inside);
    drawSkin(context, scene, moment, inside, dots);
  }
  context.save();
  context.translate(inside.x + inside.width / 2, inside.y + inside.height / 2);
  context.scale(px, px);
  drawGrains(context, scene, moment, px);
  const place = placeAt(plan, moment.seconds);
  context.save();
  context.translate(place.xCm, place.yCm);
  context.scale(1 / px, 1 / px);
  // On the bottom it is seen through the water.
  context.globalAlpha = 0.55 + 0.45 * place.up;
  const radius = (radiusMmAt(plan, moment.seconds) / 10) * px;
  drawPiece(context, scene, moment, { radius, turn: place.turn, isCut: false, ink: look.ink });
  context.restore();
  drawThings(context, scene, moment, px, look);
  drawBubbles(context, scene, moment, look);
  context.restore();
  const vessel = scene.kept.vessel.of(`${inside.x} ${look.ink}`, box, dots, (frame) => {
    drawVessel(frame, scene, inside, rim, look);
    if (inside.width >= SCALED_FROM_PX) drawScale(frame, px, inside, look);
  });
  if (vessel) context.drawImage(vessel, box.x, box.y, box.width, box.height);
  const middle = { x: inside.x + inside.width / 2, y: inside.y + inside.height / 2 };
  if (look.ofPiece)
    drawSaid(context, look.ofPiece, look, {
      fromX: middle.x + place.xCm * px + radius * 0.75,
      fromY: middle.y + place.yCm * px - radius * 0.75,
      toX: inside.x + 0.68 * inside.width,
      toY: inside.y + 0.17 * inside.height,
    });
  if (look.ofFoam)
    drawSaid(context, look.ofFoam, look, {
      fromX: middle.x - 0.1 * inside.width,
      fromY: middle.y + 0.16 * inside.height,
      toX: inside.x + 0.14 * inside.width,
      toY: inside.y + 0.88 * inside.height,
    });
}

/** A few words beside what they speak of, with a line to it. */
function drawSaid(
  context: CanvasRenderingContext2D,
  words: string,
  { ink, font }: Look,
  { fromX, fromY, toX, toY }: { fromX: number; fromY: number; toX: number; toY: number },
): void {
  context.font = `15px ${font}`;
  context.textAlign = 'left';
  const { width } = context.measureText(words);
  context.strokeStyle = ink;
  context.lineWidth = 1;
  context.beginPath();
  context.moveTo(fromX, fromY);
  context.lineTo(fromX < toX ? toX - 4 : toX + width + 4, toY - 5);
  context.stroke();
  // Readable over any water.
  context.fillStyle = 'rgb(255 253 247 / 82%)';
  context.beginPath();
  context.roundRect(toX - 4, toY - 17, width + 8, 24, 4);
  context.fill();
  context.fillStyle = ink;
  context.fillText(words, toX, toY);
}

/** The vessel as a frame around its water. */
function drawVessel(
  context: CanvasRenderingContext2D,
  { plan }: Scene,
  inside: Box,
  rim: number,
  { rim: enamel, ink, hairline }: Look,
): void {
  const outer = vesselPath(plan, {
    x: inside.x - rim,
    y: inside.y - rim,
    width: inside.width + 2 * rim,
    height: inside.height + 2 * rim,
  });
  const within = vesselPath(plan, inside);
  context.save();
  context.clip(within);
  if (plan.vessel.kind !== 'tray') drawEdgeShade(context, within, inside);
  context.restore();
  const ring = new Path2D(outer);
  ring.addPath(within);
  context.fillStyle = enamel;
  context.fill(ring, 'evenodd');
  context.strokeStyle = ink;
  context.lineWidth = 2;
  context.stroke(outer);
  context.strokeStyle = hairline;
  context.lineWidth = 1;
  context.stroke(within);
}

/** Water is a touch darker along the wall, so that clear water is seen at all; its middle keeps its true color. */
function drawEdgeShade(context: CanvasRenderingContext2D, within: Path2D, inside: Box): void {
  context.strokeStyle = 'rgb(50 105 105 / 2%)';
  const widest = Math.min(36, 0.1 * inside.height);
  for (let i = 1; i <= 12; i++) {
    context.lineWidth = (widest * i) / 12;
    context.stroke(within);
  }
}

/** Water is first cut to its vessel when small, then made large: its soft edge lies under the rim. */
const SMALL_WATER = 0.25;

function drawWater(
  context: CanvasRenderingContext2D,
  { plan, kept }: Scene,
  { waterHex, seconds }: FilmMoment,
  water: CanvasImageSource | null,
  inside: Box,
): void {
  const margin = 6;
  const key = `${waterHex} ${seconds} ${water === null} ${performance.now()}`;
  const small = kept.water.of(
    key,
    { width: inside.width + 2 * margin, height: inside.height + 2 * margin },
    SMALL_WATER,
    (to) => {
      const all = {
        x: 0,
        y: 0,
        width: inside.width + 2 * margin,
        height: inside.height + 2 * margin,
      };
      to.save();
      to.clip(vesselPath(plan, all));
      to.imageSmoothingEnabled = true;
      if (water) to.drawImage(water, 0, 0, all.width, all.height);
      else {
        to.fillStyle = waterHex;
        to.fillRect(0, 0, all.width, all.height);
      }
      to.restore();
    },
  );
  if (!small) return;
  context.imageSmoothingEnabled = true;
  context.drawImage(
    small,
    inside.x - margin,
    inside.y - margin,
    inside.width + 2 * margin,
    inside.height + 2 * margin,
  );
}

/** Grains that are left, strewn over the floor. */
function drawGrains(
  context: CanvasRenderingContext2D,
  { plan, grains }: Scene,
  { seconds }: FilmMoment,
  px: number,
): void {
  if (plan.wear.kind !== 'scattered') return;
  const [spreadX, spreadY] = strewnCm(plan.vessel);
  context.strokeStyle = 'rgb(70 80 78 / 70%)';
  context.lineWidth = 0.6 / px;
  context.fillStyle = '#ffffff';
  for (const { x, y, radiusMm } of grains) {
    const left = grainLeftMm(plan.wear, radiusMm, seconds);
    if (left <= 0) continue;
    context.beginPath();
    // Drawn three times as large as it is, or nobody would see it.
    context.arc(x * spreadX, y * spreadY, Math.max(0.9 / px, 0.3 * left), 0, FULL);
    context.fill();
    context.stroke();
  }
}

function drawThings(
  context: CanvasRenderingContext2D,
  { plan, things }: Scene,
  moment: FilmMoment,
  px: number,
  { share }: Look,
): void {
  const { widthCm, lengthCm } = plan.vessel;
  const place = placeAt(plan, moment.seconds);
  for (const [i, { kind, hex, layer, leavesAt, chance }] of things.entries()) {
    if (kind === 'speck' && i % 10 >= 10 * share) continue;
    const out = (moment.worn[layer] ?? 0) - leavesAt;
    if (out <= 0) continue;
    const angle = FULL * chance[0] + 0.06 * Math.sin(moment.seconds / 7 + 9 * chance[2]);
    // It drifts off, quickly at first, and stays where it is when the piece is gone.
    const far = (0.06 + 0.4 * chance[1]) * Math.min(1, 0.15 + 2.5 * out);
    const x = place.xCm * 0.4 + far * lengthCm * Math.cos(angle);
    const y = place.yCm * 0.4 + far * widthCm * Math.sin(angle);
    context.fillStyle = hex;
    context.beginPath();
    if (kind === 'petal') context.ellipse(x, y, 0.95, 0.4, FULL * chance[2], 0, FULL);
    else context.arc(x, y, Math.max(0.8 / px, 0.1 + 0.08 * chance[2]), 0, FULL);
    context.fill();
  }
}

/** One bubble, to be drawn in any size. */
const BUBBLE_PX = 28;

function bubbleOf({ kept }: Scene): HTMLCanvasElement | null {
  return kept.bubble.of('', { width: BUBBLE_PX, height: BUBBLE_PX }, 1, (to) => {
    to.fillStyle = 'rgb(255 255 255 / 88%)';
    to.strokeStyle = 'rgb(90 130 128 / 42%)';
    to.lineWidth = 1.6;
    to.beginPath();
    to.arc(BUBBLE_PX / 2, BUBBLE_PX / 2, BUBBLE_PX / 2 - 1.5, 0, FULL);
    to.fill();
    to.stroke();
  });
}

function drawBubbles(
  context: CanvasRenderingContext2D,
  scene: Scene,
  { seconds, foamMm }: FilmMoment,
  { share }: Look,
): void {
  const { plan, bubbles } = scene;
  const picture = bubbleOf(scene);
  if (!picture) return;
  const lasts = foamMm > 0 ? FOAMING_BUBBLE_S : BUBBLE_S;
  const [first, end] = bubblesBetween(bubbles, seconds - lasts, seconds);
  const [spreadX, spreadY] = strewnCm(plan.vessel);
  const isStrewn = plan.wear.kind === 'scattered';
  for (let i = first; i < end; i++) {
    if (i % 10 >= 10 * share) continue;
    const bornS = bubbles.bornS[i] ?? 0;
    const way = bubbles.chance[3 * i] ?? 0;
    const size = bubbles.chance[3 * i + 1] ?? 0;
    const far = bubbles.chance[3 * i + 2] ?? 0;
    const age = (seconds - bornS) / lasts;
    const from = placeAt(plan, bornS);
    const start = isStrewn ? 0 : radiusMmAt(plan, bornS) / 10;
    const out = start + (1 + 7 * far) * Math.sqrt(age);
    const strewn = isStrewn ? Math.sqrt(-2 * Math.log(1 - 0.98 * far)) : 0;
    const x = from.xCm + out * Math.cos(FULL * way) + strewn * spreadX * Math.cos(9 * way);
    const y = from.yCm + out * Math.sin(FULL * way) + strewn * spreadY * Math.sin(9 * way);
    const radius = (0.22 + 0.75 * size * size) * (0.7 + 0.3 * age);
    context.globalAlpha = 1 - age * age;
    context.drawImage(picture, x - radius, y - radius, 2 * radius, 2 * radius);
  }
  context.globalAlpha = 1;
}

/** A length to read sizes by. */
function drawScale(
  context: CanvasRenderingContext2D,
  px: number,
  inside: Box,
  { ink, font }: Look,
): void {
  const cm = 10 * px < inside.width / 3 ? 10 : 5;
  const [right, y] = [inside.x + inside.width - 40, inside.y + inside.height - 22];
  context.strokeStyle = ink;
  context.fillStyle = ink;
  context.lineWidth = 1;
  context.beginPath();
  context.moveTo(right - cm * px, y - 4);
  context.lineTo(right - cm * px, y + 4);
  context.moveTo(right - cm * px, y);
  context.lineTo(right, y);
  context.moveTo(right, y - 4);
  context.lineTo(right, y + 4);
  context.stroke();
  context.font = `13px ${font}`;
  context.textAlign = 'center';
  context.fillText(`${cm} cm`, right - (cm * px) / 2, y - 7);
}
