<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import {
  FAMILIES,
  FAMILY_WORDS,
  emptyBody,
  sayUnread,
  type Family,
  type FormulaBody,
  type UnreadLine,
} from '@/core/formula';
import { conditionsFor } from '@/core/conditions';
import { evaluate, sayFinding } from '@/core/evaluation';
import { readRecipe, type RecipeResult } from '@/core/recipe-text';
import { usualPieceG, usualRequest } from '@/core/scaling';
import { looksShared, readRecipeJsonLd } from '@/core/sharing';
import { useWorkshopStore } from '@/stores/workshop';
import { formatGrams } from '@/core/words';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ take: [name: string, body: FormulaBody] }>();

const workshop = useWorkshopStore();
const name = ref('');
const family = ref<Family>('bath-bomb');
const text = ref('');
const problem = ref('');

const MOST_SAID = 4;
const MOST_CHOICES = 4;
const families = FAMILIES.map((value) => ({ value, title: FAMILY_WORDS[value] }));
/** A page or data that carries a recipe is opened first; plain lines are read as they are. */
const shared = computed(() => (looksShared(text.value) ? readRecipeJsonLd(text.value) : null));
const result = computed<RecipeResult>(() => {
  if (shared.value && !shared.value.ok)
    return { ok: false, problem: { code: 'no-recipe', message: shared.value.message } };
  return readRecipe(
    shared.value?.recipe.text ?? text.value,
    workshop.catalog,
    workshop.smallMeasures,
  );
});
/** What this recipe lacks or must not have, as the family chosen. */
const verdict = computed(() => {
  if (!result.value.ok || lines.value.length === 0) return [];
  const { parts, unread } = result.value.recipe;
  const body = { ...emptyBody(family.value), parts, unread };
  const pieceG = usualPieceG(usualRequest(body.family).mold, body.method);
  return evaluate(body, conditionsFor(workshop.facts, body, pieceG))
    .findings.filter(
      ({ severity, code }) =>
        (severity === 'stop' || severity === 'warning') && code !== 'unread-lines',
    )
    .slice(0, MOST_SAID)
    .map((finding) => ({ ...finding, ...sayFinding(finding) }));
});
const lines = computed(() =>
  result.value.ok ? result.value.recipe.parts.flatMap((part) => part.lines) : [],
);

watch(isOpen, (open) => {
  if (open) problem.value = '';
});
watch(text, () => {
  problem.value = '';
});

/** The answer is written into the text, where it can be seen and taken back. */
function takeChoice({ line, reason, text: written }: UnreadLine, id: string): void {
  rewrite(line, (was) =>
    was.includes(reason.about) && reason.about !== ''
      ? was.replace(reason.about, nameOf(id))
      : `${written} ${nameOf(id)}`,
  );
}

function leaveOut({ line }: UnreadLine): void {
  rewrite(line, (was) => `# ${was}`);
}

function rewrite(line: number, change: (was: string) => string): void {
  const rows = text.value.split(/\r\n|\r|\n/);
  rows[line - 1] = change(rows[line - 1] ?? '');
  text.value = rows.join('\n');
}

function take(): void {
  if (!result.value.ok) {
    problem.value = result.value.problem.message;
    return;
  }
  const { parts, unread } = result.value.recipe;
  const sharedName = shared.value?.ok ? shared.value.recipe.name : '';
  emit('take', name.value.trim() || sharedName || 'Untitled', {
    ...emptyBody(family.value),
    parts,
    unread,
  });
  isOpen.value = false;
  text.value = '';
  name.value = '';
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="980" aria-label="Paste a recipe">
    <v-card>
      <v-card-title>Paste a recipe as it was written down</v-card-title>
      <v-card-text>
        <form id="paste-form" class="grid" @submit.prevent="take">
          <div class="in">
            <div class="top">
              <v-text-field v-model="name" label="Name" autocomplete="off" />
              <v-select v-model="family" :items="families" label="Family" />
            </div>
            <v-textarea
              v-model="text"
              label="The recipe, one ingredient a line"
              rows="13"
              no-resize
              spellcheck="false"
              placeholder="2 cups baking soda&#10;1 cup citric acid&#10;3 tbsp almond oil&#10;20 drops lavender essential oil"
              persistent-placeholder
            />
            <p class="quiet small">
              Cups, spoons, ounces, drops, squirts or grams. “Embed:” or “Topping:” opens a part. A
              page or data with a schema.org Recipe works as well.
            </p>
          </div>
          <div class="out" aria-live="polite">
            <h2>Read as</h2>
            <p v-if="text.trim() === ''" class="quiet">Nothing yet.</p>
            <p v-else-if="!result.ok" class="problem">{{ result.problem.message }}</p>
            <template v-else>
              <ul class="plain-list">
                <li v-for="entry in result.recipe.unread" :key="entry.id" class="line asks">
                  <span>“{{ entry.text }}”</span>
                  <span>
                    <span class="reason">line {{ entry.line }}: {{ sayUnread(entry.reason) }}</span>
                    <span v-if="!shared" class="answers">
                      <button
                        v-for="id in entry.choices.slice(0, MOST_CHOICES)"
                        :key="id"
                        type="button"
                        @click="takeChoice(entry, id)"
                      >
                        {{ nameOf(id) }}
                      </button>
                      <button type="button" @click="leaveOut(entry)">Leave it out</button>
                    </span>
                  </span>
                </li>
                <li v-for="line in lines" :key="line.id" class="line">
                  <span>{{ nameOf(line.materialId) }}</span>
                  <b class="tabular">{{ formatGrams(line.massG) }} g</b>
                  <span v-if="line.massHighG > line.massLowG" class="quiet tabular"
                    >{{ formatGrams(line.massLowG) }} to {{ formatGrams(line.massHighG) }}</span
                  >
                </li>
              </ul>
              <div v-if="verdict.length" class="verdict">
                <h3>As {{ FAMILY_WORDS[family] }}</h3>
                <p v-for="finding in verdict" :key="finding.code" class="small">
                  {{ finding.message }} <span class="quiet">{{ finding.todo }}</span>
                </p>
              </div>
              <p v-for="remark in result.recipe.remarks" :key="remark" class="quiet small">
                {{ remark }}
              </p>
              <p v-if="result.recipe.unread.length" class="small">
                {{
                  result.recipe.unread.length === 1
                    ? 'One line is'
                    : `${result.recipe.unread.length} lines are`
                }}
                not read; they come along and ask beside the column.
              </p>
            </template>
          </div>
        </form>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      </v-card-text>
      <v-card-actions>
        <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
        <v-btn variant="flat" type="submit" form="paste-form">Make it a formula</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 28px;
}
.top {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 12px;
  margin: 4px 0 14px;
}
.verdict {
  margin-top: 12px;
  padding-left: 10px;
  border-left: 4px solid var(--rust);
}
.verdict h3 {
  margin: 0;
  font: 700 14px var(--font-body);
}
.verdict p {
  margin: 2px 0;
}
.small {
  font-size: 13px;
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 78px 110px;
  gap: 8px;
  padding: 3px 0;
  border-bottom: 1px solid var(--hairline);
}
.line b {
  text-align: right;
}
.asks {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  border-left: 4px solid var(--rust);
  padding-left: 8px;
  overflow-wrap: anywhere;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}
.answers button {
  min-height: 28px;
  padding: 0 8px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-size: 13px;
  cursor: pointer;
}
.answers button:hover {
  border-color: var(--ink);
}
.reason,
.problem {
  color: var(--rust);
}
@media (max-width: 800px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
