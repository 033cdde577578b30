import { isForSkin, type Family, type Method } from '../../formula';
import { dampToWindow, usualOilId } from '../fixes';
import type { Examined, Finding, Rule } from '../types';
import { percent } from './words';

const practice = 'common practice';
const model = 'damp index, model of ours after Iveson et al. 2001';

/** Damp, free water, and the room. */
export const binderRules: Rule = (examined) =>
  examined.readings.totalG > 0
    ? [...damp(examined), ...freeWater(examined), ...room(examined)]
    : [];

function damp(examined: Examined): readonly Finding[] {
  const { readings, body } = examined;
  const { dampIndexPct: index, verdict, window } = readings.binder;
  if (index === null || verdict === null || verdict === 'in-window') return [];
  const at = `Damp index ${index.toFixed(1)}, window ${window.lowPct.toFixed(1)} to ${window.highPct.toFixed(1)}`;
  if (verdict === 'too-dry') {
    const fix = dampToWindow(examined, cureFor(body.family, body.method, examined));
    return [
      {
        code: 'too-dry',
        severity: 'warning',
        message: `${at}: it will crumble at the edges and crack.`,
        source: model,
        ...(fix && { fix }),
      },
    ];
  }
  const fix = dampToWindow(examined, 'cornstarch');
  return [
    {
      code: 'too-wet',
      severity: 'warning',
      message:
        body.method === 'loose'
          ? `${at}: it will not pour. Less liquid, or a drier salt.`
          : `${at}: it will stick, slump and swell. Less liquid, or more powder.`,
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
  const at = `Free water ${percent(freeWaterPct)}, easy up to ${percent(easyToPct)} at ${conditions.humidityPct} % humidity`;
  const advice =
    band === 'brisk'
      ? 'press at once, in dry air.'
      : band === 'risky'
        ? 'only for small pieces made at once; better less water.'
        : 'it will swell in the bowl or in the tray. Take water out: a drier extract, stronger alcohol, less bloom water.';
  return [
    {
      code: 'free-water-high',
      severity: band === 'brisk' ? 'advice' : 'warning',
      message: `${at}: ${advice}`,
      source: practice,
    },
  ];
}

/** Working range of the room, % relative humidity. Common practice. */
const DRY_BELOW_PCT = 40;
const DAMP_FROM_PCT = 55;
const VERY_DAMP_FROM_PCT = 70;

function room({ conditions: { humidityPct }, body }: Examined): readonly Finding[] {
  if (humidityPct < DRY_BELOW_PCT)
    return [
      {
        code: 'humidity-low',
        severity: 'advice',
        message: `The room is at ${humidityPct} %: ${isForSkin(body.family) ? 'a little more oil, ' : ''}a few more squirts, pack firmer, or humidify to 40.`,
        source: practice,
      },
    ];
  if (humidityPct <= DAMP_FROM_PCT) return [];
  const isVery = humidityPct >= VERY_DAMP_FROM_PCT;
  return [
    {
      code: 'humidity-high',
      severity: isVery ? 'warning' : 'advice',
      message: isVery
        ? `The room is at ${humidityPct} %: warts, swelling and soft pieces. Dehumidify before you weigh.`
        : `The room is at ${humidityPct} %: fewer squirts, and dehumidify toward 45.`,
      source: practice,
    },
  ];
}
