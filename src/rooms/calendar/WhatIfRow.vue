<script setup lang="ts">
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref } from 'vue';
import { formatMinutes } from '@/core/basics/format/durations';
import { formatPercent } from '@/core/basics/format/numbers';
import { useCalendarStore } from '@/stores/calendar';
import { NO_WHAT_IF, usePlanInputsStore, type WhatIf } from '@/stores/planInputs';
import NumberField from '@/ui/fields/NumberField.vue';

/** Questions beside the plan: damper air, a pair of hands less, a machine more. */
const calendar = useCalendarStore();
const planInputs = usePlanInputsStore();

const humidityPct = ref(60);
const away = ref<string | null>(null);
const isAsking = ref(false);
const names = computed(() => planInputs.hours.map(({ name }) => name));
const whose = computed(() => away.value ?? names.value[0] ?? null);

async function ask(change: Partial<WhatIf>): Promise<void> {
  isAsking.value = true;
  await calendar.askWhatIf({ ...NO_WHAT_IF, ...change });
  isAsking.value = false;
}

function sayAsked({ humidityPct: pct, away: who }: WhatIf): string {
  if (pct !== null) return `With the drying room at ${formatPercent(pct, 0)}`;
  return who ? `With ${who} away for a week` : 'With a second mixer';
}
const said = computed(() => {
  const found = calendar.whatIfLate;
  if (!found) return '';
  const what = sayAsked(found.asked);
  const { answer } = found;
  if (typeof answer === 'string') return `${what}, there is no plan: ${answer}.`;
  const hours = (answer.weightedLateMin - (calendar.answer?.weightedLateMin ?? 0)) / 60;
  if (Math.abs(hours) < 0.1) return `${what}, nothing changes for the orders.`;
  return hours > 0
    ? `${what}, the orders are ${formatMinutes(hours * 60)} later in all.`
    : `${what}, the orders are ${formatMinutes(-hours * 60)} less late in all.`;
});
</script>

<template>
  <div class="no-print">
    <div class="row" role="group" aria-label="What if">
      <b>What if</b>
      <AppForm class="asked" @submit="ask({ humidityPct })">
        <NumberField
          v-model="humidityPct"
          label="Drying room at"
          unit="%"
          :min="5"
          :max="95"
          :decimals="0"
          class="number"
        />
        <v-btn size="small" :loading="isAsking" type="submit"
          >Check<span class="visually-hidden"> the drying room</span></v-btn
        >
      </AppForm>
      <v-select
        v-if="names.length > 1"
        v-model="away"
        :items="names"
        :placeholder="whose ?? ''"
        persistent-placeholder
        label="Away for a week"
        hide-details
        class="who"
      />
      <v-btn
        v-if="whose"
        size="small"
        :loading="isAsking"
        :aria-label="`What if ${whose} is away`"
        @click="ask({ away: whose })"
        >{{ names.length > 1 ? 'Check' : `${whose} is away for a week` }}</v-btn
      >
      <v-btn size="small" :loading="isAsking" @click="ask({ secondMixer: true })"
        >Add a second mixer</v-btn
      >
    </div>
    <p v-if="said" role="status" class="said">{{ said }}</p>
  </div>
</template>

<style scoped>
.asked {
  display: contents;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
}
.number {
  flex: 0 0 150px;
}
.who {
  flex: 0 0 200px;
  margin-left: 8px;
}
.said {
  margin: 6px 0;
  font-weight: 700;
}
</style>
