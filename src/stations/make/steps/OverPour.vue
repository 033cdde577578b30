<script setup lang="ts">
import { readoutOf } from '@/core/work/weighing/readout';
import HandButton from '@/ui/kit/HandButton.vue';
import { computed } from 'vue';
import { READING_WORDS, sayReading } from '@/core/results/evaluation/readings';
import { readingsIfKept, type KeptReading } from '@/core/batches/cures/ifKept';
import type { WeighStep } from '@/core/work/bench-steps/stepSchema';
import { rescalingFor } from '@/core/batches/records/rescaling';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { formatFixed } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

/** Too much is on the scale: three ways out, each with what it costs. */
const props = defineProps<{ batch: Batch; step: WeighStep; massG: number }>();
const emit = defineEmits<{ takeOut: []; scaleUp: []; keep: [] }>();
const bench = useBenchStore();

const readout = computed(() => readoutOf(props.step.stepG, props.step.targetG));
const overG = computed(() => props.massG - props.step.targetG);
const rescaling = computed(() => rescalingFor(props.batch, props.step, props.massG));
const topUps = computed(
  () => rescaling.value?.steps.filter(({ isWeighed, stillG }) => isWeighed && stillG > 0) ?? [],
);
const ahead = computed(() => rescaling.value?.steps.filter(({ isWeighed }) => !isWeighed) ?? []);
const readings = computed(() =>
  bench.conditions
    ? readingsIfKept(props.batch, props.step, props.massG, bench.conditions).filter(
        ({ kept }) => kept.value !== null,
      )
    : [],
);

/** Does something stand out of it? */
const isLoud = ({ kept }: KeptReading) => kept.findings.length > 0;
</script>

<template>
  <section class="over" aria-label="Too much">
    <div class="way">
      <HandButton is-big @click="emit('takeOut')">
        Take out {{ readout.say(overG) }} <kbd>1</kbd>
      </HandButton>
      <p>Spoon it off a dry heap. Never take it out of the mix.</p>
    </div>
    <div class="way">
      <HandButton is-big :disabled="!rescaling" @click="emit('scaleUp')">
        Scale up the rest <kbd>2</kbd>
      </HandButton>
      <template v-if="rescaling">
        <p>
          Multiply by {{ formatFixed(rescaling.factor, 3) }}, from
          {{ formatMass(rescaling.fromTotalG) }} to {{ formatMass(rescaling.toTotalG) }}.
        </p>
        <ul class="plain-list" tabindex="0" aria-label="Amounts or results">
          <li v-for="one in topUps" :key="one.stepId">
            {{ one.title }} <b>+{{ formatMass(one.stillG) }}</b>
          </li>
          <li v-for="one in ahead" :key="one.stepId">
            {{ one.title }} <b>{{ formatMass(one.toG) }}</b>
            <span class="was">was {{ formatMass(one.fromG) }}</span>
          </li>
        </ul>
      </template>
      <p v-else>There is nothing else in this section to scale.</p>
    </div>
    <div class="way">
      <HandButton is-big @click="emit('keep')"> Use this weight <kbd>3</kbd> </HandButton>
      <ul class="plain-list" tabindex="0" aria-label="Amounts or results">
        <li v-for="row in readings" :key="row.id" :class="{ out: isLoud(row) }">
          {{ READING_WORDS[row.id].name }} <b>{{ sayReading(row.id, row.kept.value) }}</b>
          <span class="was">{{
            isLoud(row) ? 'out of its range' : `planned ${sayReading(row.id, row.planned.value)}`
          }}</span>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.over {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 22px;
  margin-top: 18px;
}
.way > button {
  width: 100%;
  min-height: 72px;
  font-size: var(--text-headline);
}
p,
li {
  margin: 8px 0 0;
  font-size: var(--text-lead);
}
ul {
  max-height: max(96px, calc(100vh - 668px));
  overflow-y: auto;
}
li {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
b {
  margin-left: auto;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.was {
  min-width: 104px;
  color: #b9c5bf;
  font-size: var(--text-body);
}
.out b,
.out .was {
  color: #ee8a6c;
}
@media (max-width: 1150px) {
  .over {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
