import { useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch, type Ref } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Conditions } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { gridSizeOf, KEY_FRAMES, type Fineness } from '@/core/tub/frames';
import { filmPlan, momentAt, type FilmMoment, type FilmPlan } from '@/core/tub/plan';
import { VESSELS_OF, type VesselKind } from '@/core/tub/vessel';

import { useWorkshopStore } from '@/stores/workshop';
import { sceneOf, type Scene } from '@/ui/film/scene';
import { startFilm } from '@/workers/startFilm';
import { waterPicture } from './waterPicture';

/** What a film is made of. */
export interface FilmSubject {
  readonly body: FormulaBody;
  readonly conditions: Conditions;
  /** The usual vessel of the family when left out. */
  readonly vessel?: VesselKind;
  readonly shape: Scene['shape'];
}

/** Edits come fast: the water is stepped again once they rest. */
const RESTS_MS = 350;

/** The film of a piece: its plan at once, its water as the worker steps it. */
export function useFilm(
  subject: Readonly<Ref<FilmSubject | null>>,
  fineness: Readonly<Ref<Fineness>>,
) {
  const workshop = useWorkshopStore();
  const film = computed(() => {
    const of = subject.value;
    if (!of) return null;
    return filmPlan(of.body, of.conditions, evaluate(of.body, of.conditions), vesselFor(of));
  });
  const plan = computed(() => (film.value?.ok ? film.value.value : null));
  const problem = computed(() => (film.value?.ok === false ? film.value.problem : null));
  const scene = computed(() => plan.value && sceneOf(plan.value, subject.value?.shape ?? 'ball'));
  const frames = shallowRef<readonly Uint8ClampedArray[]>([]);
  /** The worker could not be asked: everything but the spreading of the dyes is still shown. */
  const isWaterLost = ref(false);
  let cancel: (() => void) | null = null;
  let latest = 0;

  function stepWater(): void {
    cancel?.();
    cancel = null;
    const of = subject.value;
    if (!of || !plan.value || plan.value.vessel.kind === 'tray') return;
    isWaterLost.value = false;
    let mine: Uint8ClampedArray[] = [];
    // A packet on its way when its worker was stopped is of a film that is over.
    const asked = ++latest;
    try {
      const run = startFilm(
        toRaw(of.body),
        { ...of.conditions },
        [...workshop.materials],
        vesselFor(of),
        fineness.value,
        (packet) => {
          if (asked !== latest) return;
          mine = [...mine, ...packet];
          frames.value = mine;
        },
      );
      cancel = run.cancel;
      run.result.catch(() => (isWaterLost.value = true));
    } catch {
      // A browser without workers.
      isWaterLost.value = true;
    }
  }
  const later = useDebounceFn(stepWater, RESTS_MS);
  /** A press of the stopwatch makes the plan anew: its water is stepped again only where it is another. */
  const water = computed(() => plan.value && waterKey(plan.value));
  watch(
    [water, fineness],
    ([next], [before]) => {
      frames.value = [];
      latest++;
      if (next === null) cancel?.();
      else if (before === null || before === undefined) stepWater();
      else void later();
    },
    { immediate: true },
  );
  onScopeDispose(() => cancel?.());

  const picture = waterPicture();
  /** The water at a moment as a picture; null while there is none. */
  function waterAt(seconds: number): CanvasImageSource | null {
    const of = plan.value;
    if (!of || frames.value.length === 0) return null;
    const at = Math.min(1, Math.max(0, seconds / of.settledS)) * (KEY_FRAMES - 1);
    return picture.between(frames.value, at, gridSizeOf(of.vessel, fineness.value));
  }
  const momentOf = (seconds: number): FilmMoment | null =>
    plan.value && momentAt(plan.value, seconds);
  const isComplete = computed(
    () => plan.value?.vessel.kind === 'tray' || frames.value.length === KEY_FRAMES,
  );
  return { plan, problem, scene, frames, isComplete, isWaterLost, waterAt, momentOf };
}
export type Film = ReturnType<typeof useFilm>;

/** What the water of a film depends on: the same for the same. */
function waterKey({ vessel, volumeL, wear, layers, gasMl, afloatFromS, seed }: FilmPlan): string {
  const dyes = layers.map(({ place, massG, portions }) => [
    place,
    massG,
    ...portions.flatMap(({ material, massG: grams }) =>
      material.role === 'color' ? [material.id, grams] : [],
    ),
  ]);
  return JSON.stringify([vessel, volumeL, wear, dyes, gasMl, afloatFromS, seed]);
}

function vesselFor({ body, vessel }: FilmSubject): VesselKind {
  const allowed: readonly VesselKind[] = VESSELS_OF[body.family];
  return vessel && allowed.includes(vessel) ? vessel : VESSELS_OF[body.family][0];
}
