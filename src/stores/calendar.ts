import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { allLines, type Formula } from '@/core/formula';
import type { LooseStock } from '@/core/goods';
import { portionsOf } from '@/core/materials';
import {
  coverOrders,
  latestPressMs,
  lockProblem,
  pressMinutesEach,
  problemFor,
  stepsFor,
  type Cover,
  type PlanAnswer,
  type PlanLock,
  type PlanProblem,
} from '@/core/planning';
import { countOf } from '@/core/records';
import { planScale, requestFor } from '@/core/scaling';
import { toolsOf, trayPlaces } from '@/core/shelf';
import { hoursUntilDry } from '@/core/trays';
import { workOf } from '@/core/work';
import type { Spread } from '@/core/units';
import { startPlan, type PlanRun } from '@/workers/startPlan';
import { useGoodsStore } from './goods';
import { nowIso } from './now';
import { useRoomStore } from './room';
import { useShelfStore } from './shelf';
import { useTraysStore } from './trays';
import { useWorkshopStore } from './workshop';

/** A question beside the plan: nothing of it is kept. */
export interface WhatIf {
  readonly humidityPct: number | null;
  /** Who is away for the week. */
  readonly away: string | null;
  readonly secondMixer: boolean;
}
export const NO_WHAT_IF: WhatIf = { humidityPct: null, away: null, secondMixer: false };

/** A planned step as it is drawn. */
export interface Bar {
  readonly job: string;
  readonly step: string;
  readonly person: string;
  readonly name: string;
  readonly formulaId: string | null;
  readonly startMs: number;
  readonly endMs: number;
  readonly machine: string | null;
  readonly places: number;
  readonly isLocked: boolean;
  readonly isLate: boolean;
}

const SECONDS = 5;
const WHAT_IF_SECONDS = 2;
const FIVE_MIN_MS = 300_000;
const DAY_MS = 86_400_000;
/** Nobody has said who works when: one pair of hands on weekdays. */
const SOMEBODY = { name: 'Somebody', from: '08:00', to: '17:00', days: [1, 2, 3, 4, 5], away: [] };
const USUAL_TRAYS = 4;
/** What can be ready a day before it is wanted, is. Start value of ours. */
const CUSHION_MIN = 24 * 60;
const ZONE_DAYS = 200;

/** When clocks are put on or back in the months to come. */
function zonesFrom(fromMs: number): { from: string; zoneMin: number }[] {
  const zones: { from: string; zoneMin: number }[] = [];
  let before = -new Date(fromMs).getTimezoneOffset();
  for (let hour = 1; hour < ZONE_DAYS * 24; hour++) {
    const at = fromMs + hour * 3_600_000;
    const zoneMin = -new Date(at).getTimezoneOffset();
    if (zoneMin !== before) zones.push({ from: new Date(at).toISOString(), zoneMin });
    before = zoneMin;
  }
  return zones;
}

/** Orders and the plan that serves them: made in a worker, best so far shown. */
export const useCalendarStore = defineStore('calendar', () => {
  const workshop = useWorkshopStore();
  const goods = useGoodsStore();
  const shelf = useShelfStore();
  const trays = useTraysStore();
  const room = useRoomStore();

  /** The moment the plan starts from: held, so that nothing moves under a hand. */
  const startMs = ref(Math.ceil(Date.parse(nowIso()) / FIVE_MIN_MS) * FIVE_MIN_MS);
  const answer = shallowRef<PlanAnswer | null>(null);
  const problem = ref('');
  const share = ref<number | null>(null);
  /** Is there a plan of this search already, so that one may stop? */
  const hasFirst = ref(false);
  let run: PlanRun | null = null;
  const before = shallowRef<readonly (readonly PlanLock[])[]>([]);

  const hours = computed(() =>
    workshop.settings.plan.hours.length > 0 ? workshop.settings.plan.hours : [SOMEBODY],
  );
  const locks = computed(() => workshop.settings.plan.locks);
  const loftPlaces = computed(() => {
    const lofts = toolsOf(workshop.tools, 'drying-room')[0]?.trays ?? USUAL_TRAYS;
    return trayPlaces(workshop.tools) * lofts;
  });
  const humidityPct = computed(
    () =>
      workshop.settings.plan.humidityPct ??
      room.dryingRoom?.humidityPct ??
      workshop.settings.humidityPct,
  );

  /** Pieces of one bowl as it is usually planned. */
  function bowlPieces(formula: Formula): number {
    const request = workshop.settings.requests[formula.id] ?? requestFor(formula.body);
    const plan = planScale(formula.body, request, shelf.meansFor(formula.body.method));
    return plan.ok ? Math.max(1, Math.floor(plan.plan.pieces / plan.plan.bowlCount)) : 1;
  }

  /** At the bench and not counted yet: on their way as planned. */
  const atTheBench = computed(() =>
    workshop.batches.filter((batch) => batch.outcome === 'at-the-bench' && countOf(batch) === null),
  );
  const coming = computed<readonly LooseStock[]>(() => [
    ...goods.loose,
    ...atTheBench.value.map((batch) => ({
      batch,
      left: { good: batch.plan.pieces, second: 0, sampler: 0 },
    })),
  ]);
  const drying = computed(
    () =>
      new Map([
        ...trays.onTrays.flatMap((batch) => {
          const forecast = trays.forecastOf(batch, startMs.value);
          const dry = forecast?.dryAtMs?.high ?? null;
          return dry === null || dry > startMs.value ? [[batch.id, dry] as const] : [];
        }),
        ...atTheBench.value.map((batch) => {
          const formula = workshop.formulas.find(({ id }) => id === batch.formulaId);
          const hours = formula ? dryHours(formula, humidityPct.value)?.high : null;
          return [batch.id, hours ? startMs.value + hours * 3_600_000 : null] as const;
        }),
      ]),
  );

  const cover = computed<Cover>(() =>
    coverOrders({
      orders: workshop.orders.filter(({ due }) => Date.parse(due) > startMs.value - 60 * DAY_MS),
      units: workshop.units,
      goods: workshop.goods,
      wrapped: goods.wrapped,
      loose: coming.value,
      isDrying: (id) => drying.value.has(id),
      formulas: workshop.formulas,
      bowlPieces,
    }),
  );

  /** Hours a formula’s pieces dry at a humidity, with their band; null where they never do. */
  function dryHours(formula: Formula, pct: number): Spread | null {
    const { body } = formula;
    const request = workshop.settings.requests[formula.id] ?? requestFor(body);
    return hoursUntilDry(
      portionsOf(workshop.catalog, body.parts[0]?.lines ?? []),
      request.mold,
      body.method,
      { humidityPct: pct, tempC: room.dryingRoom?.tempC ?? workshop.settings.tempC },
      trays.taught,
    );
  }

  const pressMinEach = computed(() => pressMinutesEach(workshop.batches));

  function problemIf(asked: WhatIf): PlanProblem {
    const pct = asked.humidityPct ?? humidityPct.value;
    const mixers = toolsOf(workshop.tools, 'mixer').length + (asked.secondMixer ? 1 : 0);
    const presses = toolsOf(workshop.tools, 'press').length;
    const week = Array.from({ length: 7 }, (_, day) =>
      new Date(startMs.value + day * DAY_MS).toISOString().slice(0, 10),
    );
    return problemFor({
      cover: cover.value,
      startIso: new Date(startMs.value).toISOString(),
      people: hours.value.map(({ name, from, to, days, away }) => ({
        id: name,
        from,
        to,
        days,
        away: name === asked.away ? [...away, ...week] : away,
      })),
      machines: {
        ...(mixers > 0 && { mixer: mixers }),
        ...(presses > 0 && { press: presses }),
      },
      trayPlaces: loftPlaces.value,
      zoneMin: -new Date(startMs.value).getTimezoneOffset(),
      zones: zonesFrom(startMs.value),
      cushionMin: CUSHION_MIN,
      stepsOf: ({ formula, pieces, wrapMinutes }) =>
        stepsFor(
          workOf(formula.body, {
            catalog: workshop.catalog,
            pieces,
            weighG: new Map(allLines(formula.body).map(({ id, massG }) => [id, massG])),
            counted: new Set(),
          }).operations,
          {
            places: formula.body.method === 'loose' ? trayPlaces(workshop.tools) : pieces,
            dryHours: dryHours(formula, pct)?.high ?? null,
            pressMinEach: pressMinEach.value,
            pieces,
            wrapMinutes,
            hasMixer: mixers > 0,
            hasPress: presses > 0,
          },
        ),
      dryAtMs: (id) => drying.value.get(id) ?? null,
      placesOf: (id) => coming.value.find(({ batch }) => batch.id === id)?.batch.plan.pieces ?? 0,
      locks: locks.value,
    });
  }

  /** Plans anew from this moment; the best so far is shown while it goes on. */
  function plan(): void {
    cancel();
    startMs.value = Math.ceil(Date.parse(nowIso()) / FIVE_MIN_MS) * FIVE_MIN_MS;
    again();
  }

  function again(): void {
    cancel();
    problem.value = '';
    const asked = problemIf(NO_WHAT_IF);
    if (asked.jobs.length === 0) {
      answer.value = {
        steps: [],
        lateMin: {},
        weightedLateMin: 0,
        boundWeightedLateMin: 0,
        provedBest: true,
      };
      return;
    }
    share.value = 0;
    hasFirst.value = false;
    const own = startPlan(asked, SECONDS, (better, used) => {
      if (run !== own) return;
      answer.value = better;
      hasFirst.value = true;
      share.value = Math.min(1, used);
    });
    run = own;
    void own.result.then((result) => {
      if (run !== own) return;
      run = null;
      share.value = null;
      if (result.ok) answer.value = result.answer;
      else problem.value = `There is no plan: ${result.problem}.`;
    });
  }

  /** Stops looking; what was best so far stays. */
  function cancel(): void {
    run?.cancel();
    run = null;
    share.value = null;
  }

  /** What a job is called, and in which color it is drawn. */
  function nameOfJob(id: string): { readonly name: string; readonly formula: Formula | null } {
    const bowl = cover.value.toMake.find((one) => one.id === id);
    if (bowl) {
      const number = Number(id.split(' ').at(-1) ?? 1);
      return {
        name: number > 1 ? `${bowl.formula.name} ${number}` : bowl.formula.name,
        formula: bowl.formula,
      };
    }
    const batch = workshop.batches.find((one) => one.id === id);
    if (batch)
      return {
        name: batch.code,
        formula: workshop.formulas.find((one) => one.id === batch.formulaId) ?? null,
      };
    return { name: workshop.orders.find((one) => one.id === id)?.who ?? 'an order', formula: null };
  }

  /** Every planned step with what it takes, for the picture. */
  const bars = computed<readonly Bar[]>(() => {
    const found = answer.value;
    if (!found) return [];
    const jobs = new Map(problemIf(NO_WHAT_IF).jobs.map((job) => [job.id, job]));
    return found.steps.map((one) => {
      const step = jobs.get(one.job)?.steps.find(({ id }) => id === one.step);
      const { name, formula } = nameOfJob(one.job);
      const lock = locks.value.find((of) => of.job === one.job && of.step === one.step);
      // What a hand has just put somewhere stands there at once; the rest follows.
      const startMs = Date.parse(lock?.at ?? one.start);
      return {
        ...one,
        name,
        formulaId: formula?.id ?? null,
        startMs,
        endMs: startMs + Date.parse(one.end) - Date.parse(one.start),
        machine: step?.machine ?? null,
        places: step?.trayPlaces ?? 0,
        isLocked: lock !== undefined,
        isLate: (found.lateMin[one.job] ?? 0) > 0.5,
      };
    });
  });

  /** When an order is served by this plan, ms since 1970; null where nothing of it has to be done. */
  function readyMs(orderId: string): number | null {
    const ids = [
      orderId,
      ...(cover.value.orders.find(({ order }) => order.id === orderId)?.batchIds ?? []),
    ];
    const ends = bars.value.filter(({ job }) => ids.includes(job)).map(({ endMs }) => endMs);
    return ends.length > 0 ? Math.max(...ends) : null;
  }

  const whatIfLate = shallowRef<{
    readonly asked: WhatIf;
    readonly answer: PlanAnswer | string;
  } | null>(null);
  async function askWhatIf(asked: WhatIf): Promise<void> {
    const result = await startPlan(problemIf(asked), WHAT_IF_SECONDS, () => undefined).result;
    whatIfLate.value = { asked, answer: result.ok ? result.answer : result.problem };
  }

  /** Puts a step where a hand wants it, and plans the rest around it; says why it cannot. */
  function moveStep(job: string, step: string, atMs: number): string {
    const lock = { job, step, at: new Date(Math.max(startMs.value, atMs)).toISOString() };
    const next = [...locks.value.filter((one) => one.job !== job || one.step !== step), lock];
    const earlier = locks.value;
    setLocks(next);
    const why = lockProblem(problemIf(NO_WHAT_IF), job, clockMs);
    if (why) {
      setLocks(earlier);
      return why;
    }
    before.value = [...before.value, earlier];
    again();
    return '';
  }
  function unlock(job: string, step: string): void {
    before.value = [...before.value, locks.value];
    setLocks(locks.value.filter((one) => one.job !== job || one.step !== step));
    again();
  }
  function undo(): void {
    const last = before.value.at(-1);
    if (!last) return;
    before.value = before.value.slice(0, -1);
    setLocks(last);
    again();
  }
  function setLocks(next: readonly PlanLock[]): void {
    workshop.changeSettings({ plan: { ...workshop.settings.plan, locks: [...next] } });
  }

  const clockMs = () => performance.now();
  /** The latest start of the press of a bowl that still makes its order; null where it is late anyway. */
  const latestPress = (jobId: string) => latestPressMs(problemIf(NO_WHAT_IF), jobId, clockMs);

  return {
    startMs,
    answer,
    problem,
    share,
    hasFirst,
    hours,
    locks,
    loftPlaces,
    humidityPct,
    cover,
    drying,
    dryHours,
    bars,
    readyMs,
    nameOfJob,
    whatIfLate,
    canUndo: computed(() => before.value.length > 0),
    plan,
    cancel,
    askWhatIf,
    moveStep,
    unlock,
    undo,
    latestPress,
  };
});
