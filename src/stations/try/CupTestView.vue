<script setup lang="ts">
import { computed, ref } from 'vue';
import { useTrialsStore } from '@/stores/trials';
import { shortTime } from '@/ui/frame/format';
import AskCupTest from './AskCupTest.vue';
import CupTestSet from './CupTestSet.vue';

/** Sets of small ones: the one that is open, or a new question. */
const tries = useTrialsStore();
const openId = ref<string | null>(tries.ladders[0]?.id ?? null);
const open = computed(() => tries.ladders.find(({ id }) => id === openId.value) ?? null);
</script>

<template>
  <div class="ladders">
    <nav v-if="tries.ladders.length" aria-label="Sets of small ones">
      <button
        v-for="ladder in tries.ladders"
        :key="ladder.id"
        type="button"
        :aria-pressed="ladder.id === openId"
        @click="openId = ladder.id"
      >
        {{ ladder.name }} <span class="quiet">{{ shortTime(ladder.askedAt) }}</span>
      </button>
      <button type="button" :aria-pressed="openId === null" @click="openId = null">
        A new question
      </button>
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
nav button {
  min-height: 44px;
  padding: 4px 12px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
nav button[aria-pressed='true'] {
  border: 2px solid var(--verdigris);
}
</style>
