import { isForSkin, type Family, type Method } from '../../formula';
import { dampToWindow, usualOilId } from '../fixes';
import type { Examined, Finding, Rule } from '../types';
import { percent } from './words';

const practice = 'common practice';
const model = 'damp index, model of ours after Iveson et al. 2001';

/** Damp, free water, and the room. */
export const binderRules: Rule = (examined) =>
  examined.readings.totalG > 0
    ? [...damp(examined), ...freeWater(examined), ...closedPack(examined), ...room(examined)]
    : [];

function damp(examined: Examined): readonly Finding[] {
  const { readings, body } = examined;
  const { dampIndexPct: index, verdict, window } = readings.binder;
  if (index === null || verdict === null || verdict === 'in-window') return [];
  const isDry = verdict === 'too-dry';
  const fix = isDry
    ? dampToWindow(examined, cureFor(body.family, body.method, examined))
    : dampToWindow(examined, 'cornstarch');
  const outcome = isDry
    ? 'it will crumble at the edges and crack.'
    : body.method === 'loose'
      ? 'it will not pour.'
      : 'it will stick, slump and swell.';
  return [
    {
      code: verdict,
      severity: 'warning',
      message: `Damp index ${index.toFixed(1)}, window ${window.lowPct.toFixed(1)} to ${window.highPct.toFixed(1)}: ${outcome}`,
      todo: isDry
        ? 'A little more liquid.'
        : body.method === 'loose'
          ? 'Less liquid, or a drier salt.'
          : 'Less liquid, or more powder.',
      numbers: { dampIndexPct: index, windowLowPct: window.lowPct, windowHighPct: window.highPct },
      source: model,
      ...(fix && { fix }),
    },
  ];
}

function cureFor(family: Family, method: Method, examined: Examined): string {
  return family === 'bath-bomb' && method !== 'loose'
    ? usualOilId(examined.materials)
    : 'isopropyl-alcohol-99';
}

function freeWater({ readings, conditions }: Examined): readonly Finding[] {
  const { freeWaterPct, freeWaterBand: band, easyToPct } = readings.binder;
  if (band === 'easy') return [];
  return [
    {
      code: 'free-water-high',
      severity: band === 'brisk' ? 'advice' : 'warning',
      message: `Free water ${percent(freeWaterPct)}, easy up to ${percent(easyToPct)} at ${conditions.humidityPct} % humidity${band === 'will-swell' ? ': it will swell in the bowl or in the tray' : ''}.`,
      todo:
        band === 'brisk'
          ? 'Press at once, in dry air.'
          : band === 'risky'
            ? 'Only for small pieces made at once; better less water.'
            : 'Take water out: a drier extract, stronger alcohol, less bloom water.',
      numbers: { freeWaterPct, easyToPct, humidityPct: conditions.humidityPct },
      source: practice,
    },
  ];
}

/** A share of the gas that a damp closed pack makes by itself. Start value of ours. */
const EARLY_SHARE = 0.02;
/** Under this free water a pack may be closed. Start value of ours. */
const CLOSED_FROM_PCT = 0.3;

/** Damp mix in a pack that is closed makes gas: how much, if a little of it reacts. */
function closedPack({ readings, body }: Examined): readonly Finding[] {
  const { freeWaterPct } = readings.binder;
  const isPacked = body.method === 'in-pack' || body.method === 'loose';
  const early = readings.fizz.co2L * EARLY_SHARE;
  if (!isPacked || freeWaterPct < CLOSED_FROM_PCT || !(early > 0)) return [];
  return [
    {
      code: 'closed-pack-gas',
      severity: 'warning',
      message: `Closed while damp, ${percent(100 * EARLY_SHARE)} of it reacting makes ${early.toFixed(1)} L of gas: a jar can burst.`,
      todo: 'Spread or leave it open until it is dry, and pack it in what breathes.',
      numbers: { freeWaterPct, gasL: early, reactedPct: 100 * EARLY_SHARE },
      source: 'stoichiometry; the share is a start value of ours',
    },
  ];
}

/** Working range of the room, % relative humidity. Common practice. */
const DRY_BELOW_PCT = 40;
const DAMP_FROM_PCT = 55;
const VERY_DAMP_FROM_PCT = 70;

function room({ conditions: { humidityPct }, body }: Examined): readonly Finding[] {
  const numbers = { humidityPct };
  if (humidityPct < DRY_BELOW_PCT)
    return [
      {
        code: 'humidity-low',
        severity: 'advice',
        message: `The room is at ${humidityPct} %: pieces crumble and crack.`,
        todo: `${isForSkin(body.family) ? 'A little more oil, a' : 'A'} few more squirts, pack firmer, or humidify to 40.`,
        numbers,
        source: practice,
      },
    ];
  if (humidityPct <= DAMP_FROM_PCT) return [];
  const isVery = humidityPct >= VERY_DAMP_FROM_PCT;
  return [
    {
      code: 'humidity-high',
      severity: isVery ? 'warning' : 'advice',
      message: `The room is at ${humidityPct} %: ${isVery ? 'warts, swelling and soft pieces.' : 'the mix takes up water as you work.'}`,
      todo: isVery ? 'Dehumidify before you weigh.' : 'Fewer squirts, and dehumidify toward 45.',
      numbers,
      source: practice,
    },
  ];
}
