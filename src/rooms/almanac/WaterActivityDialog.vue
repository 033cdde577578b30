<script setup lang="ts">
import { ref, watch } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import { nowIso } from '@/stores/now';
import { useQualityStore } from '@/stores/quality';
import NumberField from '@/ui/fields/NumberField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** Water activity of a dry piece, as an instrument or a laboratory gave it. */
const props = defineProps<{ batch: Batch }>();
const isOpen = defineModel<boolean>({ required: true });
const quality = useQualityStore();
const waterActivity = ref(0.45);
const tempC = ref(21);
const by = ref('');

watch(isOpen, () => {
  waterActivity.value = 0.45;
  tempC.value = 21;
  by.value = '';
});

function keep(): void {
  quality.write({
    kind: 'water-activity',
    at: nowIso(),
    who: quality.whoNow(),
    batchId: props.batch.id,
    waterActivity: waterActivity.value,
    tempC: tempC.value,
    by: by.value.trim(),
  });
  isOpen.value = false;
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    :title="`Water activity of ${batch.code}`"
    keep="Save"
    @submit="keep"
  >
    <NumberField
      v-model="waterActivity"
      label="Water activity, 0–1"
      :min="0"
      :max="1"
      :decimals="3"
    />
    <NumberField v-model="tempC" label="Temperature" unit="°C" :min="0" :max="60" :decimals="1" />
    <v-text-field v-model="by" label="Instrument or laboratory" maxlength="120" />
  </FormDialog>
</template>
