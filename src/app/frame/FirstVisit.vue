<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref, shallowRef } from 'vue';
import type { Family, FormulaBody } from '@/core/formula/model/schema';
import { FAMILIES } from '@/core/formula/model/kinds';
import { FAMILY_WORDS } from '@/core/formula/model/messages';
import { emptyBody } from '@/core/formula/model/create';
import { reasonOf } from '@/core/basics/format/reason';
import { toFormula } from '@/shared/addresses';
import { useWay } from '@/shared/useAddress';
import { useWorkshopStore } from '@/stores/workshop';
import FileButton from '@/ui/kit/FileButton.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';

/** The first page of a browser that has nothing stored: paste a recipe and see what becomes of it, or take another way in. */
const workshop = useWorkshopStore();
const { go } = useWay();

/** The reading is loaded with the first letter. */
const FirstReading = defineAsyncComponent(
  () => import('@/stations/design/written/FirstReading.vue'),
);
const canShare = 'showDirectoryPicker' in window;
/** One plain recipe of each family, to see what becomes of it. */
const EXAMPLES: Readonly<Record<Family, readonly string[]>> = {
  'bath-bomb': [
    'Bath bombs',
    '2 cups baking soda',
    '1 cup citric acid',
    '2 tbsp almond oil',
    '20 drops lavender oil',
    'witch hazel, spray until it holds',
    'Makes 6',
  ],
  'shower-steamer': [
    'Shower steamers',
    '300 g baking soda',
    '150 g citric acid',
    '30 g cornstarch',
    '6 g menthol crystals',
    '3 g eucalyptus oil',
    '10 squirts alcohol',
    'Makes 8',
  ],
  'fizzing-salts': [
    'Fizzing salts',
    '500 g Epsom salt',
    '100 g sea salt',
    '60 g baking soda',
    '30 g citric acid',
    '1 tbsp jojoba oil',
  ],
  'cleaning-fizzy': [
    'Toilet fizzies',
    '2 cups baking soda',
    '3/4 cup citric acid',
    '1 tbsp SLSA',
    '20 drops lemon oil',
    'Makes 12',
  ],
};
const exampleOf = (family: Family) => EXAMPLES[family].join('\n');

const page = ref('');
const problem = ref('');
/** As it was read: not made reactive, for it is stored. */
const read = shallowRef<{ name: string; body: FormulaBody | null; problem: string } | null>(null);
const hasText = computed(() => page.value.trim() !== '');

function start(name: string, body: FormulaBody): void {
  go(toFormula(workshop.startFormula(name, body)));
}

function useRecipe(): void {
  problem.value = hasText.value
    ? (read.value?.problem ?? 'Rovack is still reading. Try again in a moment.')
    : 'Paste a recipe first, or look at an example.';
  if (hasText.value && read.value?.body) start(read.value.name, read.value.body);
}

// Two hands are what everybody has.
const startBlank = () => start('Untitled formula', { ...emptyBody('bath-bomb'), method: 'hand' });

function skip(): void {
  workshop.changeSettings({});
  go({ name: 'design' });
}

async function openSample(): Promise<void> {
  await workshop.openSample().catch((error: unknown) => {
    problem.value = `Couldn’t load the sample: ${reasonOf(error)}. Try again, or start with a recipe.`;
  });
}

async function openFolder(): Promise<void> {
  const folder = (await import('@/stores/folder')).useFolderStore();
  if (await folder.choose()) skip();
}

/** Workshop looks at the file and asks before it takes anything in. */
async function openFile([file]: readonly File[]): Promise<void> {
  skip();
  await nextTick();
  go({ name: 'workshop' });
  const { useTransferStore } = await import('@/stores/transfer');
  if (file) await useTransferStore().read(file);
}
</script>

<template>
  <main id="main" class="door" tabindex="-1">
    <div class="in">
      <h1>Rovack</h1>
      <p class="lead">
        Paste a recipe the way you wrote it: bath bombs, shower steamers, fizzing salts or cleaning
        fizzies. Get grams you can weigh, a mix that holds, and a record of every batch.
      </p>
      <textarea
        v-model="page"
        aria-label="Recipe as written"
        :placeholder="exampleOf('bath-bomb')"
        rows="9"
        spellcheck="false"
      />
      <div class="choices">
        <v-btn variant="flat" size="large" @click="useRecipe">Use this recipe</v-btn>
        <v-btn size="large" @click="openSample">Look around a sample workshop</v-btn>
      </div>
      <ProblemLine :problem="problem" />
      <p class="others">
        <button type="button" class="link" @click="startBlank">Start a blank formula</button>
        <FileButton
          class="link"
          variant="text"
          label="Rovack file"
          accept=".json,application/json"
          @files="openFile"
          >Open a file</FileButton
        >
        <button v-if="canShare" type="button" class="link" @click="openFolder">
          Open a shared folder
        </button>
        <button type="button" class="link" @click="skip">Skip for now</button>
      </p>
      <p class="quiet small">
        Everything stays in this browser and in the files you export. There is no account. The
        sample is a made-up harbor workshop that you can remove later.
      </p>
    </div>
    <div class="out">
      <FirstReading
        v-if="hasText"
        v-model="page"
        @ready="(name, body, why) => (read = { name, body, problem: why })"
      />
      <section v-else aria-label="What Rovack understands">
        <h2>What Rovack understands</h2>
        <p>
          A list, a table or plain prose, in cups, spoons, drops, percent, parts or grams. It weighs
          each line, shows the piece, and says what would go wrong.
        </p>
        <h3>Try an example</h3>
        <p class="examples">
          <v-btn v-for="family in FAMILIES" :key="family" @click="page = exampleOf(family)">{{
            FAMILY_WORDS[family]
          }}</v-btn>
        </p>
      </section>
    </div>
  </main>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  grid-template-columns: minmax(0, 520px) minmax(0, 560px);
  justify-content: center;
  gap: 68px;
  padding: 56px 32px 32px;
}
h1 {
  margin: 0;
  font-size: var(--text-figure);
  line-height: 1.1;
}
h2 {
  margin: 0 0 10px;
}
.out {
  padding-top: 14px;
}
.lead {
  margin: 16px 0 22px;
  font-size: var(--text-lead);
  line-height: 1.45;
}
textarea {
  width: 100%;
  padding: 14px 16px;
  border: 1px solid var(--ink);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  line-height: 1.6;
  resize: vertical;
}
textarea::placeholder {
  color: var(--mid);
}
.examples {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 14px 0 6px;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0 24px;
}
.others :deep(button) {
  min-height: 44px;
  padding: 0;
  font: inherit;
  letter-spacing: normal;
}
@media (max-width: 820px) {
  .door {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
    padding: 16px 16px 32px;
  }
  .lead {
    margin: 8px 0 12px;
  }
}
</style>
