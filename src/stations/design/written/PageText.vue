<script setup lang="ts">
import { computed, ref, useId, useTemplateRef } from 'vue';
import type { Accounted, Became } from '@/core/formula/reading/found';

/** The maker's own words, each underlined by what it became. The caret says which words are meant. */
const text = defineModel<string>({ required: true });
const caret = defineModel<number>('caret', { required: true });
const props = defineProps<{
  label: string;
  account: readonly Accounted[];
}>();

const AS_WORDS: Readonly<Record<Became, string>> = {
  amount: 'amount',
  material: 'material',
  preparation: 'how it is prepared or goes in',
  action: 'a step of the work',
  yield: 'what the recipe makes',
  heading: 'heading',
  name: 'name of the formula',
  remark: 'note',
  unknown: 'not understood yet',
};
const LEGEND: readonly Became[] = ['amount', 'material', 'preparation', 'yield', 'unknown'];
const LEGEND_WORDS: Readonly<Partial<Record<Became, string>>> = {
  amount: 'amount',
  material: 'material',
  preparation: 'preparation',
  yield: 'yield',
  unknown: 'not understood',
};

const id = useId();
const area = useTemplateRef<HTMLTextAreaElement>('area');
const backdrop = useTemplateRef<HTMLElement>('backdrop');
const pointed = ref<number | null>(null);

const spans = computed(() =>
  props.account.map((span, at) => {
    const words = text.value.slice(span.from, span.to);
    return { ...span, at, words: words.trimEnd(), gap: words.slice(words.trimEnd().length) };
  }),
);
const shown = computed(() => {
  const at = pointed.value;
  const span =
    at === null
      ? spans.value.find(({ from, to }) => from <= caret.value && caret.value < to)
      : spans.value[at];
  const words = span?.words.trim().split('\n')[0]?.slice(0, 60) ?? '';
  return span && words !== '' ? `“${words}”: ${AS_WORDS[span.as]}` : '';
});

function follow(): void {
  if (backdrop.value && area.value) backdrop.value.scrollTop = area.value.scrollTop;
}
function moved(): void {
  if (area.value) caret.value = area.value.selectionStart;
}
function point(event: MouseEvent): void {
  const under = document
    .elementsFromPoint(event.clientX, event.clientY)
    .find((element) => element instanceof HTMLElement && element.dataset.at !== undefined);
  pointed.value = under instanceof HTMLElement ? Number(under.dataset.at) : null;
}

/** Puts the caret at a place of the page, and the place in sight. */
function goTo(at: number): void {
  const field = area.value;
  if (!field) return;
  field.focus();
  field.setSelectionRange(at, at);
  caret.value = at;
}
defineExpose({ goTo });
</script>

<template>
  <div class="page">
    <label :for="id" class="label">{{ label }}</label>
    <div class="paper">
      <div ref="backdrop" class="backdrop" aria-hidden="true">
        <template v-for="span in spans" :key="span.at"
          ><span :data-at="span.at" :class="span.as">{{ span.words }}</span
          >{{ span.gap }}</template
        >
        {{ ' ' }}
      </div>
      <textarea
        :id="id"
        ref="area"
        v-model="text"
        rows="14"
        spellcheck="false"
        autocomplete="off"
        placeholder="2 cups baking soda&#10;1 cup citric acid&#10;3 tbsp almond oil&#10;20 drops lavender essential oil"
        @scroll="follow"
        @keyup="moved"
        @click="moved"
        @input="moved"
        @mousemove="point"
        @mouseleave="pointed = null"
      />
    </div>
    <p class="legend small" aria-hidden="true">
      <span v-for="as in LEGEND" :key="as" :class="as">{{ LEGEND_WORDS[as] }}</span>
    </p>
    <p class="shown small" aria-live="polite">{{ shown }}</p>
  </div>
</template>

<style scoped>
.label {
  display: block;
  margin: 10px 0 4px;
  color: var(--mid);
  font-size: var(--text-small);
}
.paper {
  position: relative;
  height: 348px;
}
.backdrop,
textarea {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  margin: 0;
  padding: 12px 14px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  font: 400 var(--text-body) / 1.6 var(--font-body);
  letter-spacing: normal;
  white-space: pre-wrap;
  overflow-wrap: break-word;
  overflow-y: scroll;
}
.backdrop {
  border-color: transparent;
  color: transparent;
}
textarea {
  background: none;
  color: var(--ink);
  resize: none;
}
textarea:focus-visible {
  outline: 2px solid var(--verdigris);
  outline-offset: 0;
}
.amount,
.material,
.preparation,
.yield,
.unknown {
  text-decoration-line: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 4px;
  text-decoration-skip-ink: none;
}
.amount {
  text-decoration-style: dotted;
  text-decoration-color: var(--ink);
}
.material {
  text-decoration-style: solid;
  text-decoration-color: var(--verdigris);
}
.preparation {
  text-decoration-style: dashed;
  text-decoration-color: var(--ochre);
}
.yield {
  text-decoration-style: double;
  text-decoration-color: var(--mid);
}
.unknown {
  text-decoration-style: wavy;
  text-decoration-color: var(--rust);
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 8px 0 0;
  color: var(--mid);
}
.shown {
  min-height: 20px;
  margin: 4px 0 0;
  overflow-wrap: anywhere;
}
.small {
  font-size: var(--text-small);
}
</style>
