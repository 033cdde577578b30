import type { Rule } from '../types';
import { allLines } from '../../formula';
import { listed } from './words';
import { materialById } from '../../materials';

/** A line that may be off by more than this is named. Start value of ours. */
const UNCERTAIN_FRACTION = 0.05;
/** Traces off by half move nothing: only lines that carry weight are named, share of the mix. */
const HEAVY_FRACTION = 0.02;
const NAMED_AT_MOST = 3;

/** Cups and spoons: what they leave open, and lines that still wait. */
export const measureRules: Rule = ({ body, readings }) => {
  const uncertain = allLines(body).filter(
    (line) =>
      line.massHighG - line.massLowG > 2 * UNCERTAIN_FRACTION * line.massG &&
      line.massG > HEAVY_FRACTION * readings.totalG,
  );
  const spread = readings.fizz.ratioSpread;
  const names = uncertain.map((line) => materialById(line.materialId).name);
  const shown =
    names.length > NAMED_AT_MOST
      ? `${names.slice(0, NAMED_AT_MOST).join(', ')} and others`
      : listed(names);
  return [
    ...(uncertain.length > 0
      ? [
          {
            code: 'volume-measure-uncertain',
            severity: 'advice' as const,
            message:
              `${shown}: measured by volume, not weighed` +
              (spread && spread.high - spread.low > 0.05
                ? `. Soda to acid may be ${spread.low.toFixed(1)} to ${spread.high.toFixed(1)}; weigh them once.`
                : '. Weigh them once.'),
            source: 'model of ours on USDA portions',
          },
        ]
      : []),
    ...(body.unread.length > 0
      ? [
          {
            code: 'unread-lines',
            severity: 'warning' as const,
            message:
              body.unread.length === 1
                ? 'One written line is not read yet: the readings leave it out.'
                : `${body.unread.length} written lines are not read yet: the readings leave them out.`,
            source: 'the recipe text',
          },
        ]
      : []),
  ];
};
