<script setup lang="ts">
import FormDialog from '@/ui/kit/FormDialog.vue';
import { computed, ref, watch } from 'vue';
import { newId } from '@/core/basics/newId';
import { dangerousNamed, isStop } from '@/core/matter/materials/names/dangers/find';
import { materialById, SHIPPED } from '@/core/matter/materials/catalog';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import { capital } from '@/core/basics/format/phrases';
import { useWorkshopStore } from '@/stores/workshop';
import MaterialPicker from '@/ui/fields/MaterialPicker.vue';
import { useMaterials } from '@/ui/fields/materials';

const { catalog, materialOf } = useMaterials();

/** A material the catalog does not have: its name, and what it behaves like. */
const isOpen = defineModel<boolean>({ required: true });
const props = defineProps<{ named?: string }>();
const emit = defineEmits<{ added: [id: string] }>();
const workshop = useWorkshopStore();

const name = ref('');
const likeId = ref<string | null>(null);

watch(
  isOpen,
  () => {
    name.value = props.named ?? '';
    likeId.value = null;
  },
  { immediate: true },
);

const problem = computed(() => {
  const wanted = name.value.trim().toLowerCase();
  if (wanted === '') return 'Type the name you use for it.';
  if (catalog.value.offered.some((material) => material.name.toLowerCase() === wanted))
    return 'There is a material with that name already.';
  const danger = dangerousNamed(name.value);
  if (danger && isStop(danger))
    return `${capital(danger.name)} must not be in a fizzing product: ${danger.why}.`;
  return likeId.value === null
    ? 'Choose what it behaves like. Density, water and cautions come from there.'
    : '';
});

function add(): void {
  if (problem.value || likeId.value === null) return;
  // What is like one of the maker's own is like what that one is like.
  const like = materialOf(likeId.value).likeId;
  const own = newOwnMaterial(materialById(SHIPPED, like), 'own', {
    id: newId(),
    name: name.value.trim(),
  });
  workshop.put('materials', [own]);
  isOpen.value = false;
  emit('added', own.id);
}
</script>

<template>
  <FormDialog
    v-model="isOpen"
    title="Add a material"
    keep="Add"
    :missing="problem"
    :width="480"
    @submit="add"
  >
    <v-text-field v-model="name" label="Name" maxlength="80" />
    <MaterialPicker v-model="likeId" label="Behaves like" />
  </FormDialog>
</template>
