import { conditionsFor, conditionsOfBatch, type WorkshopFacts } from '../settings/conditionsFor';
import { bowlDamp } from '@/core/batches/cures/benchCures';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Formula, FormulaBody } from '@/core/formula/model/schema';
import { bowlContents } from '@/core/batches/records/bowl';
import { currentStep } from '@/core/batches/records/batch';
import { weighedLines, weighedRatio } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { planScale } from '@/core/work/scaling/plan';
import { requestFor } from '@/core/work/scaling/request';
import { isOnTray } from '@/core/batches/trays/onTray';
import { pressedMix } from '@/core/batches/trays/volatile';
import { reasonOf } from '@/core/basics/format/reason';
import { laterSteps } from '@/core/work/flow/stepsOf';
import { workOf } from '@/core/work/flow/workOf';

/** Goes through all that the screens compute of a formula. @returns what it failed on; null when it went through */
export function checkFormula({ body, versions }: Formula, facts: WorkshopFacts): string | null {
  return failureIn(() => {
    for (const one of [body, ...versions.map((version) => version.body)]) goThrough(one, facts);
  });
}

/** Goes through all that the screens compute of a batch. @returns what it failed on; null when it went through */
export function checkBatch(batch: Batch, facts: WorkshopFacts): string | null {
  return failureIn(() => {
    const conditions = conditionsOfBatch(facts, batch);
    evaluate(batch.body, conditions);
    bowlDamp(batch, conditions);
    currentStep(batch);
    weighedLines(batch);
    weighedRatio(batch, facts.catalog);
    bowlContents(batch);
    laterSteps(batch.body, facts.catalog);
    if (isOnTray(batch)) pressedMix(batch, facts.catalog);
    goThrough(batch.body, facts);
  });
}

function goThrough(body: FormulaBody, facts: WorkshopFacts): void {
  evaluate(body, conditionsFor(facts, body, null));
  planScale(body, requestFor(body));
  workOf(body, { catalog: facts.catalog, pieces: 12, weighG: new Map(), counted: new Set() });
}

function failureIn(go: () => void): string | null {
  try {
    go();
    return null;
  } catch (error) {
    return reasonOf(error);
  }
}
