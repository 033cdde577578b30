<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { FAMILIES, PART_KINDS } from '@/core/formula/model/kinds';
import { FAMILY_WORDS, PART_WORDS } from '@/core/formula/model/messages';
import type { Family, FormulaBody, PartKind, UnreadLine } from '@/core/formula/model/schema';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { sayFinding } from '@/core/results/evaluation/messages';
import { bodyOfRecipe } from '@/core/formula/reading/bodyOfRecipe';
import { readRecipe, type RecipeResult } from '@/core/formula/reading/readRecipe';
import { sayGuess } from '@/core/formula/reading/guessFamily';
import { usualPieceG } from '@/core/work/scaling/usualPiece';
import { usualRequest } from '@/core/work/scaling/request';
import { looksShared, readRecipeJsonLd } from '@/core/formula/sharing/recipeJsonLd';
import { useWorkshopStore } from '@/stores/workshop';
import { counted } from '@/core/basics/format/numbers';
import { useMaterials } from '@/ui/fields/materials';
import ReadRow from './ReadRow.vue';
import { pageOf } from './page';

const NewMaterialDialog = defineAsyncComponent(() => import('@/shared/NewMaterialDialog.vue'));
const { nameOf } = useMaterials();

const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ take: [name: string, body: FormulaBody] }>();

const workshop = useWorkshopStore();
const name = ref('');
/** Null for what the page reads like. */
const chosenFamily = ref<Family | null>(null);
const text = ref('');
const problem = ref('');
const inGrams = ref(false);
/** What the maker said of parts with unknown headings, by the line of the heading. */
const kinds = ref<Readonly<Record<number, PartKind>>>({});
/** Into which part a line goes that is not read, by its line. */
const parts = ref<Readonly<Record<number, string>>>({});
const making = ref<UnreadLine | null>(null);
const isMaking = ref(false);

const MOST_SAID = 4;
const families = FAMILIES.map((value) => ({ value, title: FAMILY_WORDS[value] }));
const kindItems = PART_KINDS.map((value) => ({ value, title: PART_WORDS[value] }));
/** A page or data that carries a recipe is opened first; plain lines are read as they are. */
const shared = computed(() => (looksShared(text.value) ? readRecipeJsonLd(text.value) : null));
const result = computed<RecipeResult>(() => {
  if (shared.value && !shared.value.ok)
    return { ok: false, problem: { code: 'no-recipe', message: shared.value.message } };
  return readRecipe(
    shared.value?.recipe.text ?? text.value,
    workshop.catalog,
    workshop.smallMeasures,
    inGrams.value ? { bareUnit: 'g' } : {},
  );
});
const recipe = computed(() => (result.value.ok ? result.value.recipe : null));
const family = computed(() => chosenFamily.value ?? recipe.value?.family.family ?? 'bath-bomb');
const body = computed<FormulaBody | null>(() => {
  if (!recipe.value) return null;
  const asked = Object.fromEntries(
    recipe.value.askedParts.map(({ partId, line }) => [partId, kinds.value[line] ?? 'embed']),
  );
  const read = bodyOfRecipe(recipe.value, { family: family.value, kinds: asked });
  const partIds = new Set(read.parts.map(({ id }) => id));
  return {
    ...read,
    unread: read.unread.map((entry) => {
      const at = Number(parts.value[entry.line] ?? NaN);
      const partId = read.parts[at]?.id ?? entry.partId;
      return { ...entry, partId: partIds.has(partId) ? partId : (read.parts[0]?.id ?? partId) };
    }),
  };
});
const page = computed(() => (recipe.value && body.value ? pageOf(recipe.value, body.value) : []));
const remarksUnread = computed(
  () => recipe.value?.unread.filter(({ reason }) => reason.code === 'no-line') ?? [],
);
/** What this recipe lacks or must not have, as the family chosen. */
const verdict = computed(() => {
  if (!body.value || body.value.parts.every(({ lines }) => lines.length === 0)) return [];
  const pieceG = usualPieceG(usualRequest(body.value.family).mold, body.value.method);
  return evaluate(body.value, conditionsFor(workshop.facts, body.value, pieceG))
    .findings.filter(
      ({ severity, code }) =>
        (severity === 'stop' || severity === 'warning') && code !== 'unread-lines',
    )
    .slice(0, MOST_SAID)
    .map((finding) => ({ ...finding, ...sayFinding(finding) }));
});
const partItems = computed(() =>
  (body.value?.parts ?? []).map((part, i) => ({ value: String(i), title: part.name })),
);

watch(isOpen, (open) => {
  if (open) problem.value = '';
});
watch(text, (now) => {
  problem.value = '';
  if (now.trim() !== '') return;
  inGrams.value = false;
  kinds.value = {};
  parts.value = {};
});

/** The answer is written into the text, where it can be seen and taken back. */
function takeChoice({ line, reason, text: written }: UnreadLine, id: string): void {
  rewrite(line, (was) =>
    was.includes(reason.about) && reason.about !== '' && reason.code !== 'vague'
      ? was.replace(reason.about, nameOf(id))
      : `${written} ${nameOf(id)}`,
  );
}

function leaveOut(lines: readonly UnreadLine[]): void {
  for (const { line } of lines) rewrite(line, (was) => `# ${was}`);
}

/** One line into two, where it names two materials. */
function splitLine({ line }: UnreadLine): void {
  rewrite(line, (was) => was.replace(/\s*(?:\band\b|&|\+|;|,)\s*/i, '\n'));
}

function make(entry: UnreadLine): void {
  making.value = entry;
  isMaking.value = true;
}

function rewrite(line: number, change: (was: string) => string): void {
  const rows = text.value.split(/\r\n|\r|\n/);
  rows[line - 1] = change(rows[line - 1] ?? '');
  text.value = rows.join('\n');
}

function take(): void {
  if (!result.value.ok || !body.value) {
    problem.value = result.value.ok ? '' : result.value.problem.message;
    return;
  }
  const sharedName = shared.value?.ok ? shared.value.recipe.name : '';
  const titled = result.value.recipe.title.replace(/\s*\(.*$/, '').slice(0, 80);
  emit('take', name.value.trim() || sharedName || titled || 'Untitled formula', body.value);
  isOpen.value = false;
  text.value = '';
  name.value = '';
  chosenFamily.value = null;
}

function capitalized(sentence: string): string {
  return sentence.charAt(0).toUpperCase() + sentence.slice(1);
}
</script>

<template>
  <AppDialog v-model="isOpen" label="Paste a recipe" title="Paste a recipe" :width="980">
    <form id="paste-form" class="grid" @submit.prevent="take">
      <div class="in">
        <div class="top">
          <v-text-field v-model="name" label="Name" autocomplete="off" />
          <v-select
            :model-value="family"
            :items="families"
            label="Family"
            @update:model-value="(value: Family) => (chosenFamily = value)"
          />
        </div>
        <v-textarea
          v-model="text"
          label="Recipe, one ingredient a line"
          rows="13"
          no-resize
          spellcheck="false"
          placeholder="2 cups baking soda&#10;1 cup citric acid&#10;3 tbsp almond oil&#10;20 drops lavender essential oil"
          persistent-placeholder
        />
        <p class="quiet small">
          Use cups, spoons, ounces, drops, squirts or grams. “Embed:” or “Topping:” starts a
          section. A page or data with a schema.org Recipe works too.
        </p>
      </div>
      <div class="out" aria-live="polite">
        <h2>Read as</h2>
        <p v-if="text.trim() === ''" class="quiet">Nothing to read yet.</p>
        <p v-else-if="!result.ok" class="problem">{{ result.problem.message }}</p>
        <template v-else-if="recipe">
          <p class="quiet small">
            {{ capitalized(sayGuess(recipe.family))
            }}<template v-if="recipe.pieces">, makes {{ recipe.pieces }}</template
            ><template v-if="recipe.humidityPct">, made at {{ recipe.humidityPct }}%</template>.
          </p>
          <p v-if="recipe.unitless" class="ask-all">
            {{ counted(recipe.unitless, 'number') }} without a unit.
            <button type="button" @click="inGrams = true">Read all as grams</button>
          </p>
          <p v-if="remarksUnread.length > 1" class="ask-all">
            {{ counted(remarksUnread.length, 'line') }} may be notes.
            <button type="button" @click="leaveOut(remarksUnread)">Remove them all</button>
          </p>
          <section v-for="part in page" :key="part.partId" :aria-label="part.name">
            <h3 v-if="page.length > 1">
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
              <span v-else class="quiet small">{{ PART_WORDS[part.kind] }}</span>
            </h3>
            <ul class="plain-list">
              <ReadRow
                v-for="entry in part.rows"
                :key="entry.key"
                :row="entry"
                :part-items="partItems"
                :part-at="String(part.index)"
                :can-answer="!shared"
                @choose="takeChoice"
                @leave-out="(unread) => leaveOut([unread])"
                @split="splitLine"
                @make="make"
                @part="(line, at) => (parts = { ...parts, [line]: at })"
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
          <p v-if="recipe.unread.length" class="small">
            {{ counted(recipe.unread.length, 'line') }} not read yet. You can answer beside the
            formula later.
          </p>
        </template>
      </div>
    </form>
    <ProblemLine :problem="problem" />

    <template #actions>
      <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
      <v-btn variant="flat" type="submit" form="paste-form">Create formula</v-btn>
    </template>
    <NewMaterialDialog
      v-if="making && isMaking"
      v-model="isMaking"
      :named="making.reason.about"
      @added="(id: string) => making && takeChoice(making, id)"
    />
  </AppDialog>
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
  font: 700 var(--text-plain) var(--font-body);
}
.verdict p {
  margin: 2px 0;
}
.small {
  font-size: var(--text-small);
}
.out h3 {
  display: flex;
  align-items: center;
  gap: 10px;
  margin: 12px 0 2px;
  font: 700 var(--text-body) var(--font-body);
}
.kind {
  max-width: 260px;
}
.ask-all button {
  min-height: 32px;
  margin-left: 8px;
  padding: 0 10px;
  border: 1px solid var(--ink);
  border-radius: var(--radius);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.problem {
  color: var(--rust);
}
@media (max-width: 820px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
