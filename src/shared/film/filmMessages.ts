import { formatSeconds, stopwatch } from '@/core/basics/format/durations';
import { listed } from '@/core/basics/format/names';
import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import {
  formatLengths,
  formatLiters,
  formatMass,
  formatMilliliters,
  formatTemp,
} from '@/core/basics/format/quantities';
import type { Material } from '@/core/matter/materials/material';
import { canColor } from '@/core/results/color/order/colorToOrder';
import type { FilmMoment, FilmPlan } from '@/core/tub/plan';
import type { VesselKind } from '@/core/tub/vessel';

/** Foam from here on is worth a word, mm. */
const SAID_FOAM_MM = 0.5;
/** A narrower picture has no room for words. */
const WORDS_FROM_PX = 520;

/** What is written into the picture. @param widthPx of the picture */
export function saidOf(
  plan: FilmPlan,
  { seconds, foamMm, leftFraction }: FilmMoment,
  widthPx: number,
): { readonly ofPiece: string; readonly ofFoam: string } {
  if (widthPx < WORDS_FROM_PX || plan.vessel.kind === 'tray') return { ofPiece: '', ofFoam: '' };
  const openS = plan.events.find(({ what }) => what === 'embed-opens')?.seconds ?? Infinity;
  return {
    ofPiece: seconds >= openS && leftFraction > 0 ? `embed open at ${stopwatch(openS)}` : '',
    ofFoam: foamMm >= SAID_FOAM_MM ? `foam raft, ${formatLengths([foamMm], 1)}` : '',
  };
}

/** A figure of the film with its name. */
export interface FilmRow {
  readonly name: string;
  readonly value: string;
}

/** Liters from a liter on. */
function volume(ml: number): string {
  return ml < 1000 ? formatMilliliters(ml, 0) : formatLiters(ml / 1000, 1);
}

/** Milligrams under a gram: a dye is weighed so. */
function small(massG: number): string {
  return massG < 1
    ? `${formatFixed(1000 * massG, massG > 0 && massG < 0.01 ? 1 : 0)} mg`
    : formatMass(massG);
}

/** What the numbers say at a moment. @param nameOf a material by its id */
export function momentRows(
  plan: FilmPlan,
  moment: FilmMoment,
  nameOf: (materialId: string) => string,
  peakMm: number,
): readonly FilmRow[] {
  const wholeG = new Map<string, number>();
  for (const { portions } of plan.layers)
    for (const { material, massG } of portions)
      wholeG.set(material.id, (wholeG.get(material.id) ?? 0) + massG);
  return [
    { name: 'Piece left', value: `${formatMass(moment.pieceG)} of ${formatMass(plan.pieceG)}` },
    { name: 'Gas so far', value: `${volume(moment.gasMl)} of ${volume(plan.gasMl)}` },
    { name: 'Gas a second', value: formatMilliliters(moment.gasMlPerS, 0) },
    ...moment.released.map(({ materialId, massG }) => ({
      name: `${nameOf(materialId)} in the water`,
      value: `${small(massG)} of ${small(wholeG.get(materialId) ?? massG)}`,
    })),
    {
      name: 'Foam',
      value: peakMm > 0 ? `${formatLengths([moment.foamMm], 1)} over the water` : 'none',
    },
    { name: 'Oil film', value: oilFilm(moment.filmGM2) },
  ].filter(({ name }) => plan.vessel.kind !== 'tray' || !ON_WATER.has(name));
}

/** Nothing of these stands on running water. */
const ON_WATER: ReadonlySet<string> = new Set(['Foam', 'Oil film']);
const oilFilm = (filmGM2: number) => (filmGM2 > 0 ? `${formatFixed(filmGM2, 1)} g/m²` : 'none');

/** How the piece lies in its water. */
export function lyingSentence({ afloatFromS, wear }: FilmPlan, moment: FilmMoment): string {
  if (wear.kind === 'scattered')
    return moment.leftFraction > 0 ? 'Grains on the bottom' : 'All grains gone';
  if (wear.kind === 'showered') return 'At the edge of the spray';
  if (moment.leftFraction === 0) return 'The piece is gone';
  if (moment.floats) return 'Floats, turned by its gas';
  return afloatFromS === null
    ? 'Lies on the bottom'
    : `Lies on the bottom, rises at ${stopwatch(afloatFromS)}`;
}

/** A moment in words, for who cannot see the picture. */
export function momentLabel(moment: FilmMoment, plan: FilmPlan): string {
  return `${stopwatch(moment.seconds)}: ${formatPercent(100 * moment.leftFraction, 0)} of the piece left, water ${moment.waterHex}, foam ${formatLengths([moment.foamMm], 1)}. ${lyingSentence(plan, moment)}.`;
}

/** Water from here down is cold for a bath, °C. Common practice. */
const COLD_C = 15;

/** What a film cannot show, or shows in a way that surprises, a sentence each. @param tempC of its water */
export function filmNotes(plan: FilmPlan, tempC: number): readonly string[] {
  if (plan.vessel.kind === 'tray') return [];
  const colors = plan.layers
    .flatMap(({ portions }) => portions)
    .flatMap(({ material }) => (material.role === 'color' ? [material] : []));
  const named = (is: (material: Material) => boolean) =>
    listed(colors.filter(is).map(({ sentenceName }) => sentenceName));
  const unknown = named((material) => !canColor('dry', material));
  const dry = named((material) => canColor('dry', material) && !canColor('tub', material));
  return [
    colors.length === 0 ? 'No color is in this formula, so the water stays clear.' : '',
    unknown ? `Rovack doesn’t know the hue of ${unknown}, so the film leaves it out.` : '',
    dry ? `These color the piece but not the water: ${dry}.` : '',
    plan.gasMl === 0 ? 'No gas leaves this piece, so it has no bubbles.' : '',
    tempC <= COLD_C
      ? `The water is cold (${formatTemp(tempC)}), so the piece takes ${formatSeconds(plan.goneS)}.`
      : '',
  ].filter(Boolean);
}

/** What lies or floats about when all is over. */
export function leavesSentence(
  { layers, vessel }: FilmPlan,
  { foamMm, filmGM2 }: FilmMoment,
): string {
  if (vessel.kind === 'tray') return 'Water, color and oil run off into the drain.';
  const materials = layers.flatMap(({ portions }) => portions.map(({ material }) => material));
  const has = (is: (material: Material) => boolean) => materials.some(is);
  const parts = [
    filmGM2 > SAID_FILM_G_M2 ? `an oil film of ${formatFixed(filmGM2, 1)} g/m²` : '',
    foamMm >= SAID_FOAM_MM ? `${formatLengths([foamMm], 1)} of foam` : '',
    has(({ role }) => role === 'botanical') ? 'petals on the drain' : '',
    has(({ role }) => role === 'starch' || role === 'clay') ? 'fine powder on the bottom' : '',
  ].filter(Boolean);
  return parts.length === 0 ? 'It leaves nothing but its color.' : `It leaves ${parts.join(', ')}.`;
}
const SAID_FILM_G_M2 = 0.5;

const VESSEL_LABELS: Readonly<Record<VesselKind, string>> = {
  bath: 'The bath it leaves',
  sink: 'The water it leaves',
  machine: 'The water it leaves',
  tray: 'What has run off',
};
export const leavesTitle = ({ vessel }: FilmPlan) => VESSEL_LABELS[vessel.kind];
