import type { TestOnFile } from '@/core/goods/quality/batchFile';
import { KIND_WORDS } from '@/core/batches/trials/kinds';
import type { GasLossResult } from '@/core/batches/trials/gas-loss/types';
import type { Trial } from '@/core/batches/trials/schema';
import { formatPercent } from '@/core/basics/format/numbers';
import { VERDICT_WORDS, sayTrialEntry } from '@/shared/tryMessages';

/** A test as an assessor reads it. */
export function testOnFile(trial: Trial, jug: GasLossResult | null): TestOnFile {
  const standing = trial.entries.filter(({ voidedAt }) => voidedAt === null);
  const verdict = standing.findLast((entry) => entry.kind === 'verdict');
  return {
    at: trial.startedAt,
    kind: KIND_WORDS[trial.kind],
    said: [
      ...standing.filter(({ kind }) => kind !== 'verdict').map(sayTrialEntry),
      ...(jug?.ok ? [`${formatPercent(100 * jug.value.share.best, 0)} of its fizz left`] : []),
    ],
    verdict: verdict?.kind === 'verdict' ? VERDICT_WORDS[verdict.verdict] : null,
  };
}
