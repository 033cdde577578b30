import { counted } from '@/core/basics/format/numbers';
import type { BatchFacts } from './facts';

export type CauseId =
  | 'too-much-water'
  | 'acid-met-water'
  | 'room-too-damp'
  | 'room-too-dry'
  | 'not-sieved'
  | 'underfilled'
  | 'too-dry'
  | 'too-wet'
  | 'uneven-damp'
  | 'wet-core'
  | 'dried-in-bowl'
  | 'too-much-coarse-salt'
  | 'lifted-early'
  | 'flat-seat'
  | 'too-heavy'
  | 'drew-moisture'
  | 'no-hardener'
  | 'too-little-acid'
  | 'too-much-filler'
  | 'old-stock'
  | 'vanillin'
  | 'ultramarine'
  | 'too-little-emulsifier'
  | 'mica-floats'
  | 'dye-not-bloomed';

/** One thing the record says for or against a cause. */
export interface Evidence {
  /** Logarithm of how much likelier it makes the cause; below zero against it. */
  readonly weight: number;
  readonly said: string;
}

export interface CauseRow {
  readonly id: CauseId;
  readonly title: string;
  /** What to change next time. */
  readonly change: string;
  readonly evidence: (facts: BatchFacts) => readonly Evidence[];
}

/** Strongest a single fact may speak: e^2, about seven to one. Start value of ours. */
const LOUDEST = 2;

/** A number against its mark, by a hyperbolic tangent one width broad: up to the loudest over it, half of that under it. */
function over(
  value: number | null,
  mark: number,
  width: number,
  say: (value: number) => string,
): readonly Evidence[] {
  if (value === null) return [];
  const x = Math.tanh((value - mark) / width);
  const weight = x > 0 ? LOUDEST * x : (LOUDEST / 2) * x;
  return [{ weight, said: say(value) }];
}

function under(
  value: number | null,
  mark: number,
  width: number,
  say: (value: number) => string,
): readonly Evidence[] {
  return over(value === null ? null : -value, -mark, width, (negative) => say(-negative));
}

function when(holds: boolean, weight: number, said: string): readonly Evidence[] {
  return holds ? [{ weight, said }] : [];
}

const pct = (value: number, decimals = 1) => `${value.toFixed(decimals)} %`;
const dampSaid = (place: number) =>
  place > 1
    ? 'damp index above its window'
    : place < 0
      ? 'damp index below its window'
      : `damp index ${Math.round(place * 100)} % of the way up its window`;

/** Causes with what in a record speaks for them. Marks are common practice where the trade names one, else ours. */
/** A piece with less of its fizz than this is weak, and one with so much is whole; so much less in store is a loss. Common practice; start values of ours. */
export const WEAK_SHARE = 0.9;
const WHOLE_SHARE = 0.96;
const FELL_BY = 0.04;

export const CAUSES = [
  {
    id: 'too-much-water',
    title: 'Too much water in the mix',
    change: 'Less bloom water, stronger alcohol, oil by the gram in place of the last spray.',
    evidence: (f) => [
      ...over(f.freeWaterPct, 1.6, 0.8, (v) => `free water ${pct(v)}`),
      ...over(f.lateWaterPct, 0.3, 0.3, (v) => `${pct(v, 2)} of water after the acid`),
      ...when(f.feltWet > 0, 0.6, 'squeezed too wet after the acid'),
    ],
  },
  {
    id: 'acid-met-water',
    title: 'It began to fizz in the bowl',
    change:
      'Acid last, on a mix that is not wet; spray finely, remix fully, press within half an hour.',
    evidence: (f) => [
      ...over(f.lateWaterPct, 0.35, 0.25, (v) => `${pct(v, 2)} of water after the acid`),
      ...over(
        f.acidToLastMin,
        50,
        20,
        (v) => `${counted(Math.round(v), 'minute')} from the acid to the last piece`,
      ),
      ...over(f.freeWaterPct, 2, 1, (v) => `free water ${pct(v)}`),
      ...when(
        f.freshShare !== null && f.freshShare < WEAK_SHARE,
        1.2,
        `fresh on the scale, ${pct(100 * (f.freshShare ?? 0), 0)} of its fizz was there`,
      ),
      ...when(
        f.freshShare !== null && f.freshShare >= WHOLE_SHARE,
        -1.5,
        `fresh on the scale, ${pct(100 * (f.freshShare ?? 0), 0)} of its fizz was there`,
      ),
    ],
  },
  {
    id: 'room-too-damp',
    title: 'The room was too damp',
    change: 'Dehumidify toward 45 % before weighing and while it dries.',
    evidence: (f) => [
      ...over(f.madeHumidityPct, 56, 6, (v) => `made at ${v} % humidity`),
      ...over(f.dryHumidityPct, 56, 6, (v) => `dried at ${Math.round(v)} % humidity`),
    ],
  },
  {
    id: 'room-too-dry',
    title: 'The room was too dry',
    change: 'Humidify toward 45 %, or a little more oil and a few more squirts.',
    evidence: (f) => under(f.madeHumidityPct, 39, 5, (v) => `made at ${v} % humidity`),
  },
  {
    id: 'not-sieved',
    title: 'Powders not sieved',
    change: 'Sieve soda, starch and clay; break salt lumps by hand.',
    evidence: (f) => [
      ...when(f.skippedSieve, LOUDEST, 'the sieving was skipped'),
      ...when(!f.skippedSieve, -0.8, 'it was sieved'),
      ...under(f.clumpingPct, 5, 5, (v) => `${pct(v, 0)} of powders that clump`),
    ],
  },
  {
    id: 'underfilled',
    title: 'Packed too loosely, or unevenly',
    change: 'Fill every piece on the scale; overfill the halves, mound the middle, press firmly.',
    evidence: (f) => [
      ...under(
        f.fillOverTarget,
        0.97,
        0.02,
        (v) => `pieces at ${Math.round(v * 100)} % of their target`,
      ),
      ...over(f.fillSpreadPct, 2.5, 1, (v) => `fills spread by ${pct(v)}`),
    ],
  },
  {
    id: 'too-dry',
    title: 'The mix was too dry',
    change: 'A little more oil; squeeze before every fill, correct before you press.',
    evidence: (f) => [
      ...under(f.dampPlace, 0.15, 0.25, dampSaid),
      ...when(f.feltDry > 0 && !f.endedRight, 1, 'squeezed dry and pressed as it was'),
      ...when(f.feltDry > 1, 0.4, `squeezed dry ${f.feltDry} times`),
    ],
  },
  {
    id: 'too-wet',
    title: 'The mix was too wet',
    change: 'Hold back liquid until the squeeze asks for it; soda or starch before the acid.',
    evidence: (f) => [
      ...over(f.dampPlace, 0.9, 0.2, dampSaid),
      ...when(f.feltWet > 0, 1, 'squeezed too wet after the acid'),
    ],
  },
  {
    id: 'uneven-damp',
    title: 'Layers of unequal damp',
    change: 'Scrape, turn the mix over, test again every few minutes while pressing.',
    evidence: (f) => [
      ...when(f.skippedScrape, 1.6, 'scraping and turning over was skipped'),
      ...over(
        f.acidToLastMin,
        40,
        20,
        (v) => `${counted(Math.round(v), 'minute')} from the acid to the last piece`,
      ),
      ...over(f.fillSpreadPct, 3, 1.5, (v) => `fills spread by ${pct(v)}`),
    ],
  },
  {
    id: 'wet-core',
    title: 'A core wetter than its shell',
    change: 'A drier embed, pressed earlier, hidden well inside.',
    evidence: (f) => [
      ...when(f.embedWaterPct === null, -LOUDEST, 'there is no embed'),
      ...over(f.embedWaterPct, f.freeWaterPct + 0.4, 0.5, (v) => `embed with ${pct(v)} of water`),
    ],
  },
  {
    id: 'dried-in-bowl',
    title: 'It dried in the bowl while it was pressed',
    change: 'Smaller bowls; cover it, squeeze every few minutes, spritz and remix.',
    evidence: (f) => [
      ...over(
        f.acidToLastMin,
        40,
        15,
        (v) => `${counted(Math.round(v), 'minute')} from the acid to the last piece`,
      ),
      ...under(f.madeHumidityPct, 41, 6, (v) => `made at ${v} % humidity`),
      ...when(f.endedRight, 0.3, 'the squeeze was right before the press'),
    ],
  },
  {
    id: 'too-much-coarse-salt',
    title: 'Too much coarse salt',
    change: 'Salt under a tenth of the mix, and fine.',
    evidence: (f) => over(f.coarseSaltPct, 9, 3, (v) => `${pct(v)} of salt`),
  },
  {
    id: 'lifted-early',
    title: 'Lifted too early',
    change: 'Leave it until it is hard: let the ring on the tray say so.',
    evidence: (f) =>
      under(f.dryWhenLifted, 0.5, 0.15, (v) => `lifted when ${Math.round(v * 100)} % dry`),
  },
  {
    id: 'flat-seat',
    title: 'Set on a flat tray',
    change: 'Rounded seats or soft crumpled paper.',
    evidence: (f) => [
      ...when(f.traySeats === 'flat', 1.4, 'the tray is flat'),
      ...when(f.traySeats === 'rounded', -LOUDEST, 'the tray has rounded seats'),
      ...when(!f.isRound, -LOUDEST, 'the piece is flat by its mold'),
    ],
  },
  {
    id: 'too-heavy',
    title: 'Too heavy for its seat',
    change: 'Smaller pieces, or lighter packing.',
    evidence: (f) => over(f.pieceG, 190, 40, (v) => `${Math.round(v)} g a piece`),
  },
  {
    id: 'drew-moisture',
    title: 'It drew moisture',
    change: 'Less Epsom salt or glycerin; wrap as soon as it is dry, store closed and cool.',
    evidence: (f) => [
      ...when(
        (f.freshShare ?? 0) - (f.storedShare ?? 1) > FELL_BY,
        1.5,
        `in store its fizz fell from ${pct(100 * (f.freshShare ?? 0), 0)} to ${pct(100 * (f.storedShare ?? 0), 0)}`,
      ),
      ...over(f.drawsWaterPct, 3, 2, (v) => `${pct(v)} of what draws water`),
      ...over(f.dryHumidityPct, 54, 6, (v) => `dried at ${Math.round(v)} % humidity`),
    ],
  },
  {
    id: 'no-hardener',
    title: 'Nothing in it that hardens',
    change: 'One to two percent of kaolin, or a few of cream of tartar.',
    evidence: (f) => under(f.hardenerPct, 0.6, 0.4, (v) => `${pct(v)} of clay and tartar`),
  },
  {
    id: 'too-little-acid',
    title: 'Too little acid for the soda',
    change: 'Nearer to the balance: 1.3 to 1.5 to one with citric acid.',
    evidence: (f) =>
      over(f.ratioOverBalance, 1.55, 0.25, (v) => `soda ${v.toFixed(2)} times what the acid takes`),
  },
  {
    id: 'too-much-filler',
    title: 'Too much filler or oil',
    change: 'Less starch, clay and salt; oils under a tenth.',
    evidence: (f) => [
      ...over(f.fillerPct, 16, 5, (v) => `${pct(v, 0)} of fillers`),
      ...over(f.oilPct, 8, 3, (v) => `${pct(v)} of oils`),
    ],
  },
  {
    id: 'old-stock',
    title: 'Old stock',
    change: 'Fresh acid and soda; retest or throw out what is past its day.',
    evidence: (f) => [
      ...when(f.oldLots > 0, 1.8, 'a lot was past its day'),
      ...when(f.oldLots === 0, -0.5, 'no lot was past its day'),
    ],
  },
  {
    id: 'vanillin',
    title: 'Vanillin in the fragrance',
    change: 'Plan the color with it, or ask for a vanillin-free scent.',
    evidence: (f) => [
      ...when(f.vanillinPct === 0, -0.7, 'no vanillin is on file'),
      ...over(f.vanillinPct > 0 ? f.vanillinPct : null, 0.02, 0.03, (v) => `vanillin ${pct(v, 2)}`),
    ],
  },
  {
    id: 'ultramarine',
    title: 'Ultramarine met the acid',
    change: 'Another blue: lake, dye or mica.',
    evidence: (f) => [
      ...when(f.ultramarineG > 0, LOUDEST, 'ultramarine is in it'),
      ...when(f.ultramarineG === 0, -LOUDEST, 'no ultramarine is in it'),
    ],
  },
  {
    id: 'too-little-emulsifier',
    title: 'Oil without enough emulsifier',
    change: 'Polysorbate 80 at a third to equal parts of the oils and scent.',
    evidence: (f) => [
      ...under(f.emulsifierToOil, 0.2, 0.12, (v) => `emulsifier ${v.toFixed(2)} to the oils`),
      ...over(f.oilPct, 5, 3, (v) => `${pct(v)} of oils`),
    ],
  },
  {
    id: 'mica-floats',
    title: 'Mica and lakes only float',
    change: 'A water-soluble dye for the water; mica for the look of the piece.',
    evidence: (f) => [
      ...over(f.micaPct, 0.3, 0.3, (v) => `${pct(v, 2)} of mica and lakes`),
      ...when(f.hasBloomedDye, -0.6, 'a soluble dye is in it too'),
    ],
  },
  {
    id: 'dye-not-bloomed',
    title: 'Dye not bloomed',
    change: 'Disperse it in a little water, bring it up hot, pour it into a furrow; sieve.',
    evidence: (f) => [
      ...when(f.dyeUnbloomed, LOUDEST, 'powder dye went in without its water'),
      ...when(f.hasBloomedDye && !f.dyeUnbloomed, -0.3, 'the dye was bloomed'),
      ...when(!f.hasBloomedDye, -LOUDEST, 'no powder dye is in it'),
    ],
  },
] as const satisfies readonly CauseRow[];
