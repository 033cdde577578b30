import { MINUTE_MS } from '@/core/basics/time';
import { dampReading } from '@/core/results/binder/damp';
import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import { dampWindowIn } from '@/core/results/conditions/dampWindowIn';
import type { Conditions } from '@/core/results/conditions/types';
import { isFiller, isOily } from '@/core/results/fizz/composition';
import { gramsWhere, portionsG, portionsOf } from '@/core/matter/materials/portion';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { reactantsOf } from '@/core/matter/materials/reactants';
import type { Material } from '@/core/matter/materials/material';
import { bowlContents } from '../records/bowl';
import { meanPieceG, roomOf, standing, weighedLines, weighedTotalG } from '../records/summary';
import type { Batch } from '../records/schema';
import { scentLimits } from '@/core/results/scent/limits';

/** What this batch's own record says that bears on a fault. Null where it says nothing. */
export interface BatchFacts {
  readonly dampIndexPct: number | null;
  /** Where the index lies in its window, 0 low end to 1 high end. */
  readonly dampPlace: number | null;
  readonly freeWaterPct: number;
  readonly madeHumidityPct: number | null;
  /** Mean humidity where it dried. */
  readonly dryHumidityPct: number | null;
  /** From the acid to the last piece. */
  readonly acidToLastMin: number | null;
  readonly feltWet: number;
  readonly feltDry: number;
  /** Squeezed right after the acid at last. */
  readonly endedRight: boolean;
  /** Water sprayed or poured in after the acid, % of the mix. */
  readonly lateWaterPct: number;
  readonly fillSpreadPct: number | null;
  /** Mean fill over the target. */
  readonly fillOverTarget: number | null;
  readonly skippedSieve: boolean;
  readonly skippedScrape: boolean;
  readonly clumpingPct: number;
  readonly embedWaterPct: number | null;
  /** Of the icing; null where there is none. */
  readonly icingWaterPct: number | null;
  /** Meringue powder, gum and cream of tartar in it. */
  readonly icingBinderPct: number | null;
  readonly oilPct: number;
  readonly emulsifierToOil: number | null;
  readonly fillerPct: number;
  readonly hardenerPct: number;
  readonly coarseSaltPct: number;
  readonly drawsWaterPct: number;
  /** Soda to acid over the balance of these acids. */
  readonly ratioOverBalance: number | null;
  readonly dyeUnbloomed: boolean;
  readonly hasBloomedDye: boolean;
  readonly micaPct: number;
  readonly vanillinPct: number;
  readonly ultramarineG: number;
  /** Share dry when it was turned or painted first. */
  readonly dryWhenLifted: number | null;
  /** Share dry when it was iced. */
  readonly dryWhenIced: number | null;
  readonly traySeats: 'rounded' | 'flat' | null;
  readonly pieceG: number;
  readonly isRound: boolean;
  /** Lots past their day when they were weighed. */
  readonly oldLots: number;
  readonly freshShare: number | null;
  readonly storedShare: number | null;
}

/** What only the drying room and the shelf know. */
export interface OutsideFacts {
  readonly dryHumidityPct: number | null;
  readonly dryWhenLifted: number | null;
  readonly dryWhenIced: number | null;
  readonly traySeats: 'rounded' | 'flat' | null;
  readonly oldLots: number;
  /** Share of its fizz that a jug on the scale found in its first week, and weeks later. */
  readonly freshShare: number | null;
  readonly storedShare: number | null;
}

export const NOTHING_OUTSIDE: OutsideFacts = {
  dryHumidityPct: null,
  dryWhenLifted: null,
  dryWhenIced: null,
  traySeats: null,
  oldLots: 0,
  freshShare: null,
  storedShare: null,
};

/**
 * Reads the record of a batch for what may explain a fault.
 * @param conditions of this batch: its damp is judged in the window that was shown at the bench
 */
export function batchFacts(
  batch: Batch,
  conditions: Conditions,
  outside: OutsideFacts = NOTHING_OUTSIDE,
): BatchFacts {
  const { catalog, roomTempC } = conditions;
  const contents = portionsOf(catalog, bowlContents(batch));
  const totalG = portionsG(contents);
  const pct = (holds: (material: Material) => boolean) =>
    totalG > 0 ? (100 * gramsWhere(contents, holds)) / totalG : 0;
  const ofRole = (...roles: readonly Material['role'][]) => pct(({ role }) => roles.includes(role));
  const damp = dampReading(contents);
  const window = dampWindowIn(conditions, batch.body, damp);
  const fizz = fizzBalance(reactantsOf(contents), roomTempC);
  const oilPct = pct(isOily);
  const squeezes = batch.entries.filter((entry) => entry.kind === 'squeezed');
  const dyes = contents.filter(({ material }) => material.traits.includes('needs-bloom'));
  return {
    ...outside,
    dampIndexPct: damp.dampIndexPct,
    dampPlace:
      damp.dampIndexPct === null
        ? null
        : (damp.dampIndexPct - window.lowPct) / (window.highPct - window.lowPct),
    freeWaterPct: damp.freeWaterPct,
    madeHumidityPct: roomOf(batch)?.humidityPct ?? null,
    acidToLastMin: acidToLastMin(batch, catalog),
    feltWet: squeezes.filter(({ felt, acidIn }) => acidIn && felt === 'too-wet').length,
    feltDry: squeezes.filter(({ felt, acidIn }) => acidIn && felt === 'too-dry').length,
    endedRight: squeezes.filter(({ acidIn }) => acidIn).at(-1)?.felt === 'right',
    lateWaterPct: totalG > 0 ? (100 * lateWaterG(batch, catalog)) / totalG : 0,
    ...fills(batch),
    skippedSieve: isSkipped(batch, 'sieve'),
    skippedScrape: isSkipped(batch, 'scrape'),
    clumpingPct: pct(({ traits }) => traits.includes('clumps')),
    embedWaterPct: embedWaterPct(batch, catalog),
    ...icing(batch, catalog),
    oilPct,
    emulsifierToOil: oilPct > 0 ? ofRole('emulsifier') / oilPct : null,
    fillerPct: pct(isFiller),
    hardenerPct: ofRole('clay') + pct(({ id }) => id === 'potassium-bitartrate'),
    coarseSaltPct: ofRole('salt'),
    drawsWaterPct: pct(({ traits }) => traits.includes('hygroscopic')) + ofRole('humectant'),
    ratioOverBalance:
      fizz.sodaToAcidByMass !== null && fizz.balanceSodaToAcidByMass
        ? fizz.sodaToAcidByMass / fizz.balanceSodaToAcidByMass
        : null,
    dyeUnbloomed: dyes.length > 0 && (isSkipped(batch, 'bloom') || damp.freeWaterPct < 0.05),
    hasBloomedDye: dyes.length > 0,
    micaPct: pct(({ role, traits }) => role === 'color' && !traits.includes('needs-bloom')),
    vanillinPct:
      scentLimits(contents, batch.body.family).constituents.find(
        ({ constituent }) => constituent.id === 'vanillin',
      )?.pctOfMix ?? 0,
    ultramarineG: gramsWhere(contents, ({ traits }) => traits.includes('sulfide-with-acid')),
    pieceG: batch.plan.pieceG,
    isRound: batch.request.mold.shape === 'sphere',
  };
}

/** What the icing is made of, as weighed where it was weighed. */
function icing(
  batch: Batch,
  catalog: Catalog,
): Pick<BatchFacts, 'icingWaterPct' | 'icingBinderPct'> {
  const ids = new Set(batch.body.parts.flatMap(({ kind, id }) => (kind === 'icing' ? [id] : [])));
  const contents = weighedLines(batch)
    .filter(({ partId }) => ids.has(partId))
    .map(({ materialId, massG, targetG }) => ({
      material: materialById(catalog, materialId),
      massG: massG ?? targetG,
    }));
  const totalG = portionsG(contents);
  if (!(totalG > 0)) return { icingWaterPct: null, icingBinderPct: null };
  const waterG = contents.reduce(
    (sum, { material, massG }) => sum + massG * material.waterFraction.value,
    0,
  );
  const binds = ({ id, likeId, role }: Material) =>
    role === 'gum' || BINDERS.has(id) || BINDERS.has(likeId);
  return {
    icingWaterPct: (100 * waterG) / totalG,
    icingBinderPct: (100 * gramsWhere(contents, binds)) / totalG,
  };
}
const BINDERS: ReadonlySet<string> = new Set(['meringue-powder', 'potassium-bitartrate']);

function isSkipped(batch: Batch, stepId: string): boolean {
  return standing(batch, 'skipped').some((entry) => entry.stepId === stepId);
}

function acidToLastMin(batch: Batch, catalog: Catalog): number | null {
  const acid = standing(batch, 'weighed').filter(
    ({ materialId }) => materialById(catalog, materialId).role === 'acid',
  );
  const mainLines = new Set(batch.body.parts[0]?.lines.map(({ id }) => id));
  const first = acid.find(({ lineId }) => mainLines.has(lineId));
  const last =
    standing(batch, 'filled').at(-1) ??
    standing(batch, 'counted').at(-1) ??
    standing(batch, 'done').findLast(({ stepId }) => stepId === 'press');
  if (!first || !last) return null;
  // A clock that was set back in between says nothing.
  const minutes = (Date.parse(last.at) - Date.parse(first.at)) / MINUTE_MS;
  return minutes >= 0 ? minutes : null;
}

function lateWaterG(batch: Batch, catalog: Catalog): number {
  const acid = batch.entries.findIndex(
    (entry) => entry.kind === 'weighed' && materialById(catalog, entry.materialId).role === 'acid',
  );
  return batch.entries
    .slice(acid + 1)
    .reduce(
      (sum, entry) =>
        entry.kind === 'added' && entry.voidedAt === null
          ? sum + entry.massG * materialById(catalog, entry.materialId).waterFraction.value
          : sum,
      0,
    );
}

function fills(batch: Batch): Pick<BatchFacts, 'fillSpreadPct' | 'fillOverTarget'> {
  const fillsG = standing(batch, 'filled').flatMap(({ massG }) => (massG === null ? [] : [massG]));
  if (fillsG.length < 3) {
    const count = standing(batch, 'counted').at(-1);
    const pieces = (count?.pieces ?? 0) + (count?.rejects ?? 0);
    const totalG = weighedTotalG(batch);
    return {
      fillSpreadPct: null,
      fillOverTarget:
        pieces > 0 && batch.plan.pieceG > 0 ? totalG / pieces / meanPieceG(batch) : null,
    };
  }
  const meanG = fillsG.reduce((sum, fillG) => sum + fillG, 0) / fillsG.length;
  const sdG = Math.sqrt(
    fillsG.reduce((sum, fillG) => sum + (fillG - meanG) ** 2, 0) / (fillsG.length - 1),
  );
  return { fillSpreadPct: (100 * sdG) / meanG, fillOverTarget: meanG / batch.plan.pieceG };
}

/** Water of an embed, % of it; null without one. */
function embedWaterPct({ body }: Batch, catalog: Catalog): number | null {
  const lines = body.parts.filter(({ kind }) => kind === 'embed').flatMap((part) => part.lines);
  return lines.length > 0 ? dampReading(portionsOf(catalog, lines)).freeWaterPct : null;
}
