<script setup lang="ts">
import ConfirmDialog from '@/ui/kit/ConfirmDialog.vue';
import AppForm from '@/ui/kit/AppForm.vue';
import { computed, ref } from 'vue';
import { usersOfLot } from '@/core/workshop/shelf/trace';
import type { Lot } from '@/core/workshop/shelf/lot';
import { nowIso } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { useMoney } from '@/shared/useMoney';
import AllergenField from '@/ui/fields/AllergenField.vue';
import NumberField from '@/ui/fields/NumberField.vue';
import DateField from '@/ui/kit/DateField.vue';
import SupplierDocuments from '@/shared/SupplierDocuments.vue';
import LotMoves from './LotMoves.vue';
import { useMaterials } from '@/ui/fields/materials';
import DraftField from '@/ui/fields/DraftField.vue';

const { materialOf, nameOf, sentenceNameOf } = useMaterials();

const props = defineProps<{ lot: Lot }>();
const emit = defineEmits<{ go: [lotId: string] }>();

const workshop = useWorkshopStore();
const shelf = useShelfStore();
const { money } = useMoney();

const leftG = computed(() => shelf.left.get(props.lot.id) ?? 0);
const users = computed(() => usersOfLot(props.lot.id, workshop.lots, shelf.moves));
const counted = ref<number>(Math.max(0, Number(leftG.value.toFixed(1))));
const isRemoving = ref(false);
const isUsed = computed(() => users.value.batches.length > 0 || users.value.premixes.length > 0);

function change(part: Partial<Lot>): void {
  workshop.put('lots', [{ ...props.lot, ...part }]);
}

/** What the scale says is there now; the difference stays in the record with its time. */
function count(): void {
  const changeG = counted.value - leftG.value;
  if (Math.abs(changeG) < 1e-6) return;
  change({
    counts: [...props.lot.counts, { at: nowIso(), changeG, why: 'counted on the scale' }],
  });
}

const isScent = computed(() => materialOf(props.lot.materialId).role === 'scent');

function remove(): void {
  const ids = workshop.documents.filter(({ lotId }) => lotId === props.lot.id).map(({ id }) => id);
  workshop.remove('documentFiles', ids);
  workshop.remove('documents', ids);
  workshop.remove('lots', [props.lot.id]);
}
</script>

<template>
  <section :aria-label="`Lot ${lot.code}`">
    <h2>{{ nameOf(lot.materialId) }}</h2>
    <p class="quiet facts">
      {{ lot.code }}<template v-if="lot.supplier"> · {{ lot.supplier }}</template
      ><template v-if="lot.cost !== null && lot.receivedG > 0">
        · {{ money(lot.cost) }}, {{ money((1000 * lot.cost) / lot.receivedG) }} per kg</template
      >
    </p>
    <p class="amount">
      <b class="figure" :class="{ below: leftG < 0 }">{{ formatMass(leftG) }}</b>
      <span class="quiet">left of {{ formatMass(lot.receivedG) }}</span>
    </p>
    <p v-if="leftG < 0" class="caution">
      You weighed more from it than there was. Count it, or give the weights to another lot.
    </p>
    <p v-if="lot.premix">
      Premix, {{ formatPercent(lot.premix.strengthPct, 2) }} in
      {{ sentenceNameOf(lot.premix.carrierId) }}
    </p>
    <div class="fields">
      <DateField
        :model-value="lot.openedOn"
        label="Opened"
        @update:model-value="(openedOn) => change({ openedOn })"
      />
      <DateField
        :model-value="lot.expiresOn"
        :label="lot.isRetest ? 'Retest on' : 'Expires'"
        @update:model-value="(expiresOn) => change({ expiresOn })"
      />
      <v-switch
        :model-value="lot.isRetest"
        label="Retest instead of expiry"
        density="compact"
        @update:model-value="(isRetest) => change({ isRetest: isRetest === true })"
      />
      <v-switch
        :model-value="lot.isQuarantined"
        label="On hold"
        density="compact"
        @update:model-value="(isQuarantined) => change({ isQuarantined: isQuarantined === true })"
      />
      <AppForm class="count" @submit="count">
        <NumberField
          v-model="counted"
          label="Counted"
          unit="g"
          :min="0"
          :max="10000000"
          :decimals="1"
        />
        <v-btn type="submit">Save count</v-btn>
      </AppForm>
    </div>
    <LotMoves :lot="lot" :users="users" @go="(id) => emit('go', id)" />
    <DraftField
      is-long
      class="note"
      :model-value="lot.note"
      label="Note"
      rows="2"
      auto-grow
      maxlength="2000"
      @update:model-value="(text: string) => change({ note: text })"
    />
    <AllergenField
      v-if="isScent"
      class="note"
      :model-value="lot.allergens ?? []"
      @update:model-value="(allergens) => change({ allergens: [...allergens] })"
    />
    <SupplierDocuments :material-id="lot.materialId" :lot-id="lot.id" />
    <p class="end">
      <v-btn v-if="!isUsed" color="error" variant="text" @click="isRemoving = true"
        >Remove lot</v-btn
      >
      <span v-else class="quiet small">Batches use it, so it stays on record.</span>
    </p>
    <ConfirmDialog
      v-model="isRemoving"
      label="Remove lot"
      :title="`Remove lot ${lot.code}?`"
      act="Remove"
      @confirm="remove"
      >You weighed nothing from it.</ConfirmDialog
    >
  </section>
</template>

<style scoped>
.count {
  display: contents;
}
.facts {
  margin: 2px 0 8px;
}
.amount {
  margin: 0 0 12px;
}
.figure {
  margin-right: 8px;
  font-size: var(--text-headline);
}
.below {
  color: var(--rust);
}
.caution {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-items: center;
  gap: 10px 12px;
}
.note {
  margin-top: 18px;
}
.small {
  font-size: var(--text-small);
}
</style>
