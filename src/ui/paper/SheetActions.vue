<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { ref } from 'vue';
import { reasonOf } from '@/core/basics/format/reason';
import { saveBlob } from '@/ui/frame/download';
import type { Sheet } from './sheet';

/** Paper and file of a bench sheet. */
const props = defineProps<{ sheet: Sheet }>();
const isWriting = ref(false);
const problem = ref('');

async function writePdf(): Promise<void> {
  isWriting.value = true;
  problem.value = '';
  try {
    const { sheetPdf } = await import('./sheetPdf');
    saveBlob(`${props.sheet.code ?? props.sheet.title}.pdf`, await sheetPdf(props.sheet));
  } catch (error) {
    problem.value = `Couldn’t write the PDF (${reasonOf(error)}). Print it instead.`;
  }
  isWriting.value = false;
}

function print(): void {
  window.print();
}
</script>

<template>
  <v-btn @click="print">Print</v-btn>
  <v-btn :loading="isWriting" @click="writePdf">Save as PDF</v-btn>
  <ProblemLine :problem="problem" />
</template>

<style scoped></style>
