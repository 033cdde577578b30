<script setup lang="ts">
import { usePreferredReducedMotion } from '@vueuse/core';
import { computed, ref, toRef, useTemplateRef, watch } from 'vue';
import { stopwatch } from '@/core/basics/format/durations';
import type { Fineness } from '@/core/tub/frames';
import { sayNoFilm } from '@/core/tub/messages';
import { useActions } from '@/ui/actions/useActions';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useMaterials } from '@/ui/fields/materials';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { saveBlob } from '@/ui/frame/download';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { canRecord, drawStrip, pngOf, recordOf } from './exportFilm';
import FilmCanvas from './FilmCanvas.vue';
import FilmStills from './FilmStills.vue';
import FilmTimeline from './FilmTimeline.vue';
import FilmTable from './FilmTable.vue';
import { lyingSentence, momentLabel } from './filmMessages';
import { useFilm, type FilmSubject } from './useFilm';
import { SPEEDS, usePlayer } from './usePlayer';

/** A piece in its water, played: from above and cut, with its fizz curve as the time line; alone or beside another. */
const props = defineProps<{
  name: string;
  subject: FilmSubject;
  other?: { readonly name: string; readonly subject: FilmSubject } | null;
}>();
const { nameOf } = useMaterials();

const fineness = ref<Fineness>('fine');
const film = useFilm(toRef(props, 'subject'), fineness);
const second = useFilm(
  computed(() => props.other?.subject ?? null),
  fineness,
);
const films = computed(() => [
  { name: props.name, film },
  ...(props.other && second.plan.value ? [{ name: props.other.name, film: second }] : []),
]);
const plans = computed(() => films.value.flatMap((one) => one.film.plan.value ?? []));
const endS = computed(() => Math.max(1, ...plans.value.map(({ settledS }) => settledS)));
/** Recording is work of its own: a device is not judged by it. */
const recording = ref(false);
const player = usePlayer(
  endS,
  () => !recording.value && films.value.every((one) => one.film.isComplete.value),
);
const { seconds, saidS, isPlaying, speed } = player;
watch(player.isSlow, (slow) => {
  if (slow) fineness.value = 'coarse';
});

const motion = usePreferredReducedMotion();
const isStill = computed(() => motion.value === 'reduce');
const isRefused = ref(false);
const said = computed(() => {
  const [plan] = plans.value;
  const moment = film.momentOf(saidS.value);
  return plan && moment ? momentLabel(moment, plan) : '';
});
const speeds = SPEEDS.map((value) => ({ value, title: `${value}×` }));

const stage = useTemplateRef<HTMLElement>('stage');
const tops = useTemplateRef<InstanceType<typeof FilmCanvas>[]>('tops');
const problem = ref('');
const SAVES = [
  { value: 'frame', title: 'This picture', subtitle: 'PNG' },
  { value: 'strip', title: 'Eight pictures', subtitle: 'PNG, one strip' },
  { value: 'film', title: 'The film', subtitle: 'WebM, at the speed you chose' },
] as const;
const fileName = (what: string) => `${props.name.trim() || 'formula'} ${what}`;

async function save(what: string): Promise<void> {
  problem.value = '';
  const canvas = tops.value?.[0]?.canvas;
  if (!canvas || !stage.value) return;
  try {
    if (what === 'frame')
      saveBlob(
        fileName(`at ${stopwatch(seconds.value).replaceAll(':', '.')}.png`),
        await pngOf(canvas),
      );
    else if (what === 'strip') {
      const strip = drawStrip(film, stage.value);
      if (strip) saveBlob(fileName('strip.png'), await pngOf(strip));
    } else await record(canvas);
  } catch {
    problem.value = 'Couldn’t save it. The browser made no picture. Try again.';
  }
}

/** Plays it once from the beginning, and saves what was seen. */
async function record(canvas: HTMLCanvasElement): Promise<void> {
  if (!canRecord()) {
    problem.value = 'This browser can’t record a film. Save the eight pictures instead.';
    return;
  }
  player.seek(0);
  const recorder = recordOf(canvas);
  recording.value = true;
  player.play();
  await new Promise<void>((resolve) => {
    const end = watch(isPlaying, (playing) => {
      if (playing) return;
      end();
      resolve();
    });
  });
  const blob = await recorder.stop();
  recording.value = false;
  if (seconds.value < endS.value)
    problem.value = 'The film was stopped, so nothing was saved. Save it again and let it play.';
  else saveBlob(fileName('film.webm'), blob);
}

const play = computed(() => ({
  name: isPlaying.value ? 'Pause' : 'Play',
  key: 'p',
  run: player.toggle,
  isOff: plans.value.length === 0 || isStill.value,
}));
useActions(() => [play.value]);
</script>

<template>
  <div v-if="film.problem.value">
    <p class="quiet" role="status">{{ sayNoFilm(film.problem.value) }}</p>
    <slot name="leaves" />
  </div>
  <div v-else class="film">
    <section
      ref="stage"
      class="stage"
      aria-label="From above"
      :aria-busy="!films.every((one) => one.film.isComplete.value)"
    >
      <p v-if="isRefused" role="alert">
        This browser can’t draw the film. The figures beside it are the same.
      </p>
      <template v-else-if="isStill">
        <p class="quiet">Your system asks for less motion, so the film is eight pictures.</p>
        <template v-for="one in films" :key="one.name">
          <h3 v-if="films.length > 1">{{ one.name }}</h3>
          <FilmStills :film="one.film" />
        </template>
      </template>
      <div v-else class="tops" :class="{ two: films.length > 1 }">
        <figure v-for="one in films" :key="one.name">
          <FilmCanvas
            ref="tops"
            :film="one.film"
            :seconds="seconds"
            view="top"
            :label="`${one.name} from above, ${said}`"
            :is-sparse="player.isSlow.value"
            @refused="isRefused = true"
          />
          <figcaption v-if="films.length > 1">{{ one.name }}</figcaption>
        </figure>
      </div>
      <div class="controls">
        <ActionButton :action="play" is-main />
        <v-select v-model="speed" :items="speeds" label="Speed" class="speed" :disabled="isStill" />
        <slot name="controls" />
        <ActionMenu class="v-btn save" :items="SAVES" @choose="save">Save as a file</ActionMenu>
      </div>
      <p v-if="player.wasHidden.value" class="quiet" role="status">
        Paused while this page was hidden.
      </p>
      <p v-if="player.isSlow.value" class="quiet" role="status">
        This device is slow, so the film has fewer cells and bubbles. Its figures are the same.
      </p>
      <p v-if="recording" class="quiet" role="status">Recording. Let it play to the end.</p>
      <p v-if="film.isWaterLost.value" class="quiet" role="status">
        Couldn’t compute how the color spreads. The water has its mean color.
      </p>
      <ProblemLine :problem="problem" />
      <FilmTimeline v-model:seconds="seconds" :plans="plans" :end-s="endS" :said="said" />
    </section>
    <div class="beside">
      <section aria-label="Side view">
        <h2>Side view</h2>
        <figure v-for="one in films" :key="one.name">
          <FilmCanvas
            v-if="!isRefused"
            :film="one.film"
            :seconds="isStill ? saidS : seconds"
            view="side"
            :label="`${one.name} from the side, ${said}`"
            :is-sparse="player.isSlow.value"
          />
          <figcaption v-if="one.film.plan.value && one.film.momentOf(saidS)">
            <template v-if="films.length > 1">{{ one.name }}. </template
            >{{ lyingSentence(one.film.plan.value, one.film.momentOf(saidS)!) }}
          </figcaption>
        </figure>
      </section>
      <FilmTable :films="films" :seconds="saidS" :name-of="nameOf" />
      <slot name="leaves" />
    </div>
  </div>
</template>

<style scoped>
.film {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(280px, 380px);
  gap: 12px 36px;
}
figure {
  margin: 0;
}
figcaption {
  color: var(--mid);
  font-size: var(--text-plain);
}
.two :deep(.top) {
  height: 200px;
}
.tops.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 12px;
}
.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 12px 0 4px;
}
.speed {
  flex: 0 0 104px;
}
.controls :deep(.save) {
  height: 36px;
  padding: 0 12px;
  border: 1px solid var(--verdigris);
  border-radius: var(--radius-small);
  color: var(--verdigris);
  font-size: var(--text-plain);
  font-weight: 500;
}
h2 {
  margin-bottom: 6px;
}
@media (max-width: 1150px) {
  .film {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
