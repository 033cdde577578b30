import {
  conditionsFor,
  conditionsOfBatch,
  type WorkshopFacts,
} from '@/core/conditions/conditionsFor';
import { bowlDamp } from '@/core/evaluation/benchCures';
import { evaluate } from '@/core/evaluation/evaluate';
import type { Formula, FormulaBody } from '@/core/formula/schema';
import { bowlContents } from '@/core/records/bowl';
import { currentStep } from '@/core/records/batch';
import { weighedLines, weighedRatio } from '@/core/records/summary';
import type { Batch } from '@/core/records/schema';
import { planScale } from '@/core/scaling/plan';
import { requestFor } from '@/core/scaling/request';
import { isOnTray } from '@/core/trays/onTray';
import { pressedMix } from '@/core/trays/volatile';
import { reasonOf } from '@/core/words/reason';
import { laterSteps } from '@/core/work/stepsOf';
import { workOf } from '@/core/work/workOf';

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
