<script setup lang="ts">
import { counted } from '@/core/basics/format/numbers';
import { typedIn } from '@/ui/fields/typedIn';
import { mdiRedo, mdiUndo } from '@mdi/js';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRoute } from 'vue-router';
import { PRESETS, bodyOfPreset, type PresetId } from '@/core/formula/model/presets';
import { describeVersion } from '@/core/formula/model/versions';
import { ownForming } from '@/core/workshop/shelf/workplace';
import { emptyBody } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { toFormula } from '@/shared/addresses';
import { useWay } from '@/shared/useAddress';
import { useFormulaAddress } from '@/shared/useFormulaAddress';
import { useDesignStore } from '@/stores/design';
import { useWorkshopStore } from '@/stores/workshop';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import { useEver } from '@/ui/kit/useEver';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import PageHeader from '@/shared/PageHeader.vue';
import ChecksBadge from './ChecksBadge.vue';
import NoFormula from './formula/NoFormula.vue';

/** Not in the first view: loaded when first needed. */
const FormulaBench = defineAsyncComponent(() => import('./FormulaBench.vue'));
const FormulaSettings = defineAsyncComponent(() => import('./formula/FormulaSettings.vue'));
const ShareMenu = defineAsyncComponent(() => import('./formula/ShareMenu.vue'));
const FormulaShelf = defineAsyncComponent(() => import('./formula/FormulaShelf.vue'));
const PasteDialog = defineAsyncComponent(() => import('./written/PasteDialog.vue'));

const design = useDesignStore();
const workshop = useWorkshopStore();
const isPasting = ref(false);
const hasPasted = useEver(isPasting);
const route = useRoute();
const { go } = useWay();
useFormulaAddress(['design', 'formula'], 'formula');
const showsShelf = computed(() => route.name === 'formulas');
const formula = computed(() => (showsShelf.value ? null : design.formula));
// What the header says of it: a pull changes none of these.
const isOpen = computed(() => formula.value !== null);
const name = computed(() => formula.value?.name ?? '');
const version = computed(() => (formula.value ? describeVersion(formula.value) : ''));

function take(name: string, body: FormulaBody): void {
  go(toFormula(workshop.startFormula(name, body)));
}

function startEmpty(): void {
  // Without a word of the shelf, two hands are what everybody has.
  const method = ownForming(workshop.tools, workshop.molds) ?? 'hand';
  take('Untitled formula', { ...emptyBody('bath-bomb'), method });
}

const PRESET_ITEMS = PRESETS.map(({ id, title, says }) => ({ value: id, title, subtitle: says }));

function startPreset(id: PresetId): void {
  const preset = PRESETS.find((candidate) => candidate.id === id);
  take(preset?.title ?? 'Untitled formula', bodyOfPreset(id));
}

function open(id: string): void {
  const picked = workshop.formulas.find((one) => one.id === id);
  workshop.changeSettings({ formulaInHandId: id });
  if (picked) go(toFormula(picked));
}

const acts = computed(() => ({
  undo: { name: 'Undo', key: 'mod+z', run: design.undo, isOff: !design.canUndo },
  redo: {
    name: 'Redo',
    key: 'mod+shift+z',
    also: 'mod+y',
    run: design.redo,
    isOff: !design.canRedo,
  },
  keep: { name: 'Save a version', run: () => design.keep(), isOff: !isOpen.value },
  list: { name: 'Formulas', run: () => go({ name: 'formulas' }), isOff: !isOpen.value },
  paste: { name: 'Paste a recipe', key: 'v', run: () => (isPasting.value = true) },
  empty: { name: 'Start an empty formula', run: startEmpty },
  plan: { name: 'Plan a batch', key: 'b', run: () => go({ name: 'scale' }), isOff: !isOpen.value },
}));
useActions(() => Object.values(acts.value));
</script>

<template>
  <div class="station">
    <PageHeader :thing="name">
      <template #title>
        <h1 v-if="isOpen" class="visually-hidden">Design</h1>
        <input
          v-if="isOpen"
          class="name"
          aria-label="Formula name"
          :value="name"
          maxlength="80"
          @change="(event) => design.rename(typedIn(event).trim() || 'Untitled formula')"
        />
        <h1 v-else>Formulas</h1>
      </template>
      <template #sub>
        <template v-if="isOpen"><FormulaSettings /> · {{ version }}</template>
        <template v-else
          >{{ counted(workshop.formulas.length, 'formula') }} in this browser</template
        >
      </template>
      <template v-if="isOpen" #badge><ChecksBadge :findings="design.findings" /></template>
      <template #actions>
        <template v-if="isOpen">
          <ActionButton :action="acts.undo" :icon="mdiUndo" />
          <ActionButton :action="acts.redo" :icon="mdiRedo" />
          <ActionButton :action="acts.keep" />
          <ShareMenu />
          <ActionButton :action="acts.list" />
        </template>
        <ActionButton :action="acts.paste" />
        <ActionMenu
          v-if="!isOpen"
          class="v-btn preset"
          :items="PRESET_ITEMS"
          @choose="(id) => startPreset(id as PresetId)"
          >Start from a preset</ActionMenu
        >
        <ActionButton v-if="!isOpen" :action="acts.empty" />
        <ActionButton v-if="isOpen" :action="acts.plan" is-main />
      </template>
    </PageHeader>
    <FormulaBench
      v-if="formula && design.evaluation"
      :body="formula.body"
      :evaluation="design.evaluation"
    />
    <NoFormula
      v-else-if="workshop.formulas.length === 0"
      @paste="isPasting = true"
      @empty="startEmpty"
    />
    <FormulaShelf v-else @open="open" />
    <PasteDialog v-if="hasPasted" v-model="isPasting" @take="take" />
  </div>
</template>

<style scoped>
.station {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
}
.station :deep(.preset) {
  height: 36px;
  padding: 0 12px;
  border: 1px solid var(--verdigris);
  border-radius: var(--radius-small);
  color: var(--verdigris);
  font-size: var(--text-plain);
  font-weight: 500;
}
.icon {
  min-width: 44px;
  padding: 0;
}
.name {
  width: 100%;
  padding: 0 4px;
  margin-left: -5px;
  border: 1px solid transparent;
  border-radius: var(--radius-small);
  background: none;
  color: inherit;
  font: 650 var(--text-headline)/1.15 var(--font-heading);
  letter-spacing: -0.01em;
  text-overflow: ellipsis;
}
.name:hover,
.name:focus {
  border-color: var(--hairline);
}
@media (max-width: 560px) {
  .name {
    flex: 0 1 auto;
    width: auto;
    min-width: 60px;
    min-height: 44px;
    field-sizing: content;
    font-size: var(--text-lead);
  }
}
</style>
