<script setup lang="ts">
import type { Component } from 'vue';
import { useWorkshopStore } from '@/stores/workshop';
import PageHeader from '@/shared/PageHeader.vue';
import { counted } from '@/core/basics/format/numbers';
import FilePanel from './FilePanel.vue';
import FolderPanel from './FolderPanel.vue';
import OtherValues from './OtherValues.vue';
import PeoplePanel from './PeoplePanel.vue';
import SamplePanel from './SamplePanel.vue';
import ScalePanel from './ScalePanel.vue';
import UnitsPanel from './UnitsPanel.vue';
import WaterPanel from './WaterPanel.vue';

const workshop = useWorkshopStore();

/** What is asked for most comes first. */
const SECTIONS: ReadonlyArray<{
  readonly id: string;
  readonly name: string;
  readonly panel: Component;
}> = [
  { id: 'scale', name: 'Scale and room', panel: ScalePanel },
  { id: 'units', name: 'Units and appearance', panel: UnitsPanel },
  { id: 'people', name: 'People', panel: PeoplePanel },
  { id: 'water', name: 'Water', panel: WaterPanel },
  { id: 'file', name: 'File', panel: FilePanel },
  { id: 'folder', name: 'Folder', panel: FolderPanel },
  { id: 'sample', name: 'Sample workshop', panel: SamplePanel },
];
</script>

<template>
  <div>
    <PageHeader>
      <template #sub
        >{{ counted(workshop.formulas.length, 'formula') }},
        {{ counted(workshop.batchCount, 'batch', 'batches') }} in this browser</template
      >
    </PageHeader>
    <div class="room">
      <nav aria-label="Sections">
        <router-link v-for="{ id, name } in SECTIONS" :key="id" :to="{ hash: `#${id}` }">{{
          name
        }}</router-link>
      </nav>
      <div class="sections">
        <OtherValues />
        <div v-for="{ id, panel } in SECTIONS" :id="id" :key="id" class="one" tabindex="-1">
          <component :is="panel" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.room {
  display: grid;
  grid-template-columns: 190px minmax(0, 760px);
  gap: 12px 40px;
  padding: 20px 24px 40px;
}
nav {
  position: sticky;
  top: 84px;
  display: grid;
  align-content: start;
  align-self: start;
}
nav a {
  display: flex;
  align-items: center;
  min-height: 44px;
  color: var(--ink);
  text-decoration: none;
}
nav a:hover,
nav a:focus-visible {
  color: var(--verdigris);
  text-decoration: underline;
}
.one {
  padding: 16px 0 24px;
  border-top: 1px solid var(--hairline);
  /* The header stays above it. */
  scroll-margin-top: 80px;
  outline: none;
}
.one:first-child {
  padding-top: 0;
  border: 0;
}
.one :deep(h2) {
  margin-bottom: 10px;
  font-size: var(--text-title);
}
.one :deep(.fields) {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 280px), 1fr));
  gap: 14px 24px;
}
.one :deep(.fields ~ p) {
  margin: 8px 0 0;
  font-size: var(--text-plain);
}
@media (max-width: 820px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
    padding: 4px 14px 24px;
  }
  nav {
    position: static;
    display: flex;
    flex-wrap: wrap;
    gap: 0 16px;
  }
}
</style>
