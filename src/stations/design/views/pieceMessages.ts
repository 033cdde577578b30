import type { DampVerdict, Evaluation } from '@/core/results/evaluation/types';
import { BATH_OF_SALTS_G, bathsOf } from '@/core/results/fizz/dose';
import type { Family } from '@/core/formula/model/schema';
import { counted, formatFixed, formatRange } from '@/core/basics/format/numbers';
import { formatMassRange, formatTemp } from '@/core/basics/format/quantities';

const BUOYANCY_WORDS = {
  floats: 'It floats.',
  sinks: 'It sinks first, and may rise later.',
  either: 'It may float.',
} as const;

/** How long it lasts and what it does meanwhile, in one line. */
export function traceSentence({ lasting }: Evaluation, waterTempC: number): string {
  switch (lasting?.kind) {
    case 'dropped':
      return `Gone in ${formatRange(lasting.goneS.low / 60, lasting.goneS.high / 60, 1)} min at ${formatTemp(waterTempC)}. ${BUOYANCY_WORDS[lasting.buoyancy]}`;
    case 'scattered':
      return `Scattered in, gone in ${formatRange(lasting.goneS.low, lasting.goneS.high, 0)} s at ${formatTemp(waterTempC)}.`;
    case 'showered':
      return `Lasts ${formatRange(lasting.showers.low, lasting.showers.high, 1)} showers of eight minutes at the edge of the spray.`;
    default:
      return 'Nothing fizzes yet.';
  }
}

/** How many baths a fill of salts is good for, and whether it pours. */
export function bathsSentence(fillG: number, verdict: DampVerdict | null): string {
  const { low, high } = bathsOf(fillG);
  const pours =
    verdict === 'too-wet'
      ? 'It is too damp to pour. Spread it to dry first.'
      : 'It pours from the jar.';
  const dose = formatMassRange(BATH_OF_SALTS_G.low, BATH_OF_SALTS_G.high);
  return high < 1.05
    ? `Enough for one bath of ${dose}. ${pours}`
    : `Enough for ${formatRange(low, high, 1)} baths of ${dose}. ${pours}`;
}

/** A film thinner than this is not seen, g/m2. Rovack estimate. */
const SEEN_FILM_G_M2 = 0.5;

/** Foam, film and scent of the water. */
export function surfaceSentence(
  { foamCm, foamL, filmGM2, scentMgL, ownTrials }: NonNullable<Evaluation['surface']>,
  family: Family,
): string {
  if (family === 'shower-steamer') return 'Foam and film run off with the water.';
  const foam =
    foamL.high === 0
      ? 'No foam.'
      : ownTrials > 0
        ? `Foam up to ${formatRange(foamCm.low, foamCm.high, 1)} cm deep, by ${counted(ownTrials, 'test')} of yours.`
        : `Foam up to ${formatRange(foamCm.low, foamCm.high, 1)} cm deep.`;
  const film =
    filmGM2 > SEEN_FILM_G_M2 ? `Oil film of ${formatFixed(filmGM2, 1)} g/m².` : 'No oil film.';
  const scent = scentMgL > 0 ? `Scent of ${formatFixed(scentMgL, 1)} mg/L.` : 'No scent.';
  return `${foam} ${film} ${scent}`;
}
