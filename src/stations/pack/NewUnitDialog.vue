<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { UNIT_KINDS, type UnitKind } from '@/core/goods/products/kinds';
import { UNIT_WORDS } from '@/core/goods/products/messages';
import { newSaleUnit } from '@/core/goods/products/create';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** A new thing to sell: what kind, of which formulas. */
const isOpen = defineModel<boolean>({ required: true });
const pack = usePackStore();
const workshop = useWorkshopStore();

const kind = ref<UnitKind>('piece');
const formulaIds = ref<string[]>([]);
const name = ref('');
const problem = ref('');

const KINDS = UNIT_KINDS.map((value) => ({ value, title: UNIT_WORDS[value] }));
const formulas = computed(() =>
  [...workshop.formulas]
    .filter(({ archivedAt }) => !archivedAt)
    .map((formula) => ({ value: formula.id, title: formula.name })),
);
const proposed = computed(() => {
  const names = workshop.formulas.flatMap((one) =>
    formulaIds.value.includes(one.id) ? [one.name] : [],
  );
  if (names.length === 0) return '';
  return names.length === 1 && kind.value === 'pair'
    ? `${names[0]}, pair`
    : names.length === 1 && kind.value === 'sampler'
      ? `${names[0]} mini`
      : names.join(', ');
});

watch(isOpen, (open) => {
  if (!open) return;
  const inHand = workshop.settings.formulaInHandId;
  const family = workshop.formulaInHand?.body.family;
  kind.value = family === 'shower-steamer' ? 'pair' : family === 'fizzing-salts' ? 'jar' : 'piece';
  formulaIds.value = inHand ? [inHand] : [];
  name.value = '';
  problem.value = '';
});

function keep(): void {
  const chosen = formulaIds.value.flatMap(
    (id) => workshop.formulas.find((one) => one.id === id) ?? [],
  );
  if (chosen.length === 0) {
    problem.value = 'Choose at least one formula.';
    return;
  }
  const said = (name.value.trim() || proposed.value).slice(0, 300);
  pack.putUnit(newSaleUnit(said, kind.value, chosen));
  isOpen.value = false;
}
</script>

<template>
  <FormDialog v-model="isOpen" title="New product" keep="Create" :problem="problem" @submit="keep">
    <v-select v-model="kind" :items="KINDS" label="Sold as" />
    <v-autocomplete
      v-model="formulaIds"
      :items="formulas"
      label="Formulas"
      multiple
      chips
      closable-chips
    />
    <v-text-field
      v-model="name"
      label="Name"
      :placeholder="proposed"
      persistent-placeholder
      maxlength="300"
    />
  </FormDialog>
</template>
