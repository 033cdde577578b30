import type { FilmMoment } from '@/core/tub/plan';
import { disk } from './disk';
import { vesselPath, type Box, type Scene } from './scene';

const FULL = 2 * Math.PI;
/** Foam lies at least so thick, mm: less of it is a smaller raft. */
const RAFT_MM = 15;
const OVERLAP = 0.32;
/** Film of oil from where it is seen, and where it covers the water, g/m². Rovack estimates. */
const SEEN_FILM = 0.5;
const FULL_FILM = 30;
const FILM_PATCHES = 26;

/** What lies on the water is drawn again when so much of it came or went: mm of foam, g/m² of oil. */
const FOAM_STEP_MM = 0.4;
const FILM_STEP_G_M2 = 1;

export function drawSkin(
  context: CanvasRenderingContext2D,
  scene: Scene,
  moment: FilmMoment,
  inside: Box,
  dots: number,
): void {
  const foamMm = Math.round(moment.foamMm / FOAM_STEP_MM) * FOAM_STEP_MM;
  const isFilmy = moment.filmGM2 >= SEEN_FILM;
  const filmGM2 = isFilmy ? Math.max(1, Math.round(moment.filmGM2 / FILM_STEP_G_M2)) : 0;
  if (foamMm === 0 && filmGM2 === 0) return;
  const skin = scene.kept.skin.of(`${foamMm} ${filmGM2}`, inside, dots, (to) => {
    to.save();
    to.clip(vesselPath(scene.plan, { ...inside, x: 0, y: 0 }));
    to.translate(inside.width / 2, inside.height / 2);
    to.scale(inside.width / scene.plan.vessel.lengthCm, inside.width / scene.plan.vessel.lengthCm);
    drawFilm(to, scene, filmGM2);
    drawFoam(to, scene, foamMm);
    to.restore();
  });
  if (skin) context.drawImage(skin, inside.x, inside.y, inside.width, inside.height);
}

function drawFilm(
  context: CanvasRenderingContext2D,
  { plan, patches }: Scene,
  filmGM2: number,
): void {
  if (filmGM2 === 0) return;
  const count = Math.min(FILM_PATCHES, Math.ceil((FILM_PATCHES * filmGM2) / FULL_FILM));
  const { widthCm } = plan.vessel;
  // Every few of them, so that they lie over all of the water.
  const far = Math.floor(patches.length / FILM_PATCHES);
  for (let i = 0; i < count; i++) {
    const patch = patches[i * far];
    if (!patch) return;
    const { x, y, radiusCm } = patch;
    const radius = 2 * radiusCm + widthCm * 0.06;
    context.save();
    context.translate(x, y);
    context.rotate(i);
    context.scale(2.2, 1);
    const sheen = context.createRadialGradient(0, 0, 0, 0, 0, radius);
    sheen.addColorStop(0, 'rgb(255 236 190 / 22%)');
    sheen.addColorStop(0.4, 'rgb(225 180 210 / 14%)');
    sheen.addColorStop(0.7, 'rgb(160 210 205 / 10%)');
    sheen.addColorStop(1, 'rgb(160 210 205 / 0%)');
    context.fillStyle = sheen;
    disk(context, 0, 0, radius);
    context.restore();
  }
  // Drops of it lie about as eyes.
  context.strokeStyle = 'rgb(120 100 50 / 38%)';
  context.fillStyle = 'rgb(255 240 190 / 34%)';
  context.lineWidth = 0.06;
  for (let i = 0; i < 5 * count; i++) {
    const patch = patches[(7 * i) % patches.length];
    if (!patch) return;
    context.beginPath();
    context.arc(patch.x, patch.y, 0.15 + 0.12 * patch.radiusCm, 0, FULL);
    context.fill();
    context.stroke();
  }
}

function drawFoam(
  context: CanvasRenderingContext2D,
  { plan, patches }: Scene,
  foamMm: number,
): void {
  const { lengthCm, widthCm } = plan.vessel;
  const areaCm2 = Math.min(0.9, foamMm / RAFT_MM) * lengthCm * widthCm;
  let covered = 0;
  const raft = new Path2D();
  const froth = new Path2D();
  for (const { x, y, radiusCm } of patches) {
    if (covered >= areaCm2) break;
    // They lie over each other: each covers a part of itself anew.
    const whole = OVERLAP * Math.PI * radiusCm ** 2;
    const radius = radiusCm * Math.sqrt(Math.min(1, (areaCm2 - covered) / whole));
    raft.moveTo(x + radius, y);
    raft.arc(x, y, radius, 0, FULL);
    for (const turn of [0.4, 2.3, 4.4]) {
      const [fx, fy] = [
        x + 0.5 * radius * Math.cos(turn + x),
        y + 0.5 * radius * Math.sin(turn + x),
      ];
      froth.moveTo(fx + 0.32 * radius, fy);
      froth.arc(fx, fy, 0.32 * radius, 0, FULL);
    }
    covered += whole;
  }
  context.save();
  context.translate(0.2, 0.3);
  context.fillStyle = 'rgb(70 100 100 / 20%)';
  context.fill(raft);
  context.restore();
  context.fillStyle = 'rgb(255 255 255 / 84%)';
  context.fill(raft);
  context.strokeStyle = 'rgb(90 130 128 / 16%)';
  context.lineWidth = 0.12;
  context.stroke(froth);
}
