<script setup lang="ts">
import { computed } from 'vue';
import { counted } from '@/core/basics/format/numbers';
import { FAMILIES, METHODS } from '@/core/formula/model/kinds';
import { FAMILY_WORDS, METHOD_WORDS } from '@/core/formula/model/messages';
import type { Family, Method } from '@/core/formula/model/schema';
import { sayGuess } from '@/core/formula/reading/guessFamily';
import NumberField from '@/ui/fields/NumberField.vue';
import type { PastedPage } from './usePastedPage';

/** What a page leaves open as a whole: family, forming, pieces, and what its numbers are of. */
const props = defineProps<{ page: PastedPage }>();

const { said, asksForming, chosen, recipe, body, leaveOut } = props.page;

const families = FAMILIES.map((value) => ({ value, title: FAMILY_WORDS[value] }));
const methods = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));
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
const remarksUnread = computed(
  () => recipe.value?.unread.filter(({ reason }) => reason.code === 'no-line') ?? [],
);
</script>

<template>
  <template v-if="recipe && body">
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
      <button type="button" @click="said = { ...said, bareUnit: 'g' }">Read all as grams</button>
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
  </template>
</template>

<style scoped>
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
</style>
