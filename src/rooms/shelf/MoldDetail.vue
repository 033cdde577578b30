<script setup lang="ts">
import { computed, ref } from 'vue';
import { METHODS } from '@/core/formula/model/kinds';
import { METHOD_WORDS } from '@/core/formula/model/messages';
import type { Method } from '@/core/formula/model/schema';
import { cavityMl } from '@/core/work/scaling/leftover';
import { describeMold, moldVolumeMl } from '@/core/work/scaling/molds';
import { meanFillG } from '@/core/workshop/shelf/moldFromShelf';
import type { ShelfMold } from '@/core/workshop/shelf/tool';
import { formatFixed } from '@/core/basics/format/numbers';
import { formatMass, formatMilliliters, shownUnit } from '@/core/basics/format/quantities';
import { parseQuantity } from '@/core/basics/units/parseQuantity';
import { useWorkshopStore } from '@/stores/workshop';
import MoldFields from '@/ui/fields/MoldFields.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import DraftField from '@/ui/fields/DraftField.vue';

/** One mold: its measures, the water it holds, and what its pieces weighed. */
const props = defineProps<{ mold: ShelfMold }>();
const workshop = useWorkshopStore();

const MOST_FILLS = 200;
const METHOD_ITEMS = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));
const fillText = ref('');
const fillProblem = ref('');
const isPlanned = computed(() =>
  Object.values(workshop.settings.requests).some(({ moldId }) => moldId === props.mold.id),
);

function change(part: Partial<ShelfMold>): void {
  workshop.put('molds', [{ ...props.mold, ...part }]);
}

function addFills(): void {
  const typed = fillText.value.split(/[\s;]+/).filter(Boolean);
  const fills = typed.flatMap((text) => {
    const read = parseQuantity(text, 'g');
    return read.ok && read.value >= 0.1 && read.value <= 50_000 ? [read.value] : [];
  });
  if (typed.length === 0 || fills.length < typed.length) {
    fillProblem.value = 'Type weights with spaces between, such as 197 201 199.';
    return;
  }
  fillProblem.value = '';
  fillText.value = '';
  change({ fillsG: [...props.mold.fillsG, ...fills].slice(-MOST_FILLS) });
}

function remove(): void {
  workshop.remove('molds', [props.mold.id]);
}
</script>

<template>
  <section :aria-label="mold.name" class="detail">
    <div class="fields">
      <DraftField
        :model-value="mold.name"
        label="Name"
        class="wide"
        maxlength="80"
        @update:model-value="(text: string) => change({ name: text.trim() || 'Mold' })"
      />
      <v-select
        :model-value="mold.method"
        :items="METHOD_ITEMS"
        label="Forming"
        @update:model-value="(method) => change({ method: method as Method })"
      />
      <MoldFields
        :model-value="mold.mold"
        @update:model-value="(shape) => change({ mold: shape })"
      />
      <NumberField
        :model-value="mold.cavities"
        label="Cavities"
        :min="1"
        :max="1000"
        :decimals="0"
        @update:model-value="(cavities) => change({ cavities: Math.round(cavities) })"
      />
      <NumberField
        v-if="mold.mold.shape !== 'own-volume'"
        :model-value="mold.waterFillMl ?? 0"
        label="Water it holds (0 to use measures)"
        unit="mL"
        :min="0"
        :max="20000"
        :decimals="1"
        @update:model-value="
          (volumeMl) => change({ waterFillMl: volumeMl >= 0.5 ? volumeMl : null })
        "
      />
    </div>
    <p class="quiet">
      By its measures, the {{ describeMold(mold.mold) }} holds
      {{ formatMilliliters(moldVolumeMl(mold.mold), 1) }}.<template
        v-if="mold.waterFillMl !== null && mold.mold.shape !== 'own-volume'"
      >
        Rovack uses the {{ formatMilliliters(mold.waterFillMl, 1) }} by water.</template
      >
    </p>
    <h3>Your fills</h3>
    <p v-if="mold.fillsG.length">
      {{ mold.fillsG.map((massG) => formatMass(massG)).join(', ') }}. Mean
      <b>{{ formatMass(meanFillG(mold)) }}</b>,
      {{ formatFixed(meanFillG(mold) / cavityMl(mold), 2) }} g/mL
    </p>
    <p v-else class="quiet">
      None yet. Weigh some pieces as you press them, and the plan uses your fill.
    </p>
    <form class="fills" @submit.prevent="addFills">
      <v-text-field
        v-model="fillText"
        :label="`Weights of filled pieces, ${shownUnit('g').unit}`"
        :error-messages="fillProblem"
      />
      <v-btn type="submit">Add fills</v-btn>
    </form>
    <p class="end">
      <v-btn v-if="!isPlanned" color="error" variant="text" @click="remove">Remove mold</v-btn>
      <span v-else class="quiet small">A plan uses it. Choose another mold there first.</span>
    </p>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.fields :deep(.wide) {
  grid-column: 1 / -1;
}
h3 {
  margin: 14px 0 2px;
  font: 650 var(--text-lead) var(--font-heading);
}
.fills {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: start;
  gap: 10px;
}
</style>
