<script setup lang="ts">
import { computed, ref } from 'vue';
import { MOST_MENTHOL_PCT, mentholSolution } from '@/core/scent';
import { formatGrams } from '@/ui/format';
import NumberField from '@/ui/NumberField.vue';

const strengthPct = ref(25);
const massG = ref(100);
const solution = computed(() => mentholSolution(strengthPct.value, massG.value));
</script>

<template>
  <div class="menthol" role="group" aria-label="Menthol solution">
    <h3>Menthol solution</h3>
    <div class="fields">
      <NumberField
        v-model="strengthPct"
        label="Strength, %"
        :min="1"
        :max="MOST_MENTHOL_PCT"
        :decimals="1"
      />
      <NumberField v-model="massG" label="Solution, g" :min="1" :max="20000" />
    </div>
    <p class="small">
      <b class="tabular">{{ formatGrams(solution.mentholG) }} g</b> of crystals in
      <b class="tabular">{{ formatGrams(solution.alcoholG) }} g</b> of 99 % alcohol. Gloves, no
      flame, closed while it dissolves.
    </p>
  </div>
</template>

<style scoped>
h3 {
  margin: 16px 0 6px;
  font: 700 14px var(--font-body);
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.small {
  margin: 6px 0;
  font-size: 14px;
}
</style>
