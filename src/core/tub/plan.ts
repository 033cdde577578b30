import type { Result } from '@/core/basics/result';
import { entryAt } from '@/core/basics/entryAt';
import type { FormulaBody } from '@/core/formula/model/schema';
import { gramsWhere, type MaterialMass, type Portion } from '@/core/matter/materials/portion';
import { waterHex } from '@/core/results/color/water';
import type { Conditions } from '@/core/results/conditions/types';
import { densitiesOf } from '@/core/results/evaluation/lasting';
import type { Evaluation } from '@/core/results/evaluation/types';
import { isOily } from '@/core/results/fizz/composition';
import { surfaceReading } from '@/core/results/fizz/surface';
import { afloatFromS, type Buoyancy } from './afloat';
import { fallingFoam } from './foam';
import { layersOf, openAtG, wornShares, type Layer } from './layers';
import { vesselOf, VESSELS_OF, type Vessel, type VesselKind } from './vessel';
import { goneS, leftAt, leftOnceS, wearOf, type Wear } from './wear';

/** What the film is made by: everything that is there before it, as plain data. */
export interface FilmPlan {
  readonly vessel: Vessel;
  readonly volumeL: number;
  readonly wear: Wear;
  /** Outside first by {@link Layer.place}, in the order of the formula. */
  readonly layers: readonly Layer[];
  readonly pieceG: number;
  /** All the gas of the piece, mL. */
  readonly gasMl: number;
  /** From here on nothing of the piece is left, s. */
  readonly goneS: number;
  /** The last frame: the water is still and of one color, s. */
  readonly settledS: number;
  readonly events: readonly FilmEvent[];
  /** From when on it floats; null for never. */
  readonly afloatFromS: number | null;
  /** Of a piece that was dropped in; null for grains and under a shower. */
  readonly buoyancy: Buoyancy | null;
  /** Half the thickness of the piece when whole, mm; 0 for grains. */
  readonly inradiusMm: number;
  /** Foam by step of {@link FOAM_STEP_S}, mm over the whole water. */
  readonly foamMm: readonly number[];
  /** Where the eddies of the water begin. */
  readonly seed: number;
}

export const FILM_EVENTS = ['touch', 'floats', 'half', 'embed-opens', 'gone'] as const;
export interface FilmEvent {
  readonly seconds: number;
  readonly what: (typeof FILM_EVENTS)[number];
}

/** One moment of the film. */
export interface FilmMoment {
  readonly seconds: number;
  readonly pieceG: number;
  /** Share of the piece that is left, 1 to 0. */
  readonly leftFraction: number;
  /** Gas that has left it, mL, and leaves it each second. */
  readonly gasMl: number;
  readonly gasMlPerS: number;
  /** Share of each layer that has worn, 0 to 1. */
  readonly worn: readonly number[];
  /** Grams of each color in the water. */
  readonly released: readonly MaterialMass[];
  /** The water, if it were stirred now, `#rrggbb`. */
  readonly waterHex: string;
  /** Over the whole water. */
  readonly foamMm: number;
  /** Oil that nothing carries, g/m². */
  readonly filmGM2: number;
  readonly floats: boolean;
}

/** Why there is no film. */
export type NoFilm = 'nothing-there' | 'nothing-fizzes' | 'larger-than-the-water';
export type FilmResult = Result<FilmPlan, NoFilm>;

/** Somebody steps in and moves the water: so long after the piece is gone it has one color. Rovack estimate. */
export const MIXED_AFTER_S = 75;
const FOAM_STEP_S = 0.5;
const SLOPE_S = 0.01;

/**
 * The plan of the film of one piece in its water: pure, the same for the same formula. Wear, gas, floating, foam, oil and
 * color are those of the evaluation; layers wear from the outside in, and each gives its colors as it wears. The gas
 * follows the mass that is lost, as the fizz curve has it.
 * @param vessel of the family; the usual one when left out
 * @throws RangeError for conditions out of range
 */
export function filmPlan(
  body: FormulaBody,
  conditions: Conditions,
  evaluation: Evaluation,
  vessel: VesselKind = VESSELS_OF[body.family][0],
): FilmResult {
  const { totalG, lasting, fizz, kept, surface } = evaluation;
  if (!(totalG > 0 && surface)) return { ok: false, problem: 'nothing-there' };
  if (!lasting) return { ok: false, problem: 'nothing-fizzes' };
  const share = conditions.pieceG === null ? 1 : Math.min(1, conditions.pieceG / totalG);
  const { volumeL } = conditions.tub;
  const wear = wearOf(lasting);
  const into = vesselOf(vessel, volumeL);
  const pieceG = totalG * share;
  if (wear.kind !== 'showered' && isLarger(pieceG, volumeL, lasting, into))
    return { ok: false, problem: 'larger-than-the-water' };
  const layers = layersOf(body, conditions.catalog, share);
  const gasMl = 1000 * fizz.co2L * share * Math.min(1, kept?.estimate ?? 1);
  const end = goneS(wear);
  const settledS = end + MIXED_AFTER_S;
  const { density, floatsUnder } = densitiesOf(body, conditions);
  const buoyancy: Buoyancy | null =
    lasting.kind === 'dropped'
      ? {
          densityGMl: density.best,
          floatsUnderGMl: floatsUnder.best,
          inradiusMm: lasting.inradiusMm,
        }
      : null;
  const afloatS = buoyancy && afloatFromS(buoyancy, wear);
  /** As the foam of the evaluation, which own tests may have moved. */
  const shippedMm = foamMmOf(
    layers,
    layers.map(() => 1),
    gasMl,
    volumeL,
  );
  const foamFactor = shippedMm > 0 ? (10 * surface.foamCm.best) / shippedMm : 1;
  const raised = Array.from({ length: Math.ceil(settledS / FOAM_STEP_S) + 1 }, (_, i) => {
    const left = leftAt(wear, i * FOAM_STEP_S);
    const worn = wornShares(layers, pieceG * (1 - left));
    return foamFactor * foamMmOf(layers, worn, gasMl * (1 - left), volumeL);
  });
  return {
    ok: true,
    value: {
      vessel: into,
      volumeL,
      wear,
      layers,
      pieceG,
      gasMl,
      goneS: end,
      settledS,
      events: eventsOf(wear, layers, pieceG, afloatS, end),
      afloatFromS: afloatS,
      buoyancy,
      inradiusMm: lasting.kind === 'scattered' ? 0 : lasting.inradiusMm,
      foamMm: fallingFoam(raised, FOAM_STEP_S),
      seed: seedOf(layers),
    },
  };
}

/** The film at a moment. @param seconds 0 to the end; what is outside is brought in */
export function momentAt(plan: FilmPlan, seconds: number): FilmMoment {
  const t = Math.min(plan.settledS, Math.max(0, seconds));
  const left = leftAt(plan.wear, t);
  const worn = wornShares(plan.layers, plan.pieceG * (1 - left));
  const inWater = dissolved(plan.layers, worn);
  const nextLeft = leftAt(plan.wear, t + SLOPE_S);
  return {
    seconds: t,
    pieceG: plan.pieceG * left,
    leftFraction: left,
    gasMl: plan.gasMl * (1 - left),
    gasMlPerS: (plan.gasMl * (left - nextLeft)) / SLOPE_S,
    worn,
    released: colorsOf(inWater),
    waterHex: waterHex(inWater, plan.volumeL),
    foamMm: foamAt(plan, t),
    filmGM2: surfaceOf(plan.layers, worn, 0, plan.volumeL).filmGM2,
    floats: left > 0 && plan.afloatFromS !== null && t >= plan.afloatFromS,
  };
}

/** What of the layers is in the water, grams. */
export function dissolved(layers: readonly Layer[], worn: readonly number[]): readonly Portion[] {
  return layers.flatMap(({ portions }, i) =>
    portions.map(({ material, massG }) => ({ material, massG: massG * entryAt(worn, i) })),
  );
}

function colorsOf(portions: readonly Portion[]): readonly MaterialMass[] {
  const grams = new Map<string, number>();
  for (const { material, massG } of portions)
    if (material.role === 'color') grams.set(material.id, (grams.get(material.id) ?? 0) + massG);
  return [...grams].map(([materialId, massG]) => ({ materialId, massG }));
}

function foamAt({ foamMm }: FilmPlan, seconds: number): number {
  const at = seconds / FOAM_STEP_S;
  const i = Math.min(foamMm.length - 2, Math.floor(at));
  const [from, to] = [foamMm[i] ?? 0, foamMm[i + 1] ?? 0];
  return from + (to - from) * (at - i);
}

function surfaceOf(
  layers: readonly Layer[],
  worn: readonly number[],
  gasMl: number,
  volumeL: number,
) {
  const inWater = dissolved(layers, worn);
  return surfaceReading({
    volumeL,
    surfactantG: inWater.reduce(
      (sum, { material, massG }) =>
        material.role === 'foamer' ? sum + massG * (1 - material.waterFraction.value) : sum,
      0,
    ),
    co2L: gasMl / 1000,
    oilG: gramsWhere(inWater, isOily),
    emulsifierG: gramsWhere(inWater, ({ role }) => role === 'emulsifier'),
    scentG: 0,
  });
}

function foamMmOf(
  layers: readonly Layer[],
  worn: readonly number[],
  gasMl: number,
  volumeL: number,
): number {
  return 10 * surfaceOf(layers, worn, gasMl, volumeL).foamCm.best;
}

function isLarger(
  pieceG: number,
  volumeL: number,
  lasting: NonNullable<Evaluation['lasting']>,
  { widthCm }: Vessel,
): boolean {
  const acrossCm = lasting.kind === 'dropped' ? lasting.inradiusMm / 5 : 0;
  return pieceG > 1000 * volumeL || acrossCm > widthCm;
}

const HALF = 0.5;

function eventsOf(
  wear: Wear,
  layers: readonly Layer[],
  pieceG: number,
  afloatS: number | null,
  end: number,
): readonly FilmEvent[] {
  const openG = openAtG(layers);
  const events: FilmEvent[] = [
    { seconds: 0, what: 'touch' },
    ...(afloatS === null ? [] : [{ seconds: afloatS, what: 'floats' as const }]),
    { seconds: leftOnceS(wear, HALF), what: 'half' },
    ...(openG === null
      ? []
      : [{ seconds: leftOnceS(wear, 1 - openG / pieceG), what: 'embed-opens' as const }]),
    { seconds: end, what: 'gone' },
  ];
  return events.sort((a, b) => a.seconds - b.seconds);
}

/** The same piece has the same eddies: a seed out of what it is made of. */
function seedOf(layers: readonly Layer[]): number {
  return layers
    .flatMap(({ portions }) => portions)
    .reduce((seed, { massG }) => (Math.imul(seed, 31) + Math.round(1000 * massG)) | 0, 17);
}
