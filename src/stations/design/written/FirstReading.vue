<script setup lang="ts">
import { computed, watch } from 'vue';
import type { FormulaBody, Method } from '@/core/formula/model/schema';
import { METHODS } from '@/core/formula/model/kinds';
import { METHOD_WORDS } from '@/core/formula/model/messages';
import { crossSectionOf } from '@/core/work/cross-section/crossSection';
import { describeMold } from '@/core/work/scaling/molds';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import ToggleButton from '@/ui/kit/ToggleButton.vue';
import PieceCut from '../views/PieceCut.vue';
import { traceSentence } from '../views/pieceMessages';
import ReadRow from './ReadRow.vue';
import { usePastedPage } from './usePastedPage';

/** What Rovack understood of a recipe on the first page: its grams, the piece, and the one thing it has to ask. */
const words = defineModel<string>({ required: true });
const emit = defineEmits<{ ready: [name: string, body: FormulaBody | null, problem: string] }>();
const { text, asksForming, chosen, result, recipe, body, parts, judged, verdict, titled, ...ways } =
  usePastedPage();

watch(words, (now) => (text.value = now), { immediate: true });
// An answer is written into the page itself.
watch(text, (now) => (words.value = now));

const anatomy = computed(() =>
  judged.value
    ? crossSectionOf(
        judged.value.body,
        judged.value.mold,
        judged.value.conditions.catalog,
        judged.value.pieceG,
      )
    : null,
);
const method = computed(() => (asksForming.value ? null : (body.value?.method ?? null)));
const questions = computed(() => recipe.value?.unread.length ?? 0);
/** What stands in no row of its own: the second thing of a line that named two. */
const aside = computed(() => {
  const shown = new Set(parts.value.flatMap(({ rows }) => rows.map(({ key }) => key)));
  return (body.value?.unread ?? [])
    .filter(({ id }) => !shown.has(id))
    .map((unread) => ({ key: unread.id, number: unread.line, line: null, unread, note: '' }));
});
const sizeSaid = computed(() => {
  const each = formatMass(judged.value?.pieceG ?? 0);
  const pieces = body.value?.yieldPieces;
  return pieces ? `${counted(pieces, 'piece')} of ${each}` : `Each piece ${each}`;
});
const problem = computed(() => {
  if (!result.value.ok) return result.value.problem.message;
  return asksForming.value ? 'Choose how you shape the pieces first.' : '';
});
watch(
  [titled, body, problem],
  () => emit('ready', titled.value, problem.value === '' ? body.value : null, problem.value),
  { immediate: true },
);
const choose = (value: Method) => (chosen.value = { ...chosen.value, method: value });
</script>

<template>
  <section aria-label="What Rovack understood">
    <h2>What Rovack understood</h2>
    <p v-if="!result.ok" class="problem" role="status">{{ result.problem.message }}</p>
    <template v-else-if="judged && body">
      <ul class="plain-list">
        <template v-for="part in parts" :key="part.partId">
          <li v-if="parts.length > 1">
            <h3>{{ part.name }}</h3>
          </li>
          <ReadRow
            v-for="row in part.rows"
            :key="row.key"
            :row="row"
            :part-items="[]"
            :part-at="String(part.index)"
            can-answer
            @choose="ways.answer"
            @leave-out="(entry) => ways.leaveOut([entry])"
            @split="ways.splitLine"
          />
        </template>
        <ReadRow
          v-for="row in aside"
          :key="row.key"
          :row="row"
          :part-items="[]"
          part-at="0"
          can-answer
          @choose="ways.answer"
          @leave-out="(entry) => ways.leaveOut([entry])"
          @split="ways.splitLine"
        />
      </ul>
      <fieldset class="shape">
        <legend>How do you shape them?</legend>
        <ToggleButton
          v-for="value in METHODS"
          :key="value"
          :pressed="method === value"
          @press="choose(value)"
          >{{ METHOD_WORDS[value] }}</ToggleButton
        >
      </fieldset>
      <div class="piece">
        <PieceCut v-if="anatomy" :anatomy="anatomy" :is-loose="body.method === 'loose'" />
        <div role="status">
          <ul class="plain-list says">
            <li>
              <b>{{ sizeSaid }}</b>
              <span> {{ describeMold(judged.mold) }}</span>
            </li>
            <li>{{ traceSentence(judged, judged.conditions.tub.tempC) }}</li>
            <li v-for="finding in verdict" :key="finding.code" class="found">
              {{ finding.message }} {{ finding.todo }}
            </li>
            <li v-if="verdict.length === 0" class="fine">No problems found.</li>
            <li v-if="questions > 0" class="found">
              {{ counted(questions, 'line') }} not read yet. Answer here, or later beside the
              formula.
            </li>
          </ul>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 10px;
}
h3 {
  margin: 10px 0 2px;
}
.problem {
  color: var(--rust);
}
.shape {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 18px 0 0;
  padding: 2px 0 2px 14px;
  border: 0;
  border-left: 4px solid var(--ochre-mark);
}
legend {
  float: left;
  width: 100%;
  padding: 0 0 6px;
  font-weight: 700;
}
.piece {
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 1fr);
  gap: 16px;
  margin-top: 18px;
}
.says li {
  padding: 3px 0;
}
.found {
  color: var(--ochre);
}
.fine {
  color: var(--verdigris);
  font-weight: 700;
}
@media (max-width: 1150px) {
  .piece {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
