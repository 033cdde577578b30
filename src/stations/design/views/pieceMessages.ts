import type { DampVerdict, Evaluation } from '@/core/results/evaluation/types';
import { BATH_OF_SALTS_G, bathsOf } from '@/core/results/fizz/dose';
import type { Family } from '@/core/formula/model/schema';
import { counted, formatFixed } from '@/core/basics/format/numbers';

const BUOYANCY_WORDS = { floats: 'floats', sinks: 'sinks', either: 'may float' } as const;

/** How long it lasts and what it does meanwhile, in one line. */
export function traceSentence({ lasting }: Evaluation, waterTempC: number): string {
  switch (lasting?.kind) {
    case 'dropped':
      return `gone in ${formatFixed(lasting.goneS.low / 60, 1)} to ${formatFixed(lasting.goneS.high / 60, 1)} min at ${waterTempC} °C; ${BUOYANCY_WORDS[lasting.buoyancy]}`;
    case 'scattered':
      return `strewn in, gone in ${formatFixed(lasting.goneS.low, 0)} to ${formatFixed(lasting.goneS.high, 0)} s at ${waterTempC} °C`;
    case 'showered':
      return `lasts ${formatFixed(lasting.showers.low, 1)} to ${formatFixed(lasting.showers.high, 1)} showers of eight minutes at the edge of the spray`;
    default:
      return 'nothing fizzes yet';
  }
}

/** How many baths a fill of salts is good for, and whether it pours. */
export function bathsSentence(fillG: number, verdict: DampVerdict | null): string {
  const { low, high } = bathsOf(fillG);
  const pours =
    verdict === 'too-wet' ? 'Too damp to pour: spread it to dry first.' : 'It pours from the jar.';
  const baths =
    high < 1.05 ? 'One bath' : `${formatFixed(low, 1)} to ${formatFixed(high, 1)} baths`;
  return `${baths} of ${BATH_OF_SALTS_G.low} to ${BATH_OF_SALTS_G.high} g. ${pours}`;
}

/** A film thinner than this is not seen, g/m2. Start value of ours. */
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
      : `Foam ${formatFixed(foamCm.low, 1)} to ${formatFixed(foamCm.high, 1)} cm deep at most${ownTrials > 0 ? `, by ${counted(ownTrials, 'trial')} of your own` : ''}.`;
  const film =
    filmGM2 > SEEN_FILM_G_M2
      ? `Oil film ${formatFixed(filmGM2, 1)} g on a square meter.`
      : 'No oil film.';
  const scent = scentMgL > 0 ? `Scent ${formatFixed(scentMgL, 1)} mg/L.` : 'No scent.';
  return `${foam} ${film} ${scent}`;
}
