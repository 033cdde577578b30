<script setup lang="ts">
import { toBatch } from '@/shared/addresses';
import { computed } from 'vue';
import type { Lot } from '@/core/workshop/shelf/lot';
import { madeFrom } from '@/core/workshop/shelf/made';
import type { LotUsers } from '@/core/workshop/shelf/trace';
import { useWorkshopStore } from '@/stores/workshop';
import { shortDate } from '@/core/basics/format/dates';
import { formatMass } from '@/core/basics/format/quantities';
import { useMaterials } from '@/ui/fields/materials';

const { nameOf } = useMaterials();

/** Where a lot went, what a premix was made from, and when it was counted. */
const props = defineProps<{ lot: Lot; users: LotUsers }>();
const emit = defineEmits<{ go: [lotId: string] }>();
const workshop = useWorkshopStore();

const isUsed = computed(() => props.users.batches.length + props.users.premixes.length > 0);
const parts = computed(() =>
  madeFrom(props.lot).map(({ lotId, massG }) => ({
    lot: workshop.lots.find(({ id }) => id === lotId) ?? null,
    massG,
  })),
);
</script>

<template>
  <h3>Used in</h3>
  <p v-if="!isUsed" class="quiet">You weighed nothing from it yet.</p>
  <ul class="plain-list moves">
    <li v-for="user in users.batches" :key="user.batchId">
      <router-link :to="toBatch(user.batchId)">{{ user.code }}</router-link>
      <span v-if="user.through.length" class="quiet">through {{ user.through.join(', ') }}</span>
      <span class="tabular">{{ formatMass(user.massG) }}</span>
    </li>
    <li v-for="premix in users.premixes" :key="premix.lotId">
      <button type="button" class="link" @click="emit('go', premix.lotId)">
        {{ premix.code }}
      </button>
      <span class="quiet">premix</span>
      <span class="tabular">{{ formatMass(premix.massG) }}</span>
    </li>
  </ul>
  <template v-if="parts.length">
    <h3>Made from</h3>
    <ul class="plain-list moves">
      <li v-for="(part, i) in parts" :key="i">
        <button v-if="part.lot" type="button" class="link" @click="emit('go', part.lot.id)">
          {{ part.lot.code }}
        </button>
        <span v-else class="quiet">a removed lot</span>
        <span class="quiet">{{ part.lot ? nameOf(part.lot.materialId) : '' }}</span>
        <span class="tabular">{{ formatMass(part.massG) }}</span>
      </li>
    </ul>
  </template>
  <template v-if="lot.counts.length">
    <h3>Counted</h3>
    <ul class="plain-list moves">
      <li v-for="entry in lot.counts" :key="entry.at">
        <span>{{ shortDate(entry.at) }}</span><span class="quiet">{{ entry.why }}</span>
        <span class="tabular">{{
          entry.changeG > 0 ? `+${formatMass(entry.changeG)}` : `−${formatMass(-entry.changeG)}`
        }}</span>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h3 {
  margin: 18px 0 4px;
  font: 650 var(--text-lead) var(--font-heading);
}
.moves li {
  display: flex;
  gap: 12px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
}
.moves .tabular {
  margin-left: auto;
}
.link,
a {
  color: var(--verdigris);
}
.link {
  border: 0;
  padding: 0;
  background: none;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}
</style>
