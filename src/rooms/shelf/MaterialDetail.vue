<script setup lang="ts">
import { toLot } from '@/shared/addresses';
import { computed, ref } from 'vue';
import { SOURCES } from '@/core/matter/materials/sources';
import { isShipped } from '@/core/matter/materials/catalog';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { isMadeOf } from '@/core/goods/archive/batchDigest';
import { isInALot, usersOfMaterial } from '@/core/workshop/shelf/usersOfMaterial';
import { usableLots } from '@/core/workshop/shelf/assignLots';
import { isReady } from '@/core/workshop/shelf/made';
import { weekdayTime } from '@/core/basics/format/dates';
import { nowIso, today } from '@/stores/now';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import SupplierDocuments from '@/shared/SupplierDocuments.vue';
import MakeAheadDialog from '@/shared/MakeAheadDialog.vue';
import { formatMinutes } from '@/core/basics/format/durations';
import { listed } from '@/core/basics/format/names';
import { formatFixed } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import OverrideField from './OverrideField.vue';
import { useMaterials } from '@/ui/fields/materials';
import DraftField from '@/ui/fields/DraftField.vue';

const { materialOf, nameOf } = useMaterials();

const props = defineProps<{ materialId: string }>();
const emit = defineEmits<{ removed: [] }>();
const workshop = useWorkshopStore();
const shelf = useShelfStore();

const isAgain = ref(false);
const material = computed(() => materialOf(props.materialId));
const own = computed<OwnMaterial>(
  () =>
    workshop.materials.find(({ id }) => id === props.materialId) ?? newOwnMaterial(material.value),
);
const isMadeHere = computed(() => !isShipped(props.materialId));
const lots = computed(() => usableLots(props.materialId, workshop.lots, today()));
/** Made ahead, and still in its jar. */
const standing = computed(() =>
  workshop.lots.flatMap((lot) =>
    lot.materialId === props.materialId && lot.made && !isReady(lot, nowIso())
      ? [{ code: lot.code, made: lot.made }]
      : [],
  ),
);
/** Formulas and batches that are made of it. */
const users = computed(() => [
  ...usersOfMaterial(
    props.materialId,
    workshop.formulas,
    workshop.batches,
    workshop.ladders,
    workshop.materials,
  ),
  ...workshop.past.filter((batch) => isMadeOf(batch, props.materialId)).map(({ code }) => code),
]);
const isNeeded = computed(
  () => users.value.length > 0 || isInALot(props.materialId, workshop.lots),
);

function change(part: Partial<OwnMaterial>): void {
  workshop.put('materials', [{ ...own.value, ...part }]);
}

function remove(): void {
  emit('removed');
  const ids = workshop.documents
    .filter(({ materialId }) => materialId === props.materialId)
    .map(({ id }) => id);
  workshop.remove('documentFiles', ids);
  workshop.remove('documents', ids);
  workshop.remove('materials', [props.materialId]);
}
</script>

<template>
  <section :aria-label="material.name">
    <h2>{{ material.name }}</h2>
    <p class="quiet facts">
      {{ material.inci || 'no INCI yet' }} · {{ material.role
      }}<template v-if="isMadeHere"> · like {{ nameOf(material.likeId) }}</template>
    </p>
    <p v-if="lots.length">
      <b>{{ formatMass(shelf.usable.get(materialId) ?? 0) }}</b> in
      <template v-for="(lot, i) in lots" :key="lot.id"
        >{{ i ? ', ' : ''
        }}<router-link :to="toLot(lot.code)">{{ lot.code }}</router-link></template
      >
    </p>
    <p v-else-if="standing.length">
      Not ready yet:
      {{
        listed(
          standing.map(({ code, made }) => `${code}, ${weekdayTime(Date.parse(made.readyAt))}`),
        )
      }}.
    </p>
    <p v-else class="quiet">There is no lot of it on the shelf.</p>
    <template v-if="own.ahead">
      <p>
        Made ahead of
        {{ listed(own.ahead.lines.map((line) => materialOf(line.materialId).sentenceName)) }}.
        {{
          own.ahead.readyH > 0
            ? `Ready ${formatMinutes(own.ahead.readyH * 60)} after it is made.`
            : 'Ready as it is made.'
        }}
      </p>
      <v-btn size="small" class="again" @click="isAgain = true">Make it again</v-btn>
      <MakeAheadDialog v-model="isAgain" :again="own" />
    </template>
    <div class="fields">
      <template v-if="isMadeHere">
        <DraftField
          :model-value="own.name"
          label="Name"
          maxlength="80"
          @update:model-value="
            (text: string) => {
              const name = text.trim();
              if (name) change({ name });
            }
          "
        />
        <DraftField
          :model-value="own.inci"
          label="INCI"
          maxlength="200"
          @update:model-value="(text: string) => change({ inci: text })"
        />
      </template>
      <DraftField
        :model-value="own.synonyms.join('; ')"
        label="Other names, separated by ;"
        @update:model-value="
          (text: string) =>
            change({
              synonyms: text
                .split(';')
                .map((word) => word.trim().slice(0, 80))
                .filter(Boolean)
                .slice(0, 20),
            })
        "
      />
      <OverrideField
        label="True density, g/mL"
        :model-value="own.trueDensityGMl"
        :min="0.05"
        :max="25"
        :catalog="`${material.trueDensityGMl.value}`"
        :source="`Source: ${SOURCES[material.trueDensityGMl.source].title}`"
        by="weighed at home"
        @update:model-value="(trueDensityGMl) => change({ trueDensityGMl })"
      />
      <OverrideField
        v-if="!material.isLiquid"
        label="Level measure, g/mL"
        :model-value="own.levelDensityGMl"
        :min="0.02"
        :max="10"
        :catalog="formatFixed(material.densityGMl.level.value.best, 2)"
        :source="`Source: ${SOURCES[material.densityGMl.level.source].title}`"
        by="weighed at home"
        @update:model-value="(levelDensityGMl) => change({ levelDensityGMl })"
      />
      <OverrideField
        label="Water, %"
        :model-value="own.waterPct"
        :min="0"
        :max="100"
        :catalog="formatFixed(100 * material.waterFraction.value, 1)"
        :source="`Source: ${SOURCES[material.waterFraction.source].title}`"
        by="supplier’s sheet"
        @update:model-value="(waterPct) => change({ waterPct })"
      />
      <OverrideField
        label="Price per kg"
        :model-value="own.pricePerKg"
        :min="0"
        :max="1000000"
        catalog=""
        source="From the lots, until you set a price"
        by="price list"
        @update:model-value="(pricePerKg) => change({ pricePerKg })"
      />
      <div class="pair">
        <NumberField
          :model-value="own.packG ?? 0"
          label="Pack size (0 for any)"
          unit="g"
          :min="0"
          :max="1000000"
          :decimals="1"
          @update:model-value="(packG) => change({ packG: packG >= 1 ? packG : null })"
        />
        <NumberField
          :model-value="own.lowG ?? 0"
          label="Reorder below (0 for never)"
          unit="g"
          :min="0"
          :max="1000000"
          :decimals="1"
          @update:model-value="(lowG) => change({ lowG: lowG > 0 ? lowG : null })"
        />
        <NumberField
          :model-value="own.leadDays ?? 0"
          label="Lead time"
          suffix="days"
          :min="0"
          :max="365"
          :decimals="0"
          @update:model-value="(leadDays) => change({ leadDays: Math.round(leadDays) })"
        />
      </div>
      <DraftField
        is-long
        :model-value="own.note"
        label="Note"
        rows="2"
        auto-grow
        maxlength="2000"
        @update:model-value="(text: string) => change({ note: text })"
      />
    </div>
    <SupplierDocuments :material-id="materialId" />
    <ul v-if="material.cautions.length" class="cautions">
      <li v-for="caution in material.cautions" :key="caution">{{ caution }}</li>
    </ul>
    <p v-if="isMadeHere">
      <v-switch
        :model-value="own.isArchived"
        label="Archived"
        density="compact"
        @update:model-value="(isArchived) => change({ isArchived: isArchived === true })"
      />
      <v-btn v-if="!isNeeded" color="error" variant="text" @click="remove">Remove material</v-btn>
      <span v-else class="quiet small">{{
        users.length
          ? `Used in ${listed(users.slice(0, 3))}. Archive it instead.`
          : 'A lot uses it. Archive it instead.'
      }}</span>
    </p>
  </section>
</template>

<style scoped>
.again {
  margin-bottom: 12px;
}
.facts {
  margin: 2px 0 8px;
}
.fields {
  display: grid;
  gap: 12px;
  margin-top: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.cautions {
  margin: 14px 0 0;
  padding: 0 0 0 18px;
  font-size: var(--text-plain);
}
.small {
  font-size: var(--text-small);
}
a {
  color: var(--verdigris);
}
</style>
