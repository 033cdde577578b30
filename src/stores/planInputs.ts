import { DAY_MS, HOUR_MS, dayOf, daysLater } from '@/core/basics/time';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { allLines } from '@/core/formula/model/edit';
import type { Formula } from '@/core/formula/model/schema';
import type { LooseStock } from '@/core/goods/products/given';
import { portionsOf } from '@/core/matter/materials/portion';
import { allocateStock, type Allocation } from '@/core/goods/planning/allocation';
import { mixFactor, pressMinutesEach } from '@/core/goods/planning/learned';
import { moldUse } from '@/core/goods/planning/moldUse';
import { problemFor } from '@/core/goods/planning/fromOrders';
import { stepsFor, withAheadSteps } from '@/core/goods/planning/steps';
import { aheadJobs, type AheadJob } from '@/core/workshop/shelf/madeAhead';
import type { PlanProblem } from '@/core/goods/planning/problem';
import { countOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import type { TrayForecast } from '@/core/batches/trays/trayForecast';
import { toolsOf, trayPlaces } from '@/core/workshop/shelf/workplace';
import { hoursUntilDry } from '@/core/batches/trays/forecastHours';
import type { Spread } from '@/core/basics/units/spread';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { formingMinutes } from '@/core/work/flow/minutes';
import { workOf } from '@/core/work/flow/workOf';
import { useBowlsStore } from './bowls';
import { useGoodsStore } from './goods';
import { nowIso, today } from './now';
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

const FIVE_MIN_MS = 300_000;
/** Nobody has said who works when: one pair of hands on weekdays. */
const SOMEBODY: Settings['plan']['hours'][number] = {
  name: 'Someone',
  from: '08:00',
  to: '17:00',
  days: [1, 2, 3, 4, 5],
  away: [],
};
const USUAL_TRAYS = 4;
/** What can be ready a day before it is wanted, is. Rovack estimate. */
const CUSHION_MIN = 24 * 60;
const ZONE_DAYS = 200;

/** When clocks are put on or back in the months to come. */
function zonesFrom(fromMs: number): { from: string; zoneMin: number }[] {
  const zones: { from: string; zoneMin: number }[] = [];
  let before = -new Date(fromMs).getTimezoneOffset();
  for (let hour = 1; hour < ZONE_DAYS * 24; hour++) {
    const at = fromMs + hour * HOUR_MS;
    const zoneMin = -new Date(at).getTimezoneOffset();
    if (zoneMin !== before) zones.push({ from: new Date(at).toISOString(), zoneMin });
    before = zoneMin;
  }
  return zones;
}

const after = (fromMs: number, { low, best, high }: Spread): Spread => ({
  low: fromMs + low * HOUR_MS,
  best: fromMs + best * HOUR_MS,
  high: fromMs + high * HOUR_MS,
});

/** What is to be done: where open orders come from, and the problem a plan has to solve. */
export const usePlanInputsStore = defineStore('planInputs', () => {
  const workshop = useWorkshopStore();
  const goods = useGoodsStore();
  const trays = useTraysStore();
  const room = useRoomStore();

  /** The moment the plan starts from: held, so that nothing moves under a hand. */
  const startMs = ref(Math.ceil(Date.parse(nowIso()) / FIVE_MIN_MS) * FIVE_MIN_MS);
  // A page that is left open over night begins the next day with it.
  watch(today, fromNow);
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

  const shelf = useShelfStore();
  const { requestOf, moldOf: shelfMoldOf, bowlFor } = useBowlsStore();
  const bowlPieces = (formula: Formula) => {
    const found = bowlFor(formula);
    return found.ok ? found.value.pieces : null;
  };

  /** What has to be made before each bowl, one after the other: each takes what the shelf has left. */
  function aheadByBowl(): (formula: Formula) => readonly AheadJob[] {
    const stock = new Map(shelf.usable);
    return (formula) => {
      const found = bowlFor(formula);
      const needs = found.ok ? found.value.needs : [];
      const jobs = aheadJobs(needs, workshop.materials, stock);
      for (const { materialId, massG } of needs)
        stock.set(materialId, Math.max(0, (stock.get(materialId) ?? 0) - massG));
      return jobs;
    };
  }

  const bowlMass = (formula: Formula) => {
    const found = bowlFor(formula);
    return found.ok ? { bowlG: found.value.needs.reduce((sum, { massG }) => sum + massG, 0) } : {};
  };

  /** At the bench and not counted yet: on their way as planned. */
  const atTheBench = computed(() =>
    workshop.batches.filter((batch) => batch.outcome === 'at-the-bench' && countOf(batch) === null),
  );
  const coming = computed<readonly LooseStock[]>(() => [
    ...goods.looseToPromise,
    ...atTheBench.value.map((batch) => ({
      batch,
      left: { good: batch.plan.pieces, second: 0, sampler: 0 },
    })),
  ]);
  /** When each batch that is not dry yet will be, ms since 1970; null where it never will. */
  const drying = computed<ReadonlyMap<string, Spread | null>>(
    () =>
      new Map([
        ...trays.onTrays.flatMap((batch) => {
          const forecast = trays.forecastOf(batch, startMs.value);
          const dry = forecast && wrapAtMs(batch, forecast);
          return !dry || dry.high > startMs.value ? [[batch.id, dry ?? null] as const] : [];
        }),
        ...atTheBench.value.map((batch) => {
          const formula = workshop.formulas.find(({ id }) => id === batch.formulaId);
          const hours = formula ? dryHours(formula, humidityPct.value) : null;
          return [batch.id, hours && after(startMs.value, hours)] as const;
        }),
      ]),
  );

  /** When it may be wrapped: dry, and with what was put on it dry too. */
  function wrapAtMs(batch: Batch, forecast: TrayForecast): Spread | null {
    const dry = forecast.dryAtMs;
    const fromMs =
      trays.tendingsOf(batch, forecast, startMs.value).find(({ what }) => what === 'wrap')
        ?.fromMs ?? 0;
    if (dry === null) return null;
    const later = (ms: number) => Math.max(ms, fromMs);
    return { low: later(dry.low), best: later(dry.best), high: later(dry.high) };
  }

  const cover = computed<Allocation>(() =>
    allocateStock({
      orders: workshop.orders.filter(({ due }) => Date.parse(due) > startMs.value - 60 * DAY_MS),
      units: workshop.units,
      goods: workshop.goods,
      wrapped: goods.toPromise,
      loose: coming.value,
      isDrying: (id) => drying.value.has(id),
      formulas: workshop.formulas,
      bowlPieces,
    }),
  );

  /** Hours a formula’s pieces dry at a humidity, with their band; null where they never do. */
  function dryHours(formula: Formula, pct: number): Spread | null {
    const { body } = formula;
    return hoursUntilDry(
      portionsOf(workshop.catalog, body.parts[0]?.lines ?? []),
      requestOf(formula).mold,
      body.method,
      { humidityPct: pct, tempC: room.dryingRoom?.tempC ?? workshop.settings.tempC },
      trays.taught,
    );
  }

  const pressMinEach = computed(() => pressMinutesEach(workshop.batches)?.value ?? null);
  const ownMixFactor = computed(() => mixFactor(workshop.batches, workshop.catalog)?.value ?? 1);

  /** The problem as it stands, with no questions beside it. */
  const problem = computed(() => problemIf(NO_WHAT_IF));

  const batchOf = (id: string) => coming.value.find(({ batch }) => batch.id === id)?.batch ?? null;

  function problemIf(asked: WhatIf): PlanProblem {
    const pct = asked.humidityPct ?? humidityPct.value;
    const mixers = toolsOf(workshop.tools, 'mixer').length + (asked.secondMixer ? 1 : 0);
    const presses = toolsOf(workshop.tools, 'press').length;
    const week = Array.from({ length: 7 }, (_, day) => daysLater(dayOf(startMs.value), day));
    const aheadOf = aheadByBowl();
    return problemFor({
      cover: cover.value,
      startIso: new Date(startMs.value).toISOString(),
      people: hours.value.map(({ name, from, to, rest, mostBowls, days, away }) => ({
        id: name,
        from,
        to,
        ...(rest && { rest }),
        ...(mostBowls && { mostBowls }),
        days,
        away: name === asked.away ? [...away, ...week] : away,
      })),
      machines: {
        ...(mixers > 0 && { mixer: mixers }),
        ...(presses > 0 && { press: presses }),
      },
      trayPlaces: loftPlaces.value,
      molds: Object.fromEntries(workshop.molds.map(({ id, cavities }) => [id, cavities])),
      zoneMin: -new Date(startMs.value).getTimezoneOffset(),
      zones: zonesFrom(startMs.value),
      cushionMin: CUSHION_MIN,
      stepsOf: ({ formula, pieces, wrapMinutes }) =>
        withAheadSteps(
          stepsFor(
            workOf(formula.body, {
              catalog: workshop.catalog,
              pieces,
              fillMin: formingMinutes(
                formula.body.method,
                pieces,
                shelfMoldOf(requestOf(formula))?.cavities ?? null,
              ),
              ...bowlMass(formula),
              weighG: new Map(allLines(formula.body).map(({ id, massG }) => [id, massG])),
              counted: new Set(),
            }).operations,
            {
              places: formula.body.method === 'loose' ? trayPlaces(workshop.tools) : pieces,
              dryHours: dryHours(formula, pct)?.high ?? null,
              pressMinEach: pressMinEach.value,
              mixFactor: ownMixFactor.value,
              mold: moldUse(formula.body.method, pieces, shelfMoldOf(requestOf(formula))),
              pieces,
              wrapMinutes,
              hasMixer: mixers > 0,
              hasPress: presses > 0,
            },
          ),
          aheadOf(formula),
        ),
      dryAtMs: (id) => drying.value.get(id)?.high ?? null,
      placesOf: (id) => batchOf(id)?.plan.pieces ?? 0,
      moldOf: (id) => {
        const batch = batchOf(id);
        return batch && moldUse(batch.body.method, batch.plan.pieces, shelfMoldOf(batch.request));
      },
      locks: locks.value,
    });
  }

  /** When a job’s pieces are dry if they begin to dry then, ms since 1970; null where it never is or nothing dries. */
  function dryMs(job: string, fromMs: number): Spread | null {
    const known = drying.value.get(job);
    if (known !== undefined) return known;
    const { formula } = nameOfJob(job);
    const hours = formula && dryHours(formula, humidityPct.value);
    return hours && after(fromMs, hours);
  }

  /** The plan begins now. */
  function fromNow(): void {
    startMs.value = Math.ceil(Date.parse(nowIso()) / FIVE_MIN_MS) * FIVE_MIN_MS;
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

  return {
    startMs,
    hours,
    locks,
    loftPlaces,
    humidityPct,
    cover,
    drying,
    dryHours,
    dryMs,
    problem,
    problemIf,
    fromNow,
    nameOfJob,
  };
});
