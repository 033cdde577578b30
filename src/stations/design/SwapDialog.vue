<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Line } from '@/core/formula';
import { materialById } from '@/core/materials';
import { formatGrams } from '@/ui/format';
import MaterialPicker from '@/ui/MaterialPicker.vue';

const props = defineProps<{ line: Line | null }>();
const emit = defineEmits<{ swap: [materialId: string]; close: [] }>();

const materialId = ref<string | null>(null);
const name = computed(() => (props.line ? materialById(props.line.materialId).name : ''));

watch(
  () => props.line,
  () => {
    materialId.value = null;
  },
);
</script>

<template>
  <v-dialog
    :model-value="line !== null"
    max-width="440"
    aria-label="Swap the material"
    @update:model-value="emit('close')"
  >
    <v-card v-if="line">
      <v-card-title>Instead of {{ name }}</v-card-title>
      <v-card-text>
        <p class="quiet">The same {{ formatGrams(line.massG) }} g of:</p>
        <MaterialPicker v-model="materialId" label="Material" />
      </v-card-text>
      <v-card-actions>
        <v-btn variant="text" @click="emit('close')">Leave it</v-btn>
        <v-btn :disabled="materialId === null" @click="materialId && emit('swap', materialId)"
          >Swap</v-btn
        >
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
