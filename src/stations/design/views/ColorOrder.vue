<script setup lang="ts">
import { useEyeDropper } from '@vueuse/core';
import { computed } from 'vue';
import type { FormulaBody } from '@/core/formula/model/schema';
import { standingIn } from '@/core/batches/trials/write';
import { MARKET_WORDS } from '@/core/goods/labels/market';
import type { Colored } from '@/core/results/color/order/colorToOrder';
import PhotoColor from '@/shared/PhotoColor.vue';
import { useWorkshopStore } from '@/stores/workshop';
import { typedIn } from '@/ui/fields/typedIn';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import SeveralRow from '@/ui/kit/SeveralRow.vue';
import ColorFound from './ColorFound.vue';
import { useColorOrder, type ColorsFrom } from './useColorOrder';

/** A wanted color, of the dry section or of the water, and the colorants of the shelf that come nearest to it. */
const props = defineProps<{ body: FormulaBody }>();
const workshop = useWorkshopStore();

const KINDS: ReadonlyArray<{ readonly value: Colored['kind']; readonly word: string }> = [
  { value: 'tub', word: 'Water' },
  { value: 'dry', word: 'Dry piece' },
];
const FROM = [
  { value: 'shelf', word: 'On the shelf' },
  { value: 'all', word: 'All colors' },
] as const satisfies ReadonlyArray<{ value: ColorsFrom; word: string }>;
const LISTS = [
  { value: 'us', word: MARKET_WORDS.us },
  { value: 'eu', word: `${MARKET_WORDS.eu} and ${MARKET_WORDS.uk}` },
] as const;

/** Colors of water that was tested, newest first: “like that piece of mine”. */
const tested = computed(() =>
  [...workshop.trials]
    .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt))
    .flatMap((trial) => {
      const hex = standingIn(trial, 'color').at(-1)?.hex;
      const batch = workshop.batches.find(({ id }) => id === trial.batchId);
      return hex
        ? [{ value: hex, title: batch ? `${batch.code}, ${batch.formulaName}` : trial.name }]
        : [];
    })
    .slice(0, 20),
);
const {
  kind,
  from,
  markets,
  wantedHex,
  sections,
  section,
  chooseSection,
  answer,
  problem,
  lines,
  sentence,
  notes,
  want,
  apply,
} = useColorOrder(() => props.body);
const { isSupported: canPick, open: pick } = useEyeDropper();

async function pickFromScreen(): Promise<void> {
  // Escape is no color.
  const picked = await pick().catch(() => undefined);
  if (picked) want(picked.sRGBHex);
}
</script>

<template>
  <section class="order" aria-label="Color to order">
    <h3>Color to order</h3>
    <p class="quiet small">Choose the color you want. Rovack finds up to three colorants for it.</p>
    <ChoiceRow v-model="kind" :items="KINDS" />
    <v-select
      v-if="sections.length > 1"
      :model-value="section?.value"
      :items="sections"
      label="Colored section"
      @update:model-value="chooseSection"
    />
    <div class="wanted">
      <label>
        <input type="color" :value="wantedHex || '#ffffff'" @input="want(typedIn($event))" />
        Wanted color
      </label>
      <v-btn v-if="canPick" size="small" @click="pickFromScreen">Pick from the screen</v-btn>
    </div>
    <PhotoColor :thing="kind === 'tub' ? 'water' : 'piece'" @color="want" />
    <v-select
      v-if="kind === 'tub' && tested.length > 0"
      :model-value="null"
      :items="tested"
      label="Like a tested piece"
      @update:model-value="(hex: string | null) => hex && want(hex)"
    />
    <p class="label">Choose from</p>
    <ChoiceRow v-model="from" :items="FROM" />
    <p class="label">On the lists of</p>
    <SeveralRow v-model="markets" :items="LISTS" />
    <ColorFound
      v-if="answer"
      :answer="answer"
      :lines="lines"
      :wanted-hex="wantedHex"
      :sentence="sentence"
      :notes="notes"
      @apply="apply"
    />
    <ProblemLine :problem="problem" />
  </section>
</template>

<style scoped>
.order {
  display: grid;
  gap: 8px;
  margin-top: 22px;
  padding-top: 14px;
  border-top: 1px solid var(--hairline);
}
h3 {
  margin: 0;
  font-size: var(--text-lead);
}
p {
  margin: 0;
}
.small,
.label {
  font-size: var(--text-plain);
}
.label {
  color: var(--mid);
}
.wanted,
.wanted label {
  display: flex;
  gap: 8px;
  align-items: center;
}
input[type='color'] {
  width: 64px;
  height: 44px;
  padding: 0;
  border: 1px solid var(--ink);
  background: none;
  cursor: pointer;
}
.pair {
  width: 100%;
  gap: 0;
}
</style>
