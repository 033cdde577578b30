<script setup lang="ts">
import { computed } from 'vue';
import type { Evaluation } from '@/core/results/evaluation/types';
import type { Family } from '@/core/formula/model/schema';
import WindowInstrument from '@/ui/charts/WindowInstrument.vue';
import { instrumentsOf } from './readingsMessages';

const props = defineProps<{ evaluation: Evaluation; family: Family }>();
const instruments = computed(() => instrumentsOf(props.evaluation, props.family));
</script>

<template>
  <aside class="readings" aria-label="Results">
    <WindowInstrument v-for="reading in instruments" :key="reading.title" v-bind="reading" />
  </aside>
</template>
