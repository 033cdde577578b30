<script setup lang="ts">
/** A jug with a lid that has a hole, on its scale. */
defineProps<{ fizz: boolean; hasPiece: boolean }>();
const BUBBLES = Array.from({ length: 18 }, (_, i) => ({
  x: 58 + ((i * 37) % 84),
  y: 50 + ((i * 53) % 66),
  r: 2 + (i % 3),
}));
</script>

<template>
  <svg viewBox="0 0 200 170" aria-hidden="true">
    <rect x="46" y="40" width="108" height="84" class="water" />
    <path d="M44 18V118Q44 128 54 128H146Q156 128 156 118V18" class="line" />
    <path d="M38 18H92M108 18H162" class="line" />
    <circle v-if="hasPiece" cx="100" cy="98" r="20" class="piece" />
    <template v-if="fizz">
      <circle v-for="(b, i) in BUBBLES" :key="i" :cx="b.x" :cy="b.y" :r="b.r" class="bubble" />
    </template>
    <rect x="34" y="130" width="132" height="16" rx="3" class="scale" />
    <rect x="22" y="146" width="156" height="10" rx="2" class="foot" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 180px;
  margin: 4px 0;
}
.water {
  fill: var(--verdigris-soft);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.piece {
  fill: var(--ochre-mark);
  stroke: var(--ink);
  stroke-width: 2;
}
.bubble {
  fill: none;
  stroke: var(--paper);
  stroke-width: 1.5;
}
.scale {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2;
}
.foot {
  fill: var(--ink);
}
</style>
