<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue';
import type { FormulaBody, UnreadLine } from '@/core/formula/model/schema';
import { answersOf } from './answersOf';
import PageQuestion from './PageQuestion.vue';
import PageText from './PageText.vue';
import ReadAs from './ReadAs.vue';
import { usePastedPage } from './usePastedPage';

const NewMaterialDialog = defineAsyncComponent(() => import('@/shared/NewMaterialDialog.vue'));

const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ take: [name: string, body: FormulaBody] }>();

const pasted = usePastedPage();
const { text, asksForming, shared, result, recipe, body, titled, leaveOut } = pasted;
const takeChoice = pasted.answer;
const name = ref('');
const problem = ref('');
const caret = ref(0);
const making = ref<UnreadLine | null>(null);
const isMaking = ref(false);
const page = useTemplateRef<InstanceType<typeof PageText>>('page');

/** The page as pasted; a shared one stands in other words. */
const account = computed(() => (shared.value ? [] : (recipe.value?.account ?? [])));
const questions = computed(() =>
  shared.value
    ? []
    : (recipe.value?.unread.filter(({ reason }) => reason.code !== 'heading') ?? []),
);
const caretLine = computed(() => text.value.slice(0, caret.value).split('\n').length);
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
      <ReadAs :page="pasted" class="out" @make="make" />
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
.small {
  font-size: var(--text-small);
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
