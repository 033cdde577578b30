<script setup lang="ts">
import type { SeenRow } from '@/core/batches/trials/seen';

/** A small drawing of what may be seen: foam on water, steps of strength, a ring in the tub. */
defineProps<{ picture: SeenRow['picture']; at: number; of: number }>();
</script>

<template>
  <svg v-if="picture !== 'plain'" viewBox="0 0 40 26" aria-hidden="true">
    <template v-if="picture === 'foam'">
      <path d="M3 3V21Q3 24 6 24H34Q37 24 37 21V3" class="line" />
      <rect x="4" y="15" width="32" height="8" class="water" />
      <circle
        v-for="i in at * 6"
        :key="i"
        :cx="7 + ((i * 5) % 28)"
        :cy="13.5 - 2.6 * Math.floor((i - 1) / 6)"
        r="2.1"
        class="bubble"
      />
    </template>
    <template v-else-if="picture === 'steps'">
      <rect
        v-for="i in of"
        :key="i"
        :x="2 + (i - 1) * (37 / of)"
        :y="22 - (18 * i) / of"
        :width="Math.max(2, 37 / of - 2)"
        :height="(18 * i) / of"
        :class="i <= at ? 'full' : 'open'"
      />
    </template>
    <template v-else>
      <path d="M3 3V21Q3 24 6 24H34Q37 24 37 21V3" class="line" />
      <path v-if="at > 0" d="M4 11H36" class="ring" :stroke-width="at * 2" />
    </template>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 40px;
  height: 26px;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.water {
  fill: var(--verdigris-soft);
}
.bubble {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 0.8;
}
.full {
  fill: var(--verdigris);
}
.open {
  fill: none;
  stroke: var(--mid);
  stroke-width: 0.8;
}
.ring {
  stroke: var(--ochre-mark);
}
</style>
