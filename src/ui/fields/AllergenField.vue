<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { readAllergens, writeAllergens } from '@/core/results/scent/allergenText';
import type { AllergenShare } from '@/core/results/scent/documents';
import { listed } from '@/core/basics/format/names';

/** A supplier’s list of allergens, as it is copied from a paper; what does not read is said and not taken. */
const allergens = defineModel<readonly AllergenShare[]>({ required: true });
const emit = defineEmits<{ fits: [fits: boolean] }>();
const text = ref(writeAllergens(allergens.value));
const read = computed(() => readAllergens(text.value));

watch(read, (next) => {
  emit('fits', next.ok);
  if (next.ok) allergens.value = next.allergens;
});
</script>

<template>
  <div>
    <v-textarea
      v-model="text"
      label="Allergens, one a line, with their %"
      placeholder="Linalool 3.2"
      persistent-placeholder
      rows="3"
      auto-grow
      :error-messages="
        read.ok ? '' : `“${read.line.slice(0, 60)}”: type a name and its share of the scent in %`
      "
    />
    <p v-if="read.ok && read.others.length > 0" class="quiet">
      A label does not need to name {{ listed(read.others.slice(0, 4)) }}.
    </p>
  </div>
</template>
