<script setup lang="ts">
import { useWorkshopStore } from '@/stores/workshop';

/** Who works here: a batch, a weight and a plan bear their names. */
const workshop = useWorkshopStore();

/** Names as they were typed, each once, none empty. */
function takeMakers(names: readonly unknown[]): void {
  const makers = [
    ...new Set(names.map((name) => String(name).trim().slice(0, 60)).filter((name) => name !== '')),
  ].slice(0, 12);
  const { makerInHand } = workshop.settings;
  workshop.changeSettings({
    makers,
    makerInHand: makerInHand !== null && makers.includes(makerInHand) ? makerInHand : null,
  });
}
</script>

<template>
  <section aria-label="People">
    <h2>People</h2>
    <div class="fields">
      <v-combobox
        :model-value="workshop.settings.makers"
        label="People who work here"
        multiple
        chips
        closable-chips
        hide-details="auto"
        @update:model-value="takeMakers"
      />
    </div>
  </section>
</template>
