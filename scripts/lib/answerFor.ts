import { z } from 'zod';
import { USUAL_CONDITIONS } from '../../src/core/results/conditions/types';
import { contractAnswer, pieceOf } from '../../src/core/results/evaluation/contract';
import { evaluate } from '../../src/core/results/evaluation/evaluate';
import { portionsOf, type Portion } from '../../src/core/matter/materials/portion';
import { FAMILIES, METHODS } from '../../src/core/formula/model/kinds';
import { allLines, totalMassG } from '../../src/core/formula/model/edit';
import type { FormulaBody } from '../../src/core/formula/model/schema';
import { BARRIER_IDS, type BarrierId } from '../../src/core/batches/shelf-life/barriers';
import { staysFresh } from '../../src/core/batches/shelf-life/staysFresh';
import { staysHard } from '../../src/core/batches/shelf-life/staysHard';
import { moldHolding, moldSurfaceMm2 } from '../../src/core/work/scaling/molds';
import { packedDensityGMl } from '../../src/core/results/fizz/packedDensity';
import { listed } from '../../src/core/basics/format/names';
import { expectedLoss } from '../../src/core/batches/trials/gas-loss/expectedLoss';
import type { Tub } from '../../src/core/results/water/tub';
import { bodyFrom } from './bodyFrom';
import { parseOptions, type Answer } from './command';
import { askedIn, tubIn, waterOptions } from './pieceIn';

const optionsSchema = z.object({
  family: z.enum(FAMILIES).optional(),
  method: z.enum(METHODS).optional(),
  ...waterOptions,
  'humidity-pct': z.coerce.number().min(0).max(100).default(45),
  'sample-g': z.coerce.number().min(0.1).max(10_000).optional(),
  'vessel-l': z.coerce.number().min(0.1).max(100).optional(),
  wrap: z.enum(BARRIER_IDS).optional(),
  'store-humidity-pct': z.coerce.number().min(0).max(100).optional(),
  'store-temp-c': z.coerce.number().min(-20).max(60).optional(),
});

/** The contract's answer for the text of a recipe or of an exported file, with the command line's options as written. */
export function answerFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const options = parsed.options;
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { body } = found;
  const asked = askedIn(found, options);
  const totalG = totalMassG(body);
  const tub = tubIn(body.family, options);
  const evaluation = evaluate(body, {
    ...USUAL_CONDITIONS,
    catalog: found.catalog,
    scentDocuments: found.scentDocuments,
    humidityPct: options['humidity-pct'],
    tub,
    pieceG: totalG > 0 ? pieceOf(totalG, asked).massG : null,
  });
  const sampleG = options['sample-g'];
  const vesselL = options['vessel-l'];
  if ((sampleG === undefined) !== (vesselL === undefined))
    return { ok: false, message: 'A gas test needs both --sample-g and --vessel-l.' };
  const place = placeIn(options);
  if (!place.ok) return place;
  return {
    ok: true,
    value: {
      ...contractAnswer(body, evaluation, asked, found),
      ...(sampleG !== undefined &&
        vesselL !== undefined && {
          gasTest: gasTest(portionsOf(found.catalog, allLines(body)), sampleG, {
            ...tub,
            volumeL: vesselL,
          }),
        }),
      ...(place.kept && {
        keeping: keeping(
          body,
          portionsOf(found.catalog, allLines(body)),
          pieceOf(totalG, asked).massG,
          place.kept,
        ),
      }),
    },
  };
}

/** What a sample would lose as gas from a jug on a scale; null where the recipe weighs nothing. */
function gasTest(mix: readonly Portion[], sampleG: number, water: Tub) {
  if (!mix.some(({ massG }) => massG > 0)) return null;
  const { lossG, stoichiometricG } = expectedLoss(mix, sampleG, water);
  return { expectedLossG: lossG.best, lowG: lossG.low, highG: lossG.high, stoichiometricG };
}

interface Kept {
  readonly wrap: BarrierId;
  readonly humidityPct: number;
  readonly tempC: number;
}

function placeIn(options: z.infer<typeof optionsSchema>) {
  const humidityPct = options['store-humidity-pct'];
  const tempC = options['store-temp-c'];
  const { wrap } = options;
  if (wrap === undefined && humidityPct === undefined && tempC === undefined)
    return { ok: true as const, kept: null };
  if (wrap === undefined || humidityPct === undefined)
    return {
      ok: false as const,
      message:
        'For the shelf life, add both --wrap and --store-humidity-pct. Without --store-temp-c it is 20°C.',
    };
  return { ok: true as const, kept: { wrap, humidityPct, tempC: tempC ?? 20 } };
}

/** How long a piece keeps in this wrap in this air, hard and fresh, a ball of its mass; null where the recipe weighs nothing. */
function keeping(
  { method }: FormulaBody,
  contents: readonly Portion[],
  massG: number,
  { wrap, ...place }: Kept,
) {
  if (!(massG > 0)) return null;
  const ball = moldHolding(
    { shape: 'sphere', diameterMm: 70 },
    massG / packedDensityGMl(method).best,
  );
  const hard = staysHard({ contents, massG, areaMm2: moldSurfaceMm2(ball), wraps: [wrap] }, place);
  const fresh = staysFresh(contents, [wrap]);
  // Hard is not fresh.
  return {
    ...hard,
    limitedBy: listed(hard.limitedBy),
    freshDays: fresh?.days ?? null,
    fades: fresh?.fades ?? null,
  };
}
