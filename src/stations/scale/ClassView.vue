<script setup lang="ts">
import { computed, ref } from 'vue';
import { reasonOf } from '@/core/basics/format/reason';
import type { Formula } from '@/core/formula/model/schema';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { sayFinding } from '@/core/results/evaluation/messages';
import { classSheet } from '@/core/work/class-sheet/classSheet';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import PaperSheet from '@/shared/PaperSheet.vue';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import { saveBlob } from '@/ui/frame/download';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { classPaper } from '@/ui/paper/classPaper';

/** The formula as a sheet for a class: amounts a child, steps, the reaction in plain words. */
const props = defineProps<{ formula: Formula }>();
const workshop = useWorkshopStore();

const children = ref(12);
const eachG = ref(60);
const problem = ref('');
const isWriting = ref(false);

const paper = computed(() => {
  const { name, body } = props.formula;
  const { fizz, findings } = evaluate(body, conditionsFor(workshop.facts, body, null));
  const stops = findings.flatMap((finding) =>
    finding.severity === 'stop' ? sayFinding(finding).message : [],
  );
  const sheet = classSheet(body, workshop.catalog, fizz.co2L, children.value, eachG.value);
  return classPaper(name, sheet, stops);
});

const print = () => window.print();
async function savePdf(): Promise<void> {
  isWriting.value = true;
  problem.value = '';
  try {
    const [{ paperDocument }, { makePdf }] = await Promise.all([
      import('@/ui/paper/papers'),
      import('@/ui/paper/makePdf'),
    ]);
    saveBlob(
      `${paper.value.title.replace(/[\\/:*?"<>|]+/g, ' ').slice(0, 80)}.pdf`,
      await makePdf(paperDocument(paper.value)),
    );
  } catch (error) {
    problem.value = `Couldn’t write the PDF (${reasonOf(error)}). Print it instead.`;
  }
  isWriting.value = false;
}
</script>

<template>
  <section aria-label="Class sheet">
    <div class="ask no-print">
      <NumberField v-model="children" label="Children" :min="1" :max="200" :decimals="0" />
      <NumberField
        v-model="eachG"
        label="Mix a child"
        unit="g"
        :min="5"
        :max="1000"
        :decimals="0"
      />
      <v-btn @click="print">Print</v-btn>
      <v-btn variant="flat" :loading="isWriting" @click="savePdf">Save as PDF</v-btn>
    </div>
    <ProblemLine :problem="problem" />
    <PaperSheet :paper="paper" />
  </section>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-bottom: 12px;
}
.ask :deep(.v-input) {
  flex: 0 1 150px;
}
</style>
