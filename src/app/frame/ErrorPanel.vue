<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { placeOf } from '@/shared/places';
import { checkBatch, checkFormula } from '@/core/workshop/self-check/selfCheck';
import type { CollectionName } from '@/storage/records/names';
import { NO_RECORDS } from '@/storage/records/collections';
import { writeWorkshopFile } from '@/storage/file/write';
import { nowIso } from '@/stores/now';
import { saveWords } from '@/stores/saveMessages';
import { useSavingStore } from '@/stores/saving';
import { useWorkshopStore } from '@/stores/workshop';
import { download } from '@/ui/frame/download';

/** In place of a screen that threw: the record it failed on, to be saved as a file and laid away. */
defineProps<{ said: string }>();
const emit = defineEmits<{ again: [] }>();
const workshop = useWorkshopStore();
const saving = useSavingStore();
const route = useRoute();
const router = useRouter();

interface Culprit {
  readonly of: 'formulas' | 'batches';
  readonly id: string;
  readonly name: string;
}
const isLooking = ref(true);
const found = shallowRef<readonly Culprit[]>([]);

/** What this screen shows alone; asked when every record can be gone through. */
const inHand = computed<readonly Culprit[]>(() => {
  const { code } = route.params;
  const batch = workshop.batches.find((one) => one.code === code || one.id === code);
  if (batch) return [{ of: 'batches', id: batch.id, name: batch.code }];
  const formula = workshop.formulaInHand;
  return formula ? [{ of: 'formulas', id: formula.id, name: formula.name }] : [];
});
const culprits = computed(() => (found.value.length > 0 ? found.value : inHand.value));

onMounted(() => {
  // After the sentence is on the screen: a long year of batches takes a moment.
  setTimeout(() => {
    found.value = [
      ...workshop.formulas
        .filter((formula) => checkFormula(formula, workshop.facts) !== null)
        .map(({ id, name }): Culprit => ({ of: 'formulas', id, name })),
      ...workshop.batches
        .filter((batch) => checkBatch(batch, workshop.facts) !== null)
        .map(({ id, code }): Culprit => ({ of: 'batches', id, name: code })),
    ];
    isLooking.value = false;
  });
});

function save({ of, id, name }: Culprit): void {
  const records = workshop.records[of].filter((record) => record.id === id);
  const text = writeWorkshopFile(
    { ...NO_RECORDS, [of]: records, materials: workshop.materials, settings: null },
    nowIso(),
  );
  const safe = name.replace(/[^\p{L}\p{N}-]+/gu, '-').slice(0, 60);
  download(`rovack-${safe || 'record'}.rovack.json`, 'application/json', text);
}
async function layAway({ of, id }: Culprit): Promise<void> {
  workshop.setAside(of satisfies CollectionName, id);
  // Its own address leads nowhere now.
  const place = placeOf(String(route.name ?? ''));
  if (place) await router.replace({ name: place.route });
  emit('again');
}
</script>

<template>
  <section class="failed" aria-label="Couldn’t show this screen" role="alert">
    <h1>Couldn’t show this screen</h1>
    <p>
      Something on it failed ({{ said }}). {{ saveWords(saving.status) }} All other screens work.
    </p>
    <p v-if="isLooking" class="quiet">Looking for the record that caused it…</p>
    <template v-else>
      <p v-if="found.length === 0" class="quiet">
        Every record can be read by itself. This screen was working with this one.
      </p>
      <ul class="plain-list">
        <li v-for="one in culprits" :key="one.id">
          <b>{{ one.name || 'no name' }}</b>
          <span class="quiet">{{ one.of === 'batches' ? 'batch' : 'formula' }}</span>
          <v-btn size="small" @click="save(one)"
            >Save as a file<span class="visually-hidden"> {{ one.name }}</span></v-btn
          >
          <v-btn size="small" @click="layAway(one)"
            >Set aside<span class="visually-hidden"> {{ one.name }}</span></v-btn
          >
        </li>
      </ul>
    </template>
    <v-btn variant="flat" @click="emit('again')">Show the screen again</v-btn>
  </section>
</template>

<style scoped>
.failed {
  max-width: 720px;
  padding: 28px 24px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
}
ul {
  margin-bottom: 16px;
}
</style>
