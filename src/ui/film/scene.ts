import { bubblesOf, type Bubbles } from '@/core/tub/bubbles';
import type { FilmPlan } from '@/core/tub/plan';
import { KeptPicture } from './keptPicture';
import { grainsOf, patchesOf, thingsOf, type Grain, type Patch, type Thing } from './things';

/** What is drawn of a film beside its water: made once a plan. */
export interface Scene {
  readonly plan: FilmPlan;
  readonly shape: 'ball' | 'cube';
  readonly bubbles: Bubbles;
  readonly things: readonly Thing[];
  readonly grains: readonly Grain[];
  readonly patches: readonly Patch[];
  /** What is not drawn anew each frame: the vessel, what lies on the water, the water, one bubble. */
  readonly kept: Readonly<Record<'vessel' | 'skin' | 'water' | 'bubble', KeptPicture>>;
}

export function sceneOf(plan: FilmPlan, shape: Scene['shape']): Scene {
  return {
    plan,
    shape,
    bubbles: bubblesOf(plan),
    things: thingsOf(plan),
    grains: grainsOf(plan),
    patches: patchesOf(plan),
    kept: {
      vessel: new KeptPicture(),
      skin: new KeptPicture(),
      water: new KeptPicture(),
      bubble: new KeptPicture(),
    },
  };
}

/** How a film is drawn here: colors of the look, and how much a device can draw. */
export interface Look {
  /** Outlines of what is drawn, and of what stands on the page. */
  readonly ink: string;
  readonly outline: string;
  readonly rim: string;
  readonly hairline: string;
  readonly font: string;
  /** What is said of the piece, and of the foam; empty for nothing. */
  readonly ofPiece: string;
  readonly ofFoam: string;
  /** Share of the bubbles and specks that are drawn, 0 to 1. */
  readonly share: number;
}

/** A rectangle on the canvas, px. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Outline of a vessel from above. */
export function vesselPath({ vessel }: FilmPlan, { x, y, width, height }: Box): Path2D {
  const path = new Path2D();
  const corner = { bath: 0.44, sink: 0.16, machine: 0.5, tray: 0.06 }[vessel.kind];
  path.roundRect(x, y, width, height, corner * Math.min(width, height));
  return path;
}

/** The largest box of a shape within another, in its middle. */
export function fitted(aspect: number, { x, y, width, height }: Box): Box {
  const [w, h] = width / height > aspect ? [height * aspect, height] : [width, width / aspect];
  return { x: x + (width - w) / 2, y: y + (height - h) / 2, width: w, height: h };
}
