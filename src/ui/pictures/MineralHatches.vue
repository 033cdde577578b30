<script setup lang="ts">
import { MINERALS, type Hatch } from './minerals';

/** Pattern definitions, once per picture; fill with `url(#<prefix>-<role>)`. */
defineProps<{ prefix: string }>();

const SIZE = 12;
const PATHS: Readonly<Record<Hatch, string>> = {
  grain: 'M2 3h.8M8 2h.8M5 7h.8M10.5 8h.8M2.5 10h.8M7.5 11h.8',
  slant: 'M-2 8L8 -2M-2 14L14 -2M4 14L14 4',
  'back-slant': 'M-2 4L8 14M-2 -2L14 14M4 -2L14 8',
  dashes: 'M1 3h5M8 9h4M-2 9h3',
  beds: 'M0 3h12M0 9h12',
  rings:
    'M3 3m-1.6 0a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0M9 9m-1.6 0a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0',
  waves: 'M0 4q3 -3.5 6 0t6 0M0 10q3 -3.5 6 0t6 0',
  plus: 'M3 1v4M1 3h4M9 7v4M7 9h4',
  bubbles:
    'M4 4m-2.4 0a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0 -4.8 0M10 9m-1.2 0a1.2 1.2 0 1 0 2.4 0a1.2 1.2 0 1 0 -2.4 0',
  cross: 'M0 6h12M6 0v12',
  drops: 'M3 1.5v3M9 7.5v3',
  ticks: 'M2 5l1.5 -3l1.5 3M8 11l1.5 -3l1.5 3',
  squares: 'M1.5 1.5h3v3h-3zM7.5 7.5h3v3h-3z',
};
</script>

<template>
  <defs>
    <pattern
      v-for="(mineral, role) in MINERALS"
      :id="`${prefix}-${role}`"
      :key="role"
      :width="SIZE"
      :height="SIZE"
      patternUnits="userSpaceOnUse"
    >
      <rect :width="SIZE" :height="SIZE" :fill="mineral.tint" />
      <path :d="PATHS[mineral.hatch]" fill="none" :stroke="mineral.stroke" stroke-opacity="0.55" />
    </pattern>
  </defs>
</template>
