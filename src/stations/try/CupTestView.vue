<script setup lang="ts">
import ToggleButton from '@/ui/kit/ToggleButton.vue';
import { computed, ref } from 'vue';
import { useTrialsStore } from '@/stores/trials';
import { shortId } from '@/shared/addresses';
import { useAddress } from '@/shared/useAddress';
import { shortTime } from '@/core/basics/format/dates';
import AskCupTest from './AskCupTest.vue';
import CupTestSet from './CupTestSet.vue';

/** Sets of small ones: the one that is open, or a new question. */
const trialStore = useTrialsStore();
const openId = ref<string | null>(trialStore.ladders[0]?.id ?? null);
useAddress({
  names: ['try'],
  param: 'item',
  beside: () => ({ view: 'cup' }),
  current: () => openId.value,
  keyOf: shortId,
  find: (key) => trialStore.ladders.find(({ id }) => shortId(id) === key)?.id ?? null,
  choose: (id) => (openId.value = id),
});
const open = computed(() => trialStore.ladders.find(({ id }) => id === openId.value) ?? null);
</script>

<template>
  <div class="ladders">
    <nav v-if="trialStore.ladders.length" aria-label="Cup tests">
      <ToggleButton
        v-for="ladder in trialStore.ladders"
        :key="ladder.id"
        :pressed="ladder.id === openId"
        @press="openId = ladder.id"
      >
        {{ ladder.name }} <span class="quiet">{{ shortTime(ladder.askedAt) }}</span> </ToggleButton
      ><ToggleButton :pressed="openId === null" @press="openId = null"> New cup test </ToggleButton>
    </nav>
    <CupTestSet v-if="open" :key="open.id" :ladder="open" />
    <AskCupTest v-else @asked="(id) => (openId = id)" />
  </div>
</template>

<style scoped>
.ladders {
  display: grid;
  gap: 16px;
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
