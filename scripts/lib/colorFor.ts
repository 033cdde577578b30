import { z } from 'zod';
import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { colorToOrder } from '../../src/core/results/color/order/colorToOrder';
import { foundSentence, leftOutSentences } from '../../src/core/results/color/order/messages';
import { orderFor } from '../../src/core/results/color/order/orderFor';
import { FAMILIES, METHODS } from '../../src/core/formula/model/kinds';
import { totalMassG } from '../../src/core/formula/model/edit';
import { findMaterial } from '../../src/core/matter/materials/catalog';
import { MARKETS } from '../../src/core/goods/labels/market';
import { parseOptions, type Answer } from './command';
import { bodyFrom } from './bodyFrom';
import { pieceIn, tubIn, waterOptions } from './pieceIn';

const hex = z
  .string()
  .regex(/^#?[0-9a-f]{6}$/i, 'must be six hexadecimal digits, as in f2c14e')
  .transform((text) => `#${text.replace('#', '').toLowerCase()}`)
  .optional();

const optionsSchema = z.object({
  ...waterOptions,
  family: z.enum(FAMILIES).optional(),
  method: z.enum(METHODS).optional(),
  tub: hex,
  dry: hex,
  have: z.string().optional(),
  market: z.string().optional(),
  'humidity-pct': z.coerce.number().min(0).max(100).default(45),
});

/** Colorants that bring a recipe to a wanted color: the answer of `npm run color`. */
export function colorFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const { options } = parsed;
  const wantedHex = options.tub ?? options.dry;
  if (wantedHex === undefined || (options.tub !== undefined && options.dry !== undefined))
    return { ok: false, message: 'Name the wanted color by either --tub or --dry.' };
  const markets = (options.market ?? '').split(',').filter(Boolean);
  const unknownMarket = markets.find((one) => !MARKETS.some((market) => market === one));
  if (unknownMarket)
    return { ok: false, message: `--market: “${unknownMarket}” is none of ${MARKETS.join(', ')}.` };
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { body, catalog } = found;
  const have = options.have?.split(',').filter(Boolean);
  const strange = have?.find((id) => !findMaterial(catalog, id));
  if (strange) return { ok: false, message: `--have: there is no material “${strange}”.` };
  const piece = pieceIn(found, options);
  const [main] = body.parts;
  if (!piece || !main)
    return { ok: false, message: 'Nothing in it has a weight, so there is nothing to color.' };
  const kind = options.tub === undefined ? ('dry' as const) : ('tub' as const);
  const question = {
    kind,
    wantedHex,
    partId: main.id,
    materials: have?.flatMap((id) => findMaterial(catalog, id) ?? []) ?? catalog.offered,
    markets: markets.map((market) => (market === 'us' ? ('us' as const) : ('eu' as const))),
    piece:
      piece.count === undefined
        ? { grams: piece.massG }
        : { share: piece.massG / totalMassG(body) },
  };
  const conditions = {
    ...USUAL_CONDITIONS,
    catalog,
    humidityPct: options['humidity-pct'],
    tub: tubIn(body.family, options),
  };
  const { order, leftOut } = orderFor(body, conditions, question);
  const answer = colorToOrder(order);
  const { lines, reachedHex, deltaE } = answer;
  return {
    ok: true,
    value: {
      lines: lines.map(({ material, massG }) => ({
        materialId: material.id,
        name: material.name,
        massG,
      })),
      reachedHex,
      deltaE,
      why: [
        foundSentence(kind, answer, order.offered.length),
        ...(have ? leftOutSentences(leftOut) : []),
      ].join(' '),
    },
  };
}
