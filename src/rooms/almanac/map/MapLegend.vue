<script setup lang="ts">
import { OUTCOMES_SEEN, type OutcomeSeen } from '@/core/goods/archive/findBatches';
import { useAlmanacStore } from '@/stores/almanac';
import { OUTCOME_SEEN_WORDS } from '../outcomeWords';
import { MARK_PATHS } from './mapGeometry';

/** What the shapes and the colors of the map stand for; each is a filter too. */
defineProps<{
  /** The formula whose range is drawn. */
  formulaName: string | null;
  hasOwn: boolean;
  colorOf: (formulaId: string) => string;
}>();
const almanac = useAlmanacStore();
const MOST_FORMULAS = 14;
const turnOutcome = (outcome: OutcomeSeen) =>
  almanac.ask({ outcome: almanac.filter.outcome === outcome ? null : outcome });
const turnFormula = (formulaId: string) =>
  almanac.ask({ formulaId: almanac.filter.formulaId === formulaId ? null : formulaId });
</script>

<template>
  <div class="legend" role="group" aria-label="Legend">
    <button
      v-for="outcome in OUTCOMES_SEEN"
      :key="outcome"
      type="button"
      :aria-pressed="almanac.filter.outcome === outcome"
      @click="turnOutcome(outcome)"
    >
      <svg viewBox="-8 -8 16 16" width="16" height="16" aria-hidden="true">
        <path :d="MARK_PATHS[outcome]" class="shape" /></svg
      >{{ OUTCOME_SEEN_WORDS[outcome] }}
    </button>
    <button
      v-for="{ id, name } in almanac.formulas.slice(0, MOST_FORMULAS)"
      :key="id"
      type="button"
      :aria-pressed="almanac.filter.formulaId === id"
      @click="turnFormula(id)"
    >
      <i :style="{ background: colorOf(id) }"></i>{{ name }}
    </button>
    <span v-if="formulaName" class="key"
      ><svg viewBox="0 0 26 12" width="26" height="12" aria-hidden="true">
        <path d="M0 6H26" class="dashed" /></svg
      >Range of {{ formulaName }}, estimate</span
    >
    <span v-if="formulaName && hasOwn" class="key"
      ><svg viewBox="0 0 26 12" width="26" height="12" aria-hidden="true">
        <rect width="26" height="12" class="own" />
        <path d="M0 6H26" class="aim" /></svg
      >yours, with its target</span
    >
    <span v-if="formulaName" class="key"
      ><svg viewBox="-8 -8 16 16" width="16" height="16" aria-hidden="true">
        <circle r="6" class="ring" /></svg
      >the formula today</span
    >
  </div>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
  align-items: center;
  font-size: var(--text-plain);
}
button,
.key {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
  padding: 0 8px;
}
button {
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
button[aria-pressed='true'] {
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 4px;
}
.shape {
  fill: var(--paper);
  stroke: var(--ink);
}
i {
  width: 14px;
  height: 14px;
  border: 1px solid var(--ink);
  border-radius: var(--radius-small);
}
.dashed {
  stroke: var(--mid);
  stroke-dasharray: 5 4;
  stroke-width: 2;
}
.own {
  fill: var(--verdigris);
  opacity: 0.25;
}
.aim {
  stroke: var(--verdigris);
  stroke-width: 2;
}
.ring {
  fill: none;
  stroke: var(--rust);
  stroke-width: 3;
}
</style>
