<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import { lineOf } from '@/core/formula/model/create';
import { sayUnread } from '@/core/formula/model/unreadMessages';
import type { Line, UnreadLine } from '@/core/formula/model/schema';
import { readChosenAmount } from '@/core/formula/reading/readChosenAmount';
import { readLine, wayWritten } from '@/core/formula/reading/readLine';
import { useWorkshopStore } from '@/stores/workshop';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import { useMaterials } from '@/ui/fields/materials';

const NewMaterialDialog = defineAsyncComponent(() => import('@/shared/NewMaterialDialog.vue'));
const props = defineProps<{ entry: UnreadLine }>();
const emit = defineEmits<{ settle: [line: Line | null] }>();

const { catalog, findById } = useMaterials();
const workshop = useWorkshopStore();
const materialId = ref<string | null>(
  props.entry.choices.length === 1 ? (props.entry.choices[0] ?? null) : null,
);
const amount = ref('');
const problem = ref('');
const isMaking = ref(false);
const newName = ref('');

function make(name: string): void {
  newName.value = name;
  isMaking.value = true;
}

/** With the material chosen, does the written amount read after all? Then no grams are asked for. */
const reread = computed(() =>
  materialId.value === null
    ? null
    : readLine(
        props.entry.text,
        { catalog: catalog.value, small: workshop.smallMeasures },
        materialId.value,
      ),
);
const asksAmount = computed(() => materialId.value !== null && reread.value?.kind !== 'read');

function take(): void {
  if (reread.value?.kind === 'read') {
    emit('settle', reread.value.line);
    return;
  }
  const chosen = readChosenAmount(
    findById(materialId.value ?? '') ?? null,
    amount.value,
    workshop.smallMeasures,
  );
  if (!chosen.ok) {
    problem.value = chosen.problem;
    return;
  }
  const how = wayWritten(props.entry.text, chosen.value.material);
  emit('settle', {
    ...lineOf(chosen.value.material, chosen.value.massG),
    written: props.entry.text,
    ...(how && { how }),
  });
}
</script>

<template>
  <li class="entry" :aria-label="`Line ${entry.line}`">
    <p class="text">
      <b>“{{ entry.text }}”</b>
      <span class="quiet">Line {{ entry.line }}: {{ sayUnread(entry.reason) }}</span>
    </p>
    <form class="answer" @submit.prevent="take">
      <MaterialPicker
        v-model="materialId"
        label="Material"
        :first="entry.choices"
        can-make
        class="picker"
        @make="make"
      />
      <v-text-field
        v-if="asksAmount"
        v-model="amount"
        label="Amount"
        placeholder="85 g or 2 tbsp"
        persistent-placeholder
        class="amount"
        autocomplete="off"
      />
      <v-btn type="submit">Add</v-btn>
      <v-btn variant="text" @click="emit('settle', null)">Remove</v-btn>
    </form>
    <ProblemLine :problem="problem" />
    <NewMaterialDialog
      v-if="isMaking"
      v-model="isMaking"
      :named="newName"
      @added="(id) => (materialId = id)"
    />
  </li>
</template>

<style scoped>
.entry {
  margin-top: 12px;
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
.text {
  margin: 0 0 6px;
  font-size: var(--text-plain);
  overflow-wrap: anywhere;
}
.text b {
  margin-right: 6px;
}
.answer {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 6px;
}
.picker {
  flex: 1 1 170px;
}
.amount {
  flex: 0 1 130px;
}
.problem {
  margin: 4px 0 0;
  color: var(--rust);
}
</style>
