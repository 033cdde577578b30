<script setup lang="ts">
import type { Felt } from '@/core/results/binder/correction';

/** A drawn hand with what the squeeze left in it. */
const { isNear = false } = defineProps<{
  felt: Felt;
  acidIn: boolean;
  /** Out of its range by little: it nearly holds, or is only a touch too wet. */
  isNear?: boolean;
}>();
</script>

<template>
  <svg viewBox="0 0 220 150" aria-hidden="true">
    <!-- the open hand, palm up, seen from the side -->
    <path
      class="palm"
      d="M8 118C30 112 44 104 62 104c20 0 34 8 52 8 22 0 40-6 58-10 12-2 22-1 30 3 8 4 6 11-3 12-16 2-34 5-50 12-26 11-60 15-92 9-20-4-38-6-57-4z"
    />
    <path class="palm" d="M62 104c-6-10-4-20 4-26 6-4 13-1 14 6 1 8 6 14 14 20" />
    <path class="crease" d="M120 112c16 2 34-2 50-8M98 122c22 6 52 4 76-4" />
    <!-- what lies in it -->
    <g v-if="felt === 'too-dry' && isNear" class="mix">
      <path d="M82 102C78 76 92 54 120 54c20 0 34 10 40 24l-8 4 8 8-10 6 6 8c-24 7-50 6-74-2z" />
      <path class="crack" d="M112 58l6 14-8 10 8 16M138 62l-4 12 8 10" />
      <path class="dots" d="M172 84v.1M168 98v.1M180 92v.1M176 130v.1M186 138v.1" />
    </g>
    <g v-else-if="felt === 'too-dry'" class="mix">
      <path d="M84 104q24-24 64-2q-30 12-64 2z" />
      <path
        class="dots"
        d="M96 70v.1M110 58v.1M122 76v.1M136 62v.1M150 80v.1M104 86v.1M140 90v.1M162 70v.1M88 84v.1M126 92v.1M70 130v.1M176 128v.1M186 138v.1M60 142v.1M150 138v.1M118 140v.1"
      />
    </g>
    <g v-else-if="felt === 'right' && !acidIn" class="mix">
      <path d="M84 104l4-24 16-14 18 6 3 16-8 17z" />
      <path d="M128 103l-2-22 14-13 20 5 4 20-10 10z" />
      <path class="finger" d="M97 84l12 4M140 82l12 5" />
    </g>
    <g v-else-if="felt === 'right'" class="mix">
      <path d="M82 102C78 76 92 54 120 54s46 20 42 46c-24 10-56 12-80 2z" />
      <path
        class="finger"
        d="M92 72q6 10 2 24M108 62q7 14 3 34M126 60q7 16 3 36M144 66q6 14 2 30"
      />
    </g>
    <g v-else-if="isNear" class="mix wet">
      <path v-if="acidIn" d="M82 102C78 76 92 54 120 54s46 20 42 46c-24 10-56 12-80 2z" />
      <path v-else d="M90 88l-2-14 8-16 14-8 16-1 16 7 10 14-1 16-9 14-16 8-18-3z" />
      <path class="shine" d="M100 70q8-10 20-9" />
    </g>
    <g v-else-if="!acidIn" class="mix wet">
      <circle cx="122" cy="72" r="34" />
      <path class="shine" d="M104 60q6-12 20-12" />
    </g>
    <g v-else class="mix wet">
      <path
        d="M78 104c-6-30 16-56 46-54s52 26 46 52c-10 8-14 18-20 18s-6-10-14-10-8 14-15 14-6-14-14-14-9 6-15 6-11-6-14-12z"
      />
      <path class="shine" d="M98 66q8-10 22-10M140 64q8 4 12 12" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  align-self: center;
  width: 100%;
  max-height: 260px;
}
.palm {
  fill: #2d3d3b;
  stroke: #c8d2cc;
  stroke-width: 2.5;
  stroke-linejoin: round;
}
.crease {
  fill: none;
  stroke: #8f9f98;
  stroke-width: 1.5;
}
.mix path,
.mix circle {
  fill: #efe6d8;
  stroke: var(--drawn-ink);
  stroke-width: 2;
  stroke-linejoin: round;
}
.mix .dots {
  fill: none;
  stroke: #efe6d8;
  stroke-width: 7;
  stroke-linecap: round;
}
.mix .finger {
  fill: none;
  stroke: #8a8070;
  stroke-width: 3.5;
  stroke-linecap: round;
}
.mix .crack {
  fill: none;
  stroke: var(--drawn-ink);
  stroke-width: 2.5;
}
.wet path,
.wet circle {
  fill: #d8cdb6;
}
.wet .shine {
  fill: none;
  stroke: #fff;
  stroke-width: 5;
  stroke-linecap: round;
}
</style>
