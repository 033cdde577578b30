import { isForSkin } from '../../formula';
import type { Finding, Rule } from '../types';

/** Bath water is passed over between these. Common practice. */
const BATH_LOW_PH = 5.5;
const BATH_HIGH_PH = 8.5;
/** What stone, aluminum and enamel take, and where gloves are wanted. Common practice. */
const SURFACE_LOW_PH = 5;
const GLOVES_FROM_PH = 10.5;

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
    if (phFresh < BATH_LOW_PH)
      return [
        say(
          'bath-acid',
          phFresh,
          BATH_LOW_PH,
          `The bath stands at pH ${said(phFresh)} fresh, under ${said(BATH_LOW_PH)}: sour on broken skin.`,
          'More soda, less acid or more water.',
        ),
      ];
    return phHalfVented > BATH_HIGH_PH
      ? [
          say(
            'bath-alkaline',
            phHalfVented,
            BATH_HIGH_PH,
            `The bath stands at pH ${said(phHalfVented)} once half of the gas is gone, over ${said(BATH_HIGH_PH)}: drying.`,
            'More acid.',
          ),
        ]
      : [];
  }
  if (phFresh < SURFACE_LOW_PH)
    return [
      say(
        'acid-on-surface',
        phFresh,
        SURFACE_LOW_PH,
        `The solution stands at pH ${said(phFresh)}: it eats stone, aluminum and enamel.`,
        'Keep it off them, and say so on the label.',
      ),
    ];
  return phFresh > GLOVES_FROM_PH
    ? [
        say(
          'alkaline-solution',
          phFresh,
          GLOVES_FROM_PH,
          `The solution stands at pH ${said(phFresh)}: hard on hands and eyes, and on aluminum.`,
          'Gloves and eye protection.',
        ),
      ]
    : [];
};
