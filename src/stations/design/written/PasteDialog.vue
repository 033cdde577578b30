<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue';
import { FAMILIES, METHODS, PART_KINDS } from '@/core/formula/model/kinds';
import { FAMILY_WORDS, METHOD_WORDS, PART_WORDS } from '@/core/formula/model/messages';
import type {
  Family,
  FormulaBody,
  Method,
  PartKind,
  UnreadLine,
} from '@/core/formula/model/schema';
import { sayGuess } from '@/core/formula/reading/guessFamily';
import { shareTaken } from '@/core/formula/model/halves';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { answersOf } from './answersOf';
import PageQuestion from './PageQuestion.vue';
import PageText from './PageText.vue';
import ReadRow from './ReadRow.vue';
import { usePastedPage } from './usePastedPage';

const NewMaterialDialog = defineAsyncComponent(() => import('@/shared/NewMaterialDialog.vue'));

const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ take: [name: string, body: FormulaBody] }>();

const {
  text,
  said,
  asksForming,
  chosen,
  kinds,
  places,
  shared,
  result,
  recipe,
  body,
  parts,
  verdict,
  titled,
  answer: takeChoice,
  leaveOut,
  splitLine,
} = usePastedPage();
const name = ref('');
const problem = ref('');
const caret = ref(0);
const making = ref<UnreadLine | null>(null);
const isMaking = ref(false);
const page = useTemplateRef<InstanceType<typeof PageText>>('page');

const families = FAMILIES.map((value) => ({ value, title: FAMILY_WORDS[value] }));
const methods = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));
/** Share of the main mix that a second color takes along, 0 to 1; 0 where it is a mix of its own. */
const takenAlong = (partId: string) =>
  recipe.value && body.value ? shareTaken(partId, recipe.value.parts, body.value.parts) : 0;
const kindItems = PART_KINDS.map((value) => ({ value, title: PART_WORDS[value] }));
const family = computed(() => body.value?.family ?? 'bath-bomb');
const whyFamily = computed(() => {
  if (!recipe.value || chosen.value.family) return '';
  return sayGuess(recipe.value.family);
});
const whyMethod = computed(() => {
  if (!recipe.value || chosen.value.method) return '';
  if (recipe.value.method) return 'The page says so.';
  if (asksForming.value) return 'The page doesn’t say. Choose how you form it.';
  return family.value === 'fizzing-salts' ? 'Usual for salts.' : 'As your shelf has it.';
});
/** The page as pasted; a shared one stands in other words. */
const account = computed(() => (shared.value ? [] : (recipe.value?.account ?? [])));
const questions = computed(() =>
  shared.value
    ? []
    : (recipe.value?.unread.filter(({ reason }) => reason.code !== 'heading') ?? []),
);
const caretLine = computed(() => text.value.slice(0, caret.value).split('\n').length);
const remarksUnread = computed(
  () => recipe.value?.unread.filter(({ reason }) => reason.code === 'no-line') ?? [],
);
const partItems = computed(() =>
  (body.value?.parts ?? []).map((part, i) => ({ value: String(i), title: part.name })),
);

watch(isOpen, (open) => {
  if (open) problem.value = '';
});
watch(text, () => {
  problem.value = '';
});

function make(entry: UnreadLine): void {
  making.value = entry;
  isMaking.value = true;
}

/** The caret to the next question behind it, or to the first. */
function toNext(): void {
  const next = questions.value.find(({ line }) => line > caretLine.value) ?? questions.value[0];
  if (!next) return;
  const rows = text.value.split('\n').slice(0, next.line - 1);
  page.value?.goTo(rows.reduce((sum, row) => sum + row.length + 1, 0));
}

/** Alt with a figure answers the question beside the caret; Alt+N goes to the next one. */
function onKey(event: KeyboardEvent): void {
  if (!event.altKey || questions.value.length === 0) return;
  const here = questions.value.find(({ line }) => line === caretLine.value);
  const figure = /^Digit([1-4])$/.exec(event.code)?.[1];
  const id = here && figure ? answersOf(here).materialIds[Number(figure) - 1] : undefined;
  if (event.code === 'KeyN') toNext();
  else if (event.code === 'KeyR' && here) leaveOut([here]);
  else if (here && id !== undefined) takeChoice(here, id);
  else return;
  event.preventDefault();
}

function take(): void {
  if (!result.value.ok || !body.value) {
    problem.value = result.value.ok ? '' : result.value.problem.message;
    return;
  }
  if (asksForming.value) {
    problem.value = 'Choose how you form the pieces. It sets the mold, the range and the steps.';
    return;
  }
  emit('take', name.value.trim() || titled.value, body.value);
  isOpen.value = false;
  text.value = '';
  name.value = '';
}
</script>

<template>
  <AppDialog v-model="isOpen" label="Paste a recipe" title="Paste a recipe" :width="1080">
    <form id="paste-form" class="grid" @submit.prevent="take" @keydown="onKey">
      <div class="in">
        <v-text-field
          v-model="name"
          label="Name"
          :placeholder="recipe?.title"
          :persistent-placeholder="Boolean(recipe?.title)"
          autocomplete="off"
        />
        <PageText
          ref="page"
          v-model="text"
          v-model:caret="caret"
          label="Recipe as written"
          :account="account"
        />
        <PageQuestion
          :questions="questions"
          :line="caretLine"
          @choose="takeChoice"
          @leave-out="(entry) => leaveOut([entry])"
          @make="make"
          @next="toNext"
        />
        <p v-if="text.trim() === ''" class="quiet small">
          A list, a table or plain prose, in cups, spoons, drops, percent, parts or grams. “Embed:”
          or “Topping:” starts a section. A page or data with a schema.org Recipe works too.
        </p>
      </div>
      <div class="out">
        <h2>Read as</h2>
        <p v-if="text.trim() === ''" class="quiet">Nothing to read yet.</p>
        <p v-else-if="!result.ok" class="problem" role="status">{{ result.problem.message }}</p>
        <template v-else-if="recipe && body">
          <div class="guesses">
            <v-select
              :model-value="family"
              :items="families"
              label="Family"
              :hint="whyFamily"
              persistent-hint
              @update:model-value="(value: Family) => (chosen = { ...chosen, family: value })"
            />
            <v-select
              :model-value="asksForming ? null : body.method"
              :items="methods"
              label="Forming"
              :hint="whyMethod"
              persistent-hint
              @update:model-value="(value: Method) => (chosen = { ...chosen, method: value })"
            />
            <NumberField
              v-if="body.yieldPieces"
              :model-value="body.yieldPieces"
              label="Pieces"
              :min="1"
              :max="10000"
              :decimals="0"
              @update:model-value="(value: number) => (chosen = { ...chosen, pieces: value })"
            />
          </div>
          <p v-if="recipe.other" class="ask-all">
            “{{ recipe.other.name }}” is a second product. Paste it as its own formula.
          </p>
          <p v-if="recipe.takenAsGrams" class="ask-all">
            The numbers have no unit. Rovack reads them as grams.
          </p>
          <p v-else-if="recipe.unitless" class="ask-all">
            {{ counted(recipe.unitless, 'number') }} without a unit.
            <button type="button" @click="said = { ...said, bareUnit: 'g' }">
              Read all as grams
            </button>
          </p>
          <NumberField
            v-if="recipe.sharesAsked?.kind === 'percent'"
            :model-value="recipe.sharesAsked.takenG"
            label="Weight of the whole mix"
            unit="g"
            :min="1"
            :max="1000000"
            class="shares"
            @update:model-value="(value: number) => (said = { ...said, totalG: value })"
          />
          <NumberField
            v-if="recipe.sharesAsked?.kind === 'parts'"
            :model-value="recipe.sharesAsked.takenG"
            label="Weight of one part"
            unit="g"
            :min="0.1"
            :max="100000"
            class="shares"
            @update:model-value="(value: number) => (said = { ...said, partG: value })"
          />
          <p v-if="remarksUnread.length > 1" class="ask-all">
            {{ counted(remarksUnread.length, 'line') }} may be notes.
            <button type="button" @click="leaveOut(remarksUnread)">Remove them all</button>
          </p>
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
              <span
                v-else-if="part.name.toLowerCase() !== PART_WORDS[part.kind]"
                class="quiet small"
                >{{ PART_WORDS[part.kind] }}</span
              >
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
                @choose="takeChoice"
                @leave-out="(unread) => leaveOut([unread])"
                @split="splitLine"
                @make="make"
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
            {{ counted(recipe.unread.length, 'line') }} not read yet. You can answer beside the
            formula later.
          </p>
        </template>
      </div>
    </form>

    <template #actions>
      <ProblemLine :problem="problem" class="stands" />
      <v-spacer />
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
.stands {
  margin: 0;
}
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 28px;
}
.in {
  position: sticky;
  top: 0;
  align-self: start;
  padding-top: 6px;
}
.guesses {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px 12px;
  margin: 10px 0 6px;
}
.shares {
  max-width: 260px;
  margin: 14px 0 8px;
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
  .in {
    position: static;
  }
}
</style>
