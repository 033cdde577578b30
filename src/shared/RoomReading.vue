<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useWorkshopStore } from '@/stores/workshop';
import { shortTime } from '@/core/basics/format/dates';
import { formatPercent } from '@/core/basics/format/numbers';
import { formatTemp } from '@/core/basics/format/quantities';

/** Loaded when first needed. */
const RoomDialog = defineAsyncComponent(() => import('./RoomDialog.vue'));

const workshop = useWorkshopStore();
const isOpen = ref(false);
const wasOpened = ref(false);
const readAt = computed(() => {
  const at = workshop.settings.roomReadAt;
  return at ? `read ${shortTime(at)}` : 'not read yet';
});

function open(): void {
  wasOpened.value = true;
  isOpen.value = true;
}
</script>

<template>
  <div class="room">
    <button type="button" class="reading" aria-haspopup="dialog" @click="open">
      <span class="line"
        ><b class="figure">{{ formatPercent(workshop.settings.humidityPct) }}</b>
        <span class="word">humidity</span>
        <b class="figure">{{ formatTemp(workshop.settings.tempC, 1) }}</b></span
      >
      <span class="quiet">workroom · {{ readAt }}</span>
    </button>
    <RoomDialog v-if="wasOpened" v-model="isOpen" />
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  justify-items: end;
  min-height: 44px;
  padding: 0 4px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--text-small);
  white-space: nowrap;
  cursor: pointer;
}
.line {
  display: flex;
  align-items: baseline;
  gap: 5px;
  font-size: var(--text-plain);
}
.figure {
  font-size: var(--text-title);
}
@media (max-width: 560px) {
  .reading {
    align-content: center;
  }
  .reading .quiet,
  .word {
    display: none;
  }
  .figure {
    font-size: var(--text-body);
  }
}
</style>
