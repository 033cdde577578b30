import { DAY_MS } from '@/core/basics/time';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { conditionsOfBatch } from '@/core/workshop/settings/conditionsFor';
import { scentDocumentsFor } from '@/core/results/scent/scentDocuments';
import type { Conditions } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Evaluation } from '@/core/results/evaluation/types';
import { newId } from '@/core/basics/newId';
import { countOf } from '@/core/batches/records/summary';
import { looksOf, ownShelfLife } from '@/core/batches/records/keptBack';
import type { Batch } from '@/core/batches/records/schema';
import { MOST_GAS_LOSS_S } from '@/core/batches/trials/kinds';
import { gasLossOf, taughtByTrials } from '@/core/batches/trials/taught';
import { cupTestAnswer, type CupTestAnswer } from '@/core/batches/trials/cup-test/answer';
import {
  readingIn,
  startAgain,
  startTrial,
  voidIn,
  toggleVoided,
  undoIn,
  writeIn,
  type TrialStart,
} from '@/core/batches/trials/write';
import type { GasLossResult } from '@/core/batches/trials/gas-loss/types';
import type { CupTest } from '@/core/batches/trials/cup-test/schema';
import type { NewTrialEntry, Trial } from '@/core/batches/trials/schema';
import { nowIso } from './now';
import { useWorkshopStore } from './workshop';

/** The trial in hand, and what all of them say: every call writes the record and saves it. */
/** So many of the last trials have their batches read. */
const MOST_TRIED = 200;

export const useTrialsStore = defineStore('trials', () => {
  const workshop = useWorkshopStore();
  const chosenId = ref<string | null>(null);

  /** Newest first. */
  const trials = computed(() =>
    [...workshop.trials].sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)),
  );
  /** One that goes on is in hand after a reload too. */
  const inHand = computed(
    () =>
      trials.value.find(({ id }) => id === chosenId.value) ??
      (chosenId.value === null
        ? trials.value.find(({ finishedAt }) => finishedAt === null)
        : undefined) ??
      null,
  );
  /** A trial of a piece of long ago is judged by that batch: it is read. */
  watch(
    () => workshop.trials.flatMap(({ batchId }) => batchId ?? []),
    (ids) => void workshop.loadBatches(ids.slice(-MOST_TRIED)),
    { immediate: true },
  );
  const batchOf = ({ batchId }: Trial): Batch | null =>
    workshop.batches.find(({ id }) => id === batchId) ?? null;
  /** Batches whose pieces can be tried: made, newest first. */
  const madeBatches = computed(() =>
    workshop.batches
      .filter(({ outcome }) => outcome === 'made')
      .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)),
  );
  const ladders = computed(() =>
    [...workshop.ladders].sort((a, b) => Date.parse(b.askedAt) - Date.parse(a.askedAt)),
  );
  const shelfLife = computed(() => ownShelfLife(workshop.batches));

  /** While the scale writes, each reading asks again, and no other trial has changed. */
  const othersTaught = rememberingLast(taughtByTrials);

  /** What a piece is forecast by: what all other trials taught, never itself. */
  function conditionsOf(trial: Trial, batch: Batch): Conditions {
    const others = workshop.trials.filter(({ id }) => id !== trial.id);
    const trials = othersTaught(others, workshop.batches, workshop.catalog, workshop.exclusions);
    return {
      ...conditionsOfBatch({ ...workshop.facts, trials }, batch),
      tub: trial.water,
      pieceG: trial.pieceG,
    };
  }

  /** The forecast of a trial's piece; null for one from elsewhere. */
  function forecastOf(trial: Trial): Evaluation | null {
    const batch = batchOf(trial);
    return batch ? evaluate(batch.body, conditionsOf(trial, batch)) : null;
  }

  /** What is in the water in a trial, and that water; null for a piece from elsewhere. */
  function triedIn(trial: Trial): { body: Batch['body']; conditions: Conditions } | null {
    const batch = batchOf(trial);
    return batch && { body: batch.body, conditions: conditionsOf(trial, batch) };
  }

  function answerOf(trial: Trial): GasLossResult | null {
    const batch = batchOf(trial);
    return batch ? gasLossOf({ trial, batch }, workshop.catalog) : null;
  }

  /** Days since the pieces of a batch were counted. */
  function ageOf(batch: Batch, nowMs: number): number {
    const madeAt = countOf(batch)?.at ?? batch.finishedAt ?? batch.startedAt;
    return Math.max(0, (nowMs - Date.parse(madeAt)) / DAY_MS);
  }

  function start(of: TrialStart): Trial {
    const trial = startTrial(of, nowIso());
    workshop.put('trials', [trial]);
    chosenId.value = trial.id;
    return trial;
  }

  /** Another trial to look at, or none: then a new one can begin. */
  const choose = (id: string | null) => (chosenId.value = id ?? '');

  function change(by: (trial: Trial) => Trial): void {
    if (!inHand.value) return;
    const next = by(inHand.value);
    if (next !== inHand.value) workshop.put('trials', [next]);
  }
  const write = (entry: NewTrialEntry) => {
    const who = workshop.settings.makerInHand;
    change((trial) => writeIn(trial, who ? { ...entry, who } : entry, nowIso()));
  };
  /** For a stopwatch that was forgotten: gone so long after it touched the water. */
  const goneAt = (seconds: number) =>
    change((trial) => {
      const touched = trial.entries.find(
        (entry) => entry.kind === 'phase' && entry.phase === 'touched' && entry.voidedAt === null,
      );
      return touched
        ? writeIn(
            trial,
            { kind: 'phase', phase: 'gone' },
            new Date(Date.parse(touched.at) + 1000 * seconds).toISOString(),
          )
        : trial;
    });
  const undo = () => change((trial) => undoIn(trial, nowIso()));
  const strike = (entryId: string) => change((trial) => voidIn(trial, entryId, nowIso()));
  const again = () => change((trial) => startAgain(trial, nowIso()));
  const turn = () => change((trial) => toggleVoided(trial, nowIso()));
  /** A closed one goes on: its verdict stays until another is said. */
  const reopen = () => change((trial) => ({ ...trial, finishedAt: null }));
  const finish = () => change((trial) => ({ ...trial, finishedAt: nowIso() }));

  /** One more weight of the jug: shown at once, written soon. */
  function reading(seconds: number, massG: number): void {
    if (!inHand.value || inHand.value.finishedAt !== null || seconds > MOST_GAS_LOSS_S) return;
    workshop.pullTrial(readingIn(inHand.value, seconds, massG));
  }

  function looksDue(nowMs: number) {
    return workshop.batches
      .flatMap((batch) => looksOf(batch, nowMs).map((look) => ({ batch, look })))
      .filter(({ look }) => look.state === 'due');
  }

  function cupTestConditions(ladder: Pick<CupTest, 'cupG' | 'body'>): Conditions {
    const { catalog, settings, facts } = workshop;
    return {
      catalog,
      humidityPct: settings.humidityPct,
      roomTempC: settings.tempC,
      tub: CUP_OF_WATER,
      pieceG: ladder.cupG,
      scentDocuments: scentDocumentsFor(ladder.body.family, workshop.documents),
      learned: facts.trials ?? {},
    };
  }
  const answerLadder = (ladder: CupTest): CupTestAnswer =>
    cupTestAnswer(ladder, cupTestConditions(ladder));

  function seenInCup(ladder: CupTest, cupId: string, value: number): void {
    const now = nowIso();
    workshop.put('ladders', [
      {
        ...ladder,
        entries: [
          ...ladder.entries.map((entry) =>
            entry.cupId === cupId && entry.voidedAt === null ? { ...entry, voidedAt: now } : entry,
          ),
          { id: newId(), at: now, cupId, value, voidedAt: null },
        ],
      },
    ]);
  }

  return {
    trials,
    inHand,
    madeBatches,
    ladders,
    shelfLife,
    batchOf,
    forecastOf,
    triedIn,
    answerOf,
    ageOf,
    start,
    choose,
    write,
    goneAt,
    undo,
    strike,
    again,
    finish,
    reopen,
    turn,
    reading,
    looksDue,
    cupTestConditions,
    answerLadder,
    seenInCup,
  };
});

/** What a small one of a set is dropped into. Common practice. */
const CUP_OF_WATER = { volumeL: 1, tempC: 38, alkalinityMgL: 100 } as const;

type Asked = Parameters<typeof taughtByTrials>;

/** The same answer for the same records, without computing it again. */
function rememberingLast(compute: typeof taughtByTrials): typeof taughtByTrials {
  let last: { readonly asked: Asked; readonly answer: ReturnType<typeof taughtByTrials> } | null =
    null;
  return (...asked) => {
    const isSame =
      last !== null &&
      last.asked[1] === asked[1] &&
      last.asked[2] === asked[2] &&
      last.asked[3] === asked[3] &&
      last.asked[0].length === asked[0].length &&
      last.asked[0].every((trial, i) => trial === asked[0][i]);
    if (last === null || !isSame) last = { asked, answer: compute(...asked) };
    return last.answer;
  };
}
