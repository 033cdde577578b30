<script setup lang="ts">
import AppDialog from '@/ui/kit/AppDialog.vue';
import { typedIn } from '@/ui/fields/typedIn';
import { FAMILIES, METHODS, SCHOOLS } from '@/core/formula/model/kinds';
import { FAMILY_WORDS, METHOD_WORDS, SCHOOL_WORDS } from '@/core/formula/model/messages';
import { RATIO_SCHOOLS, setRatio } from '@/core/formula/model/setRatio';
import { withLabelNote, withNotes } from '@/core/formula/model/notes';
import type { FormulaBody } from '@/core/formula/model/schema';
import { useMaterials } from '@/ui/fields/materials';

const { catalog } = useMaterials();
const props = defineProps<{ body: FormulaBody }>();
const emit = defineEmits<{ change: [body: FormulaBody] }>();
const isOpen = defineModel<boolean>({ required: true });

const valueOf = (event: Event) => typedIn(event);

function setNotes(text: string): void {
  emit('change', withNotes(props.body, text.split('\n')));
}

function setLabelNote(text: string): void {
  emit('change', withLabelNote(props.body, text));
}

const families = FAMILIES.map((value) => ({ value, title: FAMILY_WORDS[value] }));
const methods = METHODS.map((value) => ({ value, title: METHOD_WORDS[value] }));
const schools = SCHOOLS.map((value) => ({ value, title: SCHOOL_WORDS[value] }));
</script>

<template>
  <AppDialog v-model="isOpen" label="Product and method" title="Product and method" :width="440"
    ><div class="fields">
      <v-select
        :model-value="body.family"
        :items="families"
        label="Family"
        @update:model-value="(family) => emit('change', { ...body, family })"
      />
      <v-select
        :model-value="body.method"
        :items="methods"
        label="Forming"
        hint="Sets the moisture range and the density of a piece"
        persistent-hint
        hide-details="auto"
        @update:model-value="(method) => emit('change', { ...body, method })"
      />
      <v-select
        :model-value="body.school"
        :items="schools"
        label="Order"
        hint="Acid last shows a wet mix before it reacts"
        persistent-hint
        hide-details="auto"
        @update:model-value="(school) => emit('change', { ...body, school })"
      />
      <v-textarea
        :model-value="(body.notes ?? []).join('\n')"
        label="Notes, one a line"
        rows="3"
        maxlength="20000"
        @change="(event: Event) => setNotes(valueOf(event))"
      />
      <v-text-field
        :model-value="body.labelNote ?? ''"
        label="Note for the label"
        maxlength="500"
        autocomplete="off"
        @change="(event: Event) => setLabelNote(valueOf(event))"
      />
      <div class="ratios" role="group" aria-label="Soda to acid">
        <span class="quiet">Set soda to acid, same total:</span>
        <v-btn
          v-for="school in RATIO_SCHOOLS"
          :key="school.ratio"
          size="small"
          @click="emit('change', setRatio(body, school.ratio, catalog))"
          >{{ school.title }}</v-btn
        >
      </div>
    </div>
    <template #actions><v-btn @click="isOpen = false">Done</v-btn></template></AppDialog
  >
</template>

<style scoped>
.fields {
  display: grid;
  gap: 16px;
}
.ratios {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
</style>
