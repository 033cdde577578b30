<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { UNIT_KINDS, type UnitKind } from '@/core/goods/products/kinds';
import { UNIT_WORDS } from '@/core/goods/products/messages';
import { newSaleUnit, usualPieces } from '@/core/goods/products/create';
import { useBowlsStore } from '@/stores/bowls';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';
import NumberField from '@/ui/fields/NumberField.vue';
import FormDialog from '@/ui/kit/FormDialog.vue';

/** A new thing to sell: what kind, of which formulas. */
const isOpen = defineModel<boolean>({ required: true });
const pack = usePackStore();
const workshop = useWorkshopStore();
const bowls = useBowlsStore();

const kind = ref<UnitKind>('piece');
const formulaIds = ref<string[]>([]);
const name = ref('');
const pieces = ref(1);
/** Grams in one pack of loose salts. */
const fillG = ref(0);
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
  pieces.value = usualPieces(kind.value);
  name.value = '';
  problem.value = '';
});

/** Loose salts are sold by weight: one pack is one fill of so many grams. */
const loose = computed(() => {
  const [id, ...others] = formulaIds.value;
  const formula = workshop.formulas.find((one) => one.id === id);
  return others.length === 0 && formula?.body.method === 'loose' ? formula : null;
});
watch(kind, (next) => {
  pieces.value = usualPieces(next);
});
watch(loose, (formula) => {
  if (formula) fillG.value = bowls.requestOf(formula).fillG ?? 0;
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
  if (loose.value && fillG.value > 0)
    workshop.changeSettings({
      requests: {
        ...workshop.settings.requests,
        [loose.value.id]: { ...bowls.requestOf(loose.value), fillG: fillG.value },
      },
    });
  const each = loose.value ? 1 : Math.round(pieces.value);
  pack.putUnit(newSaleUnit(said, kind.value, chosen, 'own', each));
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
    <NumberField
      v-if="loose"
      v-model="fillG"
      label="Weight in one (0 for as on Scale)"
      unit="g"
      :min="0"
      :max="20000"
      :decimals="1"
    />
    <NumberField
      v-else
      v-model="pieces"
      :label="formulaIds.length > 1 ? 'Pieces of each in one' : 'Pieces in one'"
      :min="1"
      :max="1000"
      :decimals="0"
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
