<script setup lang="ts">
import { SAMPLE_MAKER } from '@/stores/sampleShop';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import ConfirmDialog from '@/ui/kit/ConfirmDialog.vue';
import { ref } from 'vue';
import { useWorkshopStore } from '@/stores/workshop';
import { counted } from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';

/** The made-up workshop to look around in: it comes and goes whole. */
const workshop = useWorkshopStore();
const isRemoving = ref(false);
const problem = ref('');

async function openSample(): Promise<void> {
  problem.value = '';
  await workshop.openSample().catch((error: unknown) => {
    problem.value = `Couldn’t load the sample (${reasonOf(error)}). Try again.`;
  });
}

async function removeSample(): Promise<void> {
  await workshop.removeSample();
  isRemoving.value = false;
}
</script>

<template>
  <section aria-label="Sample workshop">
    <h2>Sample workshop</h2>
    <template v-if="workshop.sampleCount">
      <p>
        The made-up {{ SAMPLE_MAKER }} has {{ counted(workshop.sampleCount, 'record') }} here.
        Batches you made from its formulas are yours and stay.
      </p>
      <v-btn color="error" @click="isRemoving = true">Remove the sample workshop</v-btn>
    </template>
    <template v-else>
      <p>A made-up harbor workshop with formulas and batches to look around in.</p>
      <v-btn @click="openSample">Open the sample workshop</v-btn>
    </template>
    <ProblemLine :problem="problem" />
    <ConfirmDialog
      v-model="isRemoving"
      label="Remove the sample workshop"
      title="Remove the sample workshop?"
      act="Remove"
      @confirm="removeSample"
      >This removes {{ counted(workshop.sampleCount, 'record') }}, with your changes to them. Your
      own formulas and batches stay.</ConfirmDialog
    >
  </section>
</template>
