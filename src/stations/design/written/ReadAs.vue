<script setup lang="ts">
import { computed } from 'vue';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { shareTaken } from '@/core/formula/model/halves';
import { PART_KINDS } from '@/core/formula/model/kinds';
import { FAMILY_WORDS, PART_WORDS } from '@/core/formula/model/messages';
import type { PartKind, UnreadLine } from '@/core/formula/model/schema';
import PageGuesses from './PageGuesses.vue';
import ReadRow from './ReadRow.vue';
import type { PastedPage } from './usePastedPage';

/** How a pasted page was read: its family, its sections line by line, and what may be answered about them. */
const props = defineProps<{ page: PastedPage }>();
const emit = defineEmits<{ make: [entry: UnreadLine] }>();

// The page is one object for as long as the dialog stands: its refs are taken once.
const {
  text,
  kinds,
  places,
  shared,
  result,
  recipe,
  body,
  parts,
  verdict,
  answer,
  leaveOut,
  splitLine,
} = props.page;

/** Share of the main mix that a second color takes along, 0 to 1; 0 where it is a mix of its own. */
const takenAlong = (partId: string) =>
  recipe.value && body.value ? shareTaken(partId, recipe.value.parts, body.value.parts) : 0;
const kindItems = PART_KINDS.map((value) => ({ value, title: PART_WORDS[value] }));
const family = computed(() => body.value?.family ?? 'bath-bomb');
const partItems = computed(() =>
  (body.value?.parts ?? []).map((part, i) => ({ value: String(i), title: part.name })),
);
</script>

<template>
  <div>
    <h2>Read as</h2>
    <p v-if="text.trim() === ''" class="quiet">Nothing to read yet.</p>
    <p v-else-if="!result.ok" class="problem" role="status">{{ result.problem.message }}</p>
    <template v-else-if="recipe && body">
      <PageGuesses :page="page" />
      <section v-for="part in parts" :key="part.partId" :aria-label="part.name">
        <h3 v-if="parts.length > 1">
          {{ part.name }}
          <v-select
            v-if="part.askedLine !== null"
            :model-value="kinds[part.askedLine] ?? 'embed'"
            :items="kindItems"
            :label="`Kind of section: ${part.name}`"
            class="kind"
            @update:model-value="
              (kind: PartKind) => (kinds = { ...kinds, [part.askedLine ?? 0]: kind })
            "
          />
          <span v-else-if="part.name.toLowerCase() !== PART_WORDS[part.kind]" class="quiet small">{{
            PART_WORDS[part.kind]
          }}</span>
        </h3>
        <p v-if="takenAlong(part.partId) > 0" class="quiet small">
          It takes {{ formatPercent(takenAlong(part.partId) * 100, 0) }} of the main mix along.
        </p>
        <ul class="plain-list">
          <ReadRow
            v-for="entry in part.rows"
            :key="entry.key"
            :row="entry"
            :part-items="partItems"
            :part-at="String(part.index)"
            :can-answer="!shared"
            @choose="answer"
            @leave-out="(unread) => leaveOut([unread])"
            @split="splitLine"
            @make="(entry) => emit('make', entry)"
            @part="(line, at) => (places = { ...places, [line]: at })"
          />
        </ul>
      </section>
      <div v-if="verdict.length" class="verdict">
        <h3>Checks as {{ FAMILY_WORDS[family] }}</h3>
        <p v-for="finding in verdict" :key="finding.code" class="small">
          {{ finding.message }} <span class="quiet">{{ finding.todo }}</span>
        </p>
      </div>
      <p v-for="remark in recipe.remarks" :key="remark" class="quiet small">
        {{ remark }}
      </p>
      <p v-if="recipe.unread.length" class="small" role="status">
        {{ counted(recipe.unread.length, 'line') }} not read yet. You can answer beside the formula
        later.
      </p>
    </template>
  </div>
</template>

<style scoped>
.verdict {
  margin-top: 12px;
  padding-left: 10px;
  border-left: 4px solid var(--rust);
}
.verdict h3 {
  margin: 0;
  font: 700 var(--text-plain) var(--font-body);
}
.verdict p {
  margin: 2px 0;
}
h3 {
  display: flex;
  align-items: center;
  gap: 10px;
  margin: 12px 0 2px;
  font: 700 var(--text-body) var(--font-body);
}
.kind {
  max-width: 260px;
}
.problem {
  color: var(--rust);
}
.small {
  font-size: var(--text-small);
}
</style>
