<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { BenchStep } from '@/core/making';
import { roomOf, settlingEntries, type Batch } from '@/core/records';
import { useBenchStore } from '@/stores/bench';
import SaveMark from '@/ui/SaveMark.vue';
import BenchProgress from './BenchProgress.vue';
import CountStep from './steps/CountStep.vue';
import DoStep from './steps/DoStep.vue';
import MixStep from './steps/MixStep.vue';
import RoomStep from './steps/RoomStep.vue';
import SqueezeStep from './steps/SqueezeStep.vue';
import WeighStep from './steps/WeighStep.vue';

const props = defineProps<{ batch: Batch; step: BenchStep }>();
const bench = useBenchStore();
const router = useRouter();

const room = computed(() => roomOf(props.batch));
const isSettled = computed(() => settlingEntries(props.batch, props.step.id).length > 0);

const heading = useTemplateRef<HTMLElement>('heading');

/** The pedal's space must not press the button of the step before: each step begins at its heading, or in its field. */
watch(
  () => props.step.id,
  async () => {
    await nextTick();
    if (!document.activeElement?.closest('input')) heading.value?.focus();
  },
);

async function leave(): Promise<void> {
  await router.push({ name: 'batch', params: { batchId: props.batch.id } });
}
</script>

<template>
  <div class="screen">
    <BenchProgress :batch="batch" />
    <div class="line">
      <p>
        {{ batch.formulaName }} · {{ batch.code }} · step {{ batch.currentStep + 1 }} of
        {{ batch.steps.length }} <SaveMark />
      </p>
      <p v-if="room">{{ room.humidityPct }} % {{ room.tempC }} °C</p>
    </div>
    <div class="heading">
      <h1 ref="heading" tabindex="-1">{{ step.title }}</h1>
      <p class="note">{{ step.note }}</p>
    </div>
    <!-- A step is a fresh screen: its own scale, its own fields. -->
    <RoomStep v-if="step.kind === 'room'" :key="step.id" :batch="batch" />
    <WeighStep v-else-if="step.kind === 'weigh'" :key="step.id" :step="step" />
    <DoStep v-else-if="step.kind === 'do'" :key="step.id" />
    <MixStep v-else-if="step.kind === 'mix'" :key="step.id" :batch="batch" :step="step" />
    <SqueezeStep v-else-if="step.kind === 'squeeze'" :key="step.id" :batch="batch" :step="step" />
    <CountStep v-else :key="step.id" :batch="batch" />
    <nav class="ways" aria-label="Steps">
      <button type="button" :disabled="batch.currentStep === 0" @click="bench.back">
        Back a step
      </button>
      <button v-if="isSettled" type="button" @click="bench.on">On again</button>
      <button type="button" @click="bench.settle({ kind: 'skipped' })">Skip this step</button>
      <button type="button" @click="leave">Leave the bench</button>
    </nav>
  </div>
</template>

<style scoped>
.screen {
  --verdigris: var(--mint);
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  padding: 26px 40px 18px;
  background: #1f2c2b;
  color: #f4f1e8;
}
.line {
  display: flex;
  justify-content: space-between;
  gap: 20px;
  color: #b9c5bf;
  font-size: 18px;
}
.line p {
  margin: 8px 0 0;
}
.line p:last-child {
  white-space: nowrap;
}
.line :deep(.failed) {
  color: #ee8a6c;
}
.heading {
  margin: 26px 0 0;
}
h1 {
  font-size: clamp(34px, 5vw, 62px);
  line-height: 1.1;
}
h1:focus {
  outline: none;
}
.note {
  max-width: 900px;
  margin: 6px 0 0;
  color: #c8d2cc;
  font-size: 22px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 14px;
}
.ways button {
  min-height: 44px;
  padding: 0 14px;
  border: 0;
  background: none;
  color: #b9c5bf;
  font: inherit;
  font-size: 16px;
  cursor: pointer;
}
.ways button:hover {
  color: #f4f1e8;
}
.ways button:disabled {
  opacity: 0.5;
}
</style>
<style>
/* Shared by every step of the bench: what is pressed with a gloved hand. */
.screen .hand {
  display: inline-flex;
  align-items: center;
  justify-content: space-between;
  gap: 26px;
  min-height: 84px;
  padding: 0 24px;
  border: 2px solid #8f9f98;
  border-radius: 6px;
  background: none;
  color: #f4f1e8;
  font: 650 28px/1.15 var(--font-heading);
  text-align: left;
  cursor: pointer;
}
.screen .hand.main {
  border-color: #70c2ad;
  background: #70c2ad;
  color: #14201f;
}
.screen .hand:disabled {
  opacity: 0.45;
  cursor: default;
}
.screen .hand kbd {
  font: 500 16px var(--font-body);
  opacity: 0.85;
}
.screen .hands {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  margin-top: auto;
  padding-top: 18px;
}
.screen :focus-visible {
  outline-color: #f4f1e8;
}
.screen .fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 260px));
  gap: 24px;
  margin-top: 32px;
}
.screen .field label {
  display: block;
  color: #c8d2cc;
  font-size: 18px;
}
.screen .field input {
  width: 100%;
  height: 84px;
  padding: 0 18px;
  border: 2px solid #8f9f98;
  border-radius: 6px;
  background: #17211f;
  color: #f4f1e8;
  font: 700 44px var(--font-heading);
  font-variant-numeric: tabular-nums;
}
.screen .problem {
  color: #ee8a6c;
  font-size: 20px;
}
</style>
