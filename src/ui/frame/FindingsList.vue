<script setup lang="ts">
import { computed } from 'vue';
import { sayFinding } from '@/core/results/evaluation/messages';
import type { Finding, Fix } from '@/core/results/evaluation/types';
import { NOTE_PLACES, notePlaceOf, type NotePlace } from '@/core/results/evaluation/notePlaces';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';

const { sentenceNameOf } = useMaterials();

const props = defineProps<{
  findings: readonly Finding[];
  /** What stands around it is headed already. */
  hasNoTitle?: boolean;
}>();
const emit = defineEmits<{ fix: [fix: Fix]; preview: [fix: Fix | null] }>();

/** A few notes lie open where nothing is to mend; many wait to be asked. */
const SHOWN_AT_ONCE = 3;
const WORDS = { stop: 'Stop', warning: 'Warning', advice: 'Tip', info: 'Tip' } as const;

const said = computed(() =>
  props.findings.map((finding) => ({ ...finding, ...sayFinding(finding) })),
);
const loud = computed(() => said.value.filter(({ severity }) => severity !== 'info'));
const notes = computed(() => said.value.filter(({ severity }) => severity === 'info'));
const NOTE_WORDS: Readonly<Record<NotePlace, string>> = {
  label: 'For the label',
  bench: 'At the bench',
  formula: 'About the formula',
};
const groups = computed(() =>
  NOTE_PLACES.map((place) => ({
    place,
    notes: notes.value.filter(({ code }) => notePlaceOf(code) === place),
  })).filter((group) => group.notes.length > 0),
);

/** A cure rounded up to what a 0.1 g scale can weigh, so that it really cures. */
function weighable({ materialId, massG }: Fix): Fix {
  const step = massG >= 100 ? 1 : 0.1;
  return { materialId, massG: Number((Math.ceil(massG / step - 1e-9) * step).toFixed(1)) };
}
</script>

<template>
  <section class="findings" aria-label="Checks">
    <h2 v-if="!hasNoTitle">Checks</h2>
    <p v-if="loud.length === 0" class="quiet">Everything is OK.</p>
    <ul class="plain-list">
      <li v-for="finding in loud" :key="finding.code" class="finding" :class="finding.severity">
        <span class="severity">{{ WORDS[finding.severity] }}</span>
        {{ finding.message }}
        <span class="todo">{{ finding.todo }}</span>
        <button
          v-if="finding.fix"
          type="button"
          class="fix"
          @click="emit('fix', weighable(finding.fix))"
          @pointerenter="emit('preview', weighable(finding.fix))"
          @pointerleave="emit('preview', null)"
          @focus="emit('preview', weighable(finding.fix))"
          @blur="emit('preview', null)"
        >
          Add {{ formatMass(weighable(finding.fix).massG) }} of
          {{ sentenceNameOf(finding.fix.materialId) }}
        </button>
      </li>
    </ul>
    <details
      v-if="notes.length"
      class="notes"
      :open="loud.length === 0 && notes.length <= SHOWN_AT_ONCE"
    >
      <summary>{{ counted(notes.length, 'more tip') }}</summary>
      <template v-for="group in groups" :key="group.place">
        <h3>{{ NOTE_WORDS[group.place] }}</h3>
        <ul class="plain-list">
          <li v-for="finding in group.notes" :key="finding.code" class="finding info">
            {{ finding.message }} <span class="todo">{{ finding.todo }}</span>
          </li>
        </ul>
      </template>
    </details>
  </section>
</template>

<style scoped>
.finding {
  margin-top: 10px;
  padding: 1px 0 1px 12px;
  border-left: 4px solid var(--mid);
  font-size: var(--text-plain);
}
.finding.stop,
.finding.warning {
  border-color: var(--rust);
}
.finding.stop {
  border-left-width: 8px;
}
.finding.advice {
  border-color: var(--ochre-mark);
}
.severity {
  font-weight: 700;
  margin-right: 4px;
}
.todo {
  color: var(--mid);
}
.fix {
  min-height: 28px;
  padding: 0 2px;
  border: 0;
  background: none;
  color: var(--verdigris);
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}
.fix:hover {
  text-decoration: underline;
}
.notes {
  margin-top: 12px;
}
h3 {
  margin-top: 12px;
  font-size: var(--text-body);
}
summary {
  min-height: 28px;
  color: var(--mid);
  cursor: pointer;
}
</style>
