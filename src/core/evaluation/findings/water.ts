import { isForSkin } from '../../formula';
import { BATH_PH, SURFACE_PH } from '../../water';
import type { Finding, Rule } from '../types';

const source = 'charge balance, checked against the NIST buffers; windows from common practice';

/** What the water of one piece means for skin or for surfaces. */
export const waterRules: Rule = ({ body, readings: { water } }): readonly Finding[] => {
  if (!water || body.family === 'shower-steamer') return [];
  const { phFresh, phHalfVented } = water;
  const say = (code: string, ph: number, edge: number, message: string, todo: string): Finding => ({
    code,
    severity: 'advice',
    message,
    todo,
    numbers: { ph, edge },
    source,
  });
  const said = (value: number) => value.toFixed(1);
  if (isForSkin(body.family)) {
    if (phFresh < BATH_PH.low)
      return [
        say(
          'bath-acid',
          phFresh,
          BATH_PH.low,
          `The bath stands at pH ${said(phFresh)} fresh, under ${said(BATH_PH.low)}: sour on broken skin.`,
          'More soda, less acid or more water.',
        ),
      ];
    return phHalfVented > BATH_PH.high
      ? [
          say(
            'bath-alkaline',
            phHalfVented,
            BATH_PH.high,
            `The bath stands at pH ${said(phHalfVented)} once half of the gas is gone, over ${said(BATH_PH.high)}: drying.`,
            'More acid.',
          ),
        ]
      : [];
  }
  if (phFresh < SURFACE_PH.low)
    return [
      say(
        'acid-on-surface',
        phFresh,
        SURFACE_PH.low,
        `The solution stands at pH ${said(phFresh)}: it eats stone, aluminum and enamel.`,
        'Keep it off them, and say so on the label.',
      ),
    ];
  return phFresh > SURFACE_PH.high
    ? [
        say(
          'alkaline-solution',
          phFresh,
          SURFACE_PH.high,
          `The solution stands at pH ${said(phFresh)}: hard on hands and eyes, and on aluminum.`,
          'Gloves and eye protection.',
        ),
      ]
    : [];
};
