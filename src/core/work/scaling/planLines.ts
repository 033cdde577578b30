import type { FormulaBody, Line, Part } from '@/core/formula/model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { inDrops, inSpoons, type Counted } from '../weighing/counted';
import { isTooLittleFor, scaleFor, type BenchScale } from '../weighing/scales';
import { roundTogether } from '../weighing/roundTogether';
import { roundToStep } from '../weighing/rounding';
import { toleranceG } from '../weighing/tolerance';
import type { Means, PremixStock } from './means';
import {
  mixOf,
  mixReadings,
  readingSlopes,
  type MixReadings,
} from '@/core/results/binder/mixReadings';
import type { ScaleRequest, Way } from './requestSchema';

export interface PlannedLine {
  readonly lineId: string;
  readonly partId: string;
  readonly materialId: string;
  /** What the scaling asks for, unrounded. */
  readonly exactG: number;
  /** What of the material itself will be in the bowl. */
  readonly targetG: number;
  /** (target - exact) / exact in %. */
  readonly errorPct: number;
  readonly scaleName: string;
  readonly stepG: number;
  /** What goes on the scale: the target, or so much of the premix that brings it. */
  readonly weighG: number;
  /** Drops or spoons in place of a weight. */
  readonly counted: Counted | null;
  readonly premix: PremixStock | null;
  /** Too small for this scale: a finer one, drops or a premix. */
  readonly needsFinerScale: boolean;
}

export interface PlannedLines {
  readonly lines: readonly PlannedLine[];
  readonly wanted: MixReadings;
  readonly planned: MixReadings;
  /** The same with every line rounded for itself. */
  readonly roundedAlone: MixReadings;
  /** Carrier of premixes that no line of the formula makes room for, grams. */
  readonly carrierOverG: number;
}

interface Prepared {
  readonly line: Line;
  readonly partId: string;
  readonly exactG: number;
  /** What the scale is asked for, unrounded. */
  readonly weighExactG: number;
  readonly scale: BenchScale;
  readonly counted: Counted | null;
  readonly premix: PremixStock | null;
}

/**
 * Weights for one bowl: every line on the scale that suits it, in drops or spoons, or as a premix whose carrier
 * makes room in its own line, rounded so that the readings hold best together.
 * @param factorOf how often each part is made, against the formula
 */
export function planLines(
  body: FormulaBody,
  factorOf: (part: Part) => number,
  request: ScaleRequest,
  means: Means,
): PlannedLines {
  const { prepared, carrierOverG } = prepare(body, factorOf, request, means);
  const mix = mixOf(body, means.catalog);
  const exact = prepared.map(({ exactG }) => exactG);
  const { slopes, allowed } = readingSlopes(mix, exact);
  const rounded = roundTogether(
    prepared.map(({ weighExactG, scale, premix, counted }, i) => ({
      exactG: weighExactG,
      // What is counted is whole already.
      stepG: counted === null ? scale.stepG : Infinity,
      toleranceG: toleranceG(weighExactG, scale.stepG),
      slopes: (slopes[i] as readonly number[]).map(
        (slope) => slope * (premix?.strengthFraction ?? 1),
      ),
    })),
    allowed,
  );
  const lines = prepared.map((one, i) => plannedLine(one, rounded.targetsG[i] as number));
  const alone = prepared.map((one) =>
    plannedLine(
      one,
      one.counted === null ? roundToStep(one.weighExactG, one.scale.stepG) : one.weighExactG,
    ),
  );
  // What premixes bring of another line's material counts there again.
  const carried = prepared.map(({ exactG, weighExactG, premix, counted }) =>
    premix || counted !== null ? 0 : exactG - weighExactG,
  );
  const readings = (of: readonly PlannedLine[]) =>
    mixReadings(
      mix,
      of.map(({ targetG }, i) => targetG + (carried[i] as number)),
    );
  return {
    lines,
    wanted: mixReadings(mix, exact),
    planned: readings(lines),
    roundedAlone: readings(alone),
    carrierOverG,
  };
}

function prepare(
  body: FormulaBody,
  factorOf: (part: Part) => number,
  request: ScaleRequest,
  means: Means,
): { prepared: readonly Prepared[]; carrierOverG: number } {
  const scales =
    means.scales.length > 0
      ? means.scales
      : [
          {
            name: `${request.scaleStepG} g scale`,
            stepG: request.scaleStepG,
            capacityG: Infinity,
            minimumG: null,
          },
        ];
  let carrierOverG = 0;
  const prepared = body.parts.flatMap((part) => {
    const factor = factorOf(part);
    const own = part.lines.map((line): Prepared => {
      const exactG = line.massG * factor;
      const material = materialById(means.catalog, line.materialId);
      const way = request.ways[line.id];
      const premix =
        way?.kind === 'premix'
          ? (means.premixes.find(
              ({ lotId, materialId }) => lotId === way.lotId && materialId === line.materialId,
            ) ?? null)
          : null;
      const counted =
        exactG > 0
          ? countedOut(
              way?.kind ?? usualWay(line, exactG, material, scaleFor(exactG, scales)),
              exactG,
              material,
              means,
            )
          : null;
      const weighExactG = counted?.massG ?? exactG / (premix?.strengthFraction ?? 1);
      return {
        line,
        partId: part.id,
        exactG,
        weighExactG,
        scale: scaleFor(weighExactG, scales),
        counted,
        premix,
      };
    });
    for (const { premix, weighExactG } of own) {
      if (!premix) continue;
      let carrierG = weighExactG * (1 - premix.strengthFraction);
      const at = own.findIndex(
        (other) =>
          other.line.materialId === premix.carrierId && !other.premix && other.counted === null,
      );
      const carrier = own[at];
      if (carrier) {
        const takenG = Math.min(carrier.weighExactG, carrierG);
        own[at] = { ...carrier, weighExactG: carrier.weighExactG - takenG };
        carrierG -= takenG;
      }
      carrierOverG += carrierG;
    }
    return own;
  });
  return { prepared, carrierOverG };
}

function plannedLine(one: Prepared, weighG: number): PlannedLine {
  const { line, partId, exactG, weighExactG, scale, counted, premix } = one;
  const targetG = weighG * (premix?.strengthFraction ?? 1);
  // A carrier's own line is only asked for what the premix does not bring.
  const askedG = premix || counted ? exactG : weighExactG;
  return {
    lineId: line.id,
    partId,
    materialId: line.materialId,
    exactG,
    targetG,
    errorPct: askedG > 0 ? (100 * (targetG - askedG)) / askedG : 0,
    scaleName: scale.name,
    stepG: scale.stepG,
    weighG,
    counted,
    premix,
    needsFinerScale: counted === null && weighExactG > 0 && isTooLittleFor(weighExactG, scale),
  };
}

/** More drops than this nobody counts. Rovack estimate. */
const MOST_DROPS_G = 5;
const WRITTEN_IN_DROPS = /\bdrops?\b|\bgtts?\b/i;

/**
 * How a line gets into the bowl while the maker has not said: what was written in drops is counted in drops, and petals that the
 * scale does not see are a pinch.
 */
function usualWay(
  { written = '' }: Line,
  exactG: number,
  { isLiquid, role }: Material,
  { stepG }: BenchScale,
): Way['kind'] {
  if (isLiquid && WRITTEN_IN_DROPS.test(written) && exactG <= MOST_DROPS_G) return 'drops';
  return role === 'botanical' && exactG < stepG / 2 ? 'spoons' : 'scale';
}

function countedOut(
  way: Way['kind'],
  exactG: number,
  material: Material,
  means: Means,
): Counted | null {
  if (way === 'drops' && material.isLiquid) return inDrops(exactG, gramsOfDrop(material, means));
  return way === 'spoons' ? inSpoons(exactG, material.densityGMl.level.value.best) : null;
}

function gramsOfDrop(material: Material, { small }: Means): number {
  const oily = material.role === 'oil' || material.role === 'scent' || material.role === 'butter';
  const perMl = (oily ? small.oilDropsPerMl : small.dropsPerMl).best;
  return material.trueDensityGMl.value / perMl;
}
