import { z } from 'zod';
import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { FAMILIES, METHODS } from '../../src/core/formula/model/kinds';
import { allLines } from '../../src/core/formula/model/edit';
import type { FormulaBody } from '../../src/core/formula/model/schema';
import { SPREADS, WISHES } from '../../src/core/results/rebalance/wishes';
import { rebalanceExactly, type RebalanceResult } from '../../src/core/results/rebalance/rebalance';
import { sayClash } from '../../src/core/results/rebalance/messages';
import type { Clash } from '../../src/core/results/rebalance/clash';
import { USUAL_SETTINGS } from '../../src/core/workshop/settings/settings';
import { waterFor } from '../../src/core/workshop/settings/waterFor';
import { bodyFrom } from './bodyFrom';
import { parseOptions, type Answer } from './command';

const optionsSchema = z.object({
  family: z.enum(FAMILIES).optional(),
  method: z.enum(METHODS).optional(),
  'humidity-pct': z.coerce.number().min(0).max(100).default(45),
  wish: z.array(z.enum(WISHES.map(({ id }) => id))).default([]),
  'total-g': z.coerce.number().min(0.1).max(1_000_000).optional(),
  ratio: z.coerce.number().min(0.1).max(100).optional(),
  spread: z.enum(SPREADS).default('few'),
});

/** The contract's answer for the text of a recipe or of an exported file, with the command line's options as written. */
export function rebalancedFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const { options } = parsed;
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { body, catalog, scentDocuments } = found;
  const result = rebalanceExactly(
    body,
    {
      ...USUAL_CONDITIONS,
      catalog,
      scentDocuments,
      humidityPct: options['humidity-pct'],
      tub: waterFor(body.family, USUAL_SETTINGS),
    },
    {
      spread: options.spread,
      ids: [...new Set(options.wish)],
      ratio: options.ratio ?? null,
      totalG: options['total-g'] ?? null,
    },
  );
  return result.status === 'nothing-to-weigh'
    ? { ok: false, message: 'Nothing in it has a weight, so there is nothing to rebalance.' }
    : { ok: true, value: answerOf(body, result) };
}

function answerOf(
  body: FormulaBody,
  result: Exclude<RebalanceResult, { status: 'nothing-to-weigh' }>,
) {
  if (result.status === 'clash')
    return { lines: null, changed: 0, missed: [], clash: result.between.map(named) };
  const after = result.status === 'changed' ? result.body : body;
  const before = new Map(allLines(body).map(({ id, massG }) => [id, massG]));
  return {
    lines: after.parts.flatMap(({ kind, lines }) =>
      lines.map(({ id, materialId, massG }) => ({
        materialId,
        part: kind,
        beforeG: before.get(id) ?? 0,
        afterG: massG,
      })),
    ),
    changed: result.status === 'changed' ? result.changes.length : 0,
    missed: result.status === 'changed' ? result.missed.map(named) : [],
    clash: [],
  };
}

function named(clash: Clash) {
  return { code: clash.code, message: sayClash(clash) };
}
