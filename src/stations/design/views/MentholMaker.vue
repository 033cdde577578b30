<script setup lang="ts">
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue';
import { MOST_MENTHOL_PCT, mentholSolution } from '@/core/results/scent/blend';
import { formatMass } from '@/core/basics/format/quantities';
import NumberField from '@/ui/fields/NumberField.vue';
import type { PremixWish } from '@/shared/premixWish';

/** Loaded when first asked for. */
const PremixDialog = defineAsyncComponent(() => import('@/shared/PremixDialog.vue'));

const strengthPct = ref(25);
const massG = ref(100);
const wish = shallowRef<PremixWish | null>(null);
const kept = ref('');
const fits = ref(true);
const solution = computed(() => mentholSolution(strengthPct.value, massG.value));

function keep(): void {
  if (!fits.value) return;
  wish.value = {
    materialId: 'menthol',
    carrierId: 'isopropyl-alcohol-99',
    strengthPct: strengthPct.value,
    makeG: massG.value,
  };
}
</script>

<template>
  <div class="menthol" role="group" aria-label="Menthol solution">
    <h3>Menthol solution</h3>
    <AppForm v-model:fits="fits" class="fields">
      <NumberField
        v-model="strengthPct"
        label="Strength"
        unit="%"
        :min="1"
        :max="MOST_MENTHOL_PCT"
        :decimals="1"
      />
      <NumberField v-model="massG" label="Solution" unit="g" :min="1" :max="20000" />
    </AppForm>
    <p class="small">
      <b class="tabular">{{ formatMass(solution.mentholG) }}</b> of crystals in
      <b class="tabular">{{ formatMass(solution.alcoholG) }}</b> of 99% alcohol. Wear gloves. No
      flame. Keep it closed while it dissolves.
    </p>
    <v-btn size="small" @click="keep">Create a premix</v-btn>
    <p v-if="kept" class="small" role="status">
      {{ kept }} is on the shelf. On Scale, choose it for the menthol.
    </p>
    <PremixDialog
      v-if="wish"
      :wish="wish"
      note="Keep it closed and warm, away from flames. It is done when it is clear."
      @made="
        (lot) => {
          kept = lot.code;
          wish = null;
        }
      "
      @close="wish = null"
    />
  </div>
</template>

<style scoped>
h3 {
  margin: 16px 0 6px;
  font: 700 var(--text-plain) var(--font-body);
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.small {
  margin: 6px 0;
  font-size: var(--text-plain);
}
</style>
