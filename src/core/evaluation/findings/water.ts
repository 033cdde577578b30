import { isForSkin } from '../../formula';
import type { Rule } from '../types';

/** Bath water is passed over between these. Common practice. */
const BATH_LOW_PH = 5.5;
const BATH_HIGH_PH = 8.5;
/** What stone, aluminum and enamel take, and where gloves are wanted. Common practice. */
const SURFACE_LOW_PH = 5;
const GLOVES_FROM_PH = 10.5;

const source = 'charge balance, checked against the NIST buffers; windows from common practice';

/** What the water of one piece means for skin or for surfaces. */
export const waterRules: Rule = ({ body, readings: { water } }) => {
  if (!water || body.family === 'shower-steamer') return [];
  const { phFresh, phHalfVented } = water;
  const said = (value: number) => value.toFixed(1);
  if (isForSkin(body.family)) {
    if (phFresh < BATH_LOW_PH)
      return [
        {
          code: 'bath-acid',
          severity: 'advice',
          message: `The bath stands at pH ${said(phFresh)} fresh, under ${said(BATH_LOW_PH)}: sour on broken skin. More soda, less acid or more water.`,
          source,
        },
      ];
    return phHalfVented > BATH_HIGH_PH
      ? [
          {
            code: 'bath-alkaline',
            severity: 'advice',
            message: `The bath stands at pH ${said(phHalfVented)} once half of the gas is gone, over ${said(BATH_HIGH_PH)}: drying. More acid.`,
            source,
          },
        ]
      : [];
  }
  if (phFresh < SURFACE_LOW_PH)
    return [
      {
        code: 'acid-on-surface',
        severity: 'advice',
        message: `The solution stands at pH ${said(phFresh)}: keep it off stone, aluminum and enamel.`,
        source,
      },
    ];
  return phFresh > GLOVES_FROM_PH
    ? [
        {
          code: 'alkaline-solution',
          severity: 'advice',
          message: `The solution stands at pH ${said(phFresh)}: gloves and eye protection, and not on aluminum.`,
          source,
        },
      ]
    : [];
};
