import { conditionsFor, conditionsOfBatch, type WorkshopFacts } from '../conditions';
import { bowlDamp, evaluate } from '../evaluation';
import type { Formula, FormulaBody } from '../formula';
import { bowlContents, currentStep, weighedLines, weighedRatio, type Batch } from '../records';
import { planScale, requestFor } from '../scaling';
import { isOnTray, pressedMix } from '../trays';
import { reasonOf } from '../words';
import { laterSteps, workOf } from '../work';

/** Goes through all that the screens reckon of a formula. @returns what it stumbled over; null when it went through */
export function probeFormula({ body, versions }: Formula, facts: WorkshopFacts): string | null {
  return stumble(() => {
    for (const one of [body, ...versions.map((version) => version.body)]) goThrough(one, facts);
  });
}

/** Goes through all that the screens reckon of a batch. @returns what it stumbled over; null when it went through */
export function probeBatch(batch: Batch, facts: WorkshopFacts): string | null {
  return stumble(() => {
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

function stumble(go: () => void): string | null {
  try {
    go();
    return null;
  } catch (error) {
    return reasonOf(error);
  }
}
