import type { Finding, Rule } from '../types';
import { allLines } from '../../formula';
import { listed } from './words';
import { materialById } from '../../materials';

/** A line that may be off by more than this is named. Start value of ours. */
const UNCERTAIN_FRACTION = 0.05;
/** Traces off by half move nothing: only lines that carry weight are named, share of the mix. */
const HEAVY_FRACTION = 0.02;
const NAMED_AT_MOST = 3;
const WORTH_SAYING = 0.05;

/** Cups and spoons: what they leave open, and lines that still wait. */
export const measureRules: Rule = (examined) => [...volumes(examined), ...unread(examined)];

const volumes: Rule = ({ body, readings }): readonly Finding[] => {
  const uncertain = allLines(body).filter(
    (line) =>
      line.massHighG - line.massLowG > 2 * UNCERTAIN_FRACTION * line.massG &&
      line.massG > HEAVY_FRACTION * readings.totalG,
  );
  if (uncertain.length === 0) return [];
  const names = uncertain.map((line) => materialById(line.materialId).name);
  const shown =
    names.length > NAMED_AT_MOST
      ? `${names.slice(0, NAMED_AT_MOST).join(', ')} and others`
      : listed(names);
  const spread = readings.fizz.ratioSpread;
  const isWide = spread !== null && spread.high - spread.low > WORTH_SAYING;
  return [
    {
      code: 'volume-measure-uncertain',
      severity: 'advice',
      message: `${shown}: measured by volume, not weighed.${isWide ? ` Soda to acid may be ${spread.low.toFixed(1)} to ${spread.high.toFixed(1)}.` : ''}`,
      todo: 'Weigh them once.',
      numbers: {
        lines: uncertain.length,
        ...(isWide && { ratioLow: spread.low, ratioHigh: spread.high }),
      },
      source: 'model of ours on USDA portions',
    },
  ];
};

const unread: Rule = ({ body }): readonly Finding[] =>
  body.unread.length === 0
    ? []
    : [
        {
          code: 'unread-lines',
          severity: 'warning',
          message:
            body.unread.length === 1
              ? 'One written line is not read yet: the readings leave it out.'
              : `${body.unread.length} written lines are not read yet: the readings leave them out.`,
          todo: 'Choose what they are, or drop them.',
          numbers: { lines: body.unread.length },
          source: 'the recipe text',
        },
      ];
