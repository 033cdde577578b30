import { seededRandom } from '@/core/basics/numeric/random';
import type { FilmPlan } from './plan';
import { leftAt } from './wear';

/** Where the piece is, seen from above, cm from the middle of the vessel, and how far it has turned. */
export interface Place {
  readonly xCm: number;
  readonly yCm: number;
  /** Radians. */
  readonly turn: number;
  /** How far up it has come: 0 on the bottom, 1 at the surface. */
  readonly up: number;
}

/** A piece that floats is driven about by its own gas; one that lies on the bottom stays there. Rovack estimates. */
const WANDERS = 0.22;
const WANDER_S = 46;
const TURN_S = 17;
/** It takes so long to get under way, and to come up. */
const UNDER_WAY_S = 12;
const RISES_S = 2.5;

/** The place of the piece at a moment, the same for the same plan. */
export function placeAt(plan: FilmPlan, seconds: number): Place {
  const random = seededRandom(plan.seed);
  const [a, b, way] = [2 * Math.PI * random(), 2 * Math.PI * random(), random() < 0.5 ? 1 : -1];
  const afloatS = plan.afloatFromS;
  const floatingS = afloatS === null ? 0 : Math.max(0, Math.min(seconds, plan.goneS) - afloatS);
  const drift = floatingS * (1 - Math.exp(-floatingS / UNDER_WAY_S));
  const { lengthCm, widthCm } = plan.vessel;
  const wander = (across: number, phase: number, faster: number) =>
    WANDERS *
    across *
    (Math.sin((2 * Math.PI * drift * faster) / WANDER_S + phase) - Math.sin(phase));
  return {
    xCm: wander(lengthCm, a, 1) / 2,
    yCm: wander(widthCm, b, 1.31) / 2,
    turn: (way * 2 * Math.PI * drift) / TURN_S + a,
    up: afloatS === null ? 0 : Math.min(1, afloatS === 0 ? 1 : floatingS / RISES_S),
  };
}

/** Radius of what is left of the piece, as a ball, mm; 0 for grains. */
export function radiusMmAt(plan: FilmPlan, seconds: number): number {
  return plan.inradiusMm * Math.cbrt(leftAt(plan.wear, seconds));
}
