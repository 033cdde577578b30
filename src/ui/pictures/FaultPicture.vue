<script setup lang="ts">
import type { Fault } from '@/core/batches/records/kinds';

/** What a fault looks like, drawn. */
defineProps<{ fault: Fault }>();
</script>

<template>
  <svg viewBox="0 0 96 72" aria-hidden="true">
    <g v-if="fault === 'warts'">
      <circle cx="48" cy="38" r="26" class="mix" />
      <path
        d="M27 22q-8-5-4-12q8-5 12 3M70 20q9-6 12 3q1 9-8 9M24 50q-10 1-9 10q6 8 14 1"
        class="mix"
      />
      <circle cx="44" cy="34" r="4" class="bump" />
      <circle cx="56" cy="46" r="3" class="bump" />
    </g>
    <g v-else-if="fault === 'seam-cracks'">
      <circle cx="48" cy="36" r="27" class="mix" />
      <path d="M21 36l7-2 6 4 9-5 7 5 8-4 9 4 8-2" class="crack" />
    </g>
    <g v-else-if="fault === 'top-cracks'">
      <circle cx="48" cy="38" r="27" class="mix" />
      <path d="M48 11l-3 9 5 6-4 8M45 20l-9 4-3 7M50 26l10 2 4 7" class="crack" />
    </g>
    <g v-else-if="fault === 'crumbling'">
      <path d="M24 48a27 27 0 1 1 45-4l-6-2-4 7-8-1-3 8-9-4-5 3z" class="mix" />
      <path d="M22 60v.1M32 64v.1M44 62v.1M56 66v.1M66 58v.1M74 64v.1M50 68v.1" class="crumb" />
    </g>
    <g v-else-if="fault === 'split-in-half'">
      <path d="M14 40a26 26 0 0 1 52-4l-8 4-9-3-9 6-9-4-8 4z" class="mix" />
      <path d="M28 52l8-4 9 4 9-6 9 3 9-4a26 26 0 0 1-44 7z" class="mix" />
    </g>
    <g v-else-if="fault === 'flat-bottom'">
      <path d="M28 60a27 27 0 1 1 40 0z" class="mix" />
      <path d="M8 60h80" class="ground" />
    </g>
    <g v-else-if="fault === 'soft'">
      <path d="M21 38a27 27 0 0 1 20-26q4 12 14 12t12-10a27 27 0 1 1-46 24z" class="mix" />
      <path d="M44 4q0 18 11 18t9-18" class="ground" />
    </g>
    <g v-else-if="fault === 'weak-fizz'">
      <path d="M8 26q10-5 20 0t20 0t20 0t20 0" class="water" />
      <circle cx="48" cy="48" r="18" class="mix" />
      <circle cx="40" cy="22" r="2.5" class="bubble" />
      <circle cx="56" cy="18" r="2" class="bubble" />
    </g>
    <g v-else-if="fault === 'browning'">
      <circle cx="48" cy="36" r="27" class="mix" />
      <path
        d="M30 22q10 4 8 14t8 14q-14 2-20-8t4-20zM58 16q10 4 12 14t-6 12q-8-4-8-12t2-14z"
        class="brown"
      />
    </g>
    <g v-else-if="fault === 'icing-cracked'">
      <circle cx="48" cy="44" r="24" class="mix" />
      <path d="M22 42q4-26 26-28q22 2 26 28q-13-8-26-2q-13-6-26 2z" class="bubble" />
      <path d="M40 16l4 9-5 6 3 8M58 18l-4 8 5 7-3 6" class="crack" />
    </g>
    <g v-else-if="fault === 'icing-slid'">
      <circle cx="48" cy="44" r="24" class="mix" />
      <path
        d="M30 26q18-16 36 0q8 8 6 20q0 14-4 20q-5-2-4-14q-6-10-14-6q-16 6-22-4z"
        class="bubble"
      />
    </g>
    <g v-else-if="fault === 'icing-soft'">
      <circle cx="48" cy="44" r="24" class="mix" />
      <path d="M22 42q4-26 22-28q4 12 10 12t8-8q10 8 12 24q-13-8-26-2q-13-6-26 2z" class="bubble" />
      <path d="M46 4q0 16 9 16t8-16" class="ground" />
    </g>
    <g v-else-if="fault === 'bad-eggs'">
      <circle cx="48" cy="46" r="20" class="mix" />
      <path d="M34 22q-6-6 0-11t0-9M48 20q-6-6 0-11t0-8M62 22q-6-6 0-11t0-9" class="smell" />
    </g>
    <g v-else-if="fault === 'ring-in-tub'">
      <path d="M8 20v22q0 20 20 20h40q20 0 20-20V20" class="ground" />
      <path d="M10 34q10-4 19 0t19 0t19 0t19 0" class="water" />
      <path d="M10 28h3M83 28h3M10 31h5M81 31h5" class="film" />
    </g>
    <g v-else-if="fault === 'specks'">
      <circle cx="48" cy="36" r="27" class="mix" />
      <path
        d="M36 22v.1M54 18v.1M64 32v.1M42 40v.1M58 48v.1M32 46v.1M48 30v.1M46 56v.1M68 44v.1"
        class="speck"
      />
    </g>
    <g v-else-if="fault === 'uneven-water-color'">
      <path d="M8 20v22q0 20 20 20h40q20 0 20-20V20" class="ground" />
      <path d="M10 30q10-4 19 0t19 0t19 0t19 0" class="water" />
      <path d="M24 28l6-2M40 31l7-2M58 28l6 2M72 31l5-3" class="fleck" />
    </g>
    <g v-else>
      <path d="M14 22a34 34 0 0 0 68 0z" class="mold" />
      <path d="M26 24q4-12 12-8t10-4t12 6t10 6q-4 18-22 18T26 24z" class="mix" />
      <path d="M10 22h76" class="ground" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 96px;
  height: 72px;
}
.mix {
  fill: #e6cfa0;
  stroke: var(--drawn-ink);
  stroke-width: 1.8;
  stroke-linejoin: round;
}
.bump {
  fill: #f3e5c6;
  stroke: var(--drawn-ink);
  stroke-width: 1.4;
}
.crack {
  fill: none;
  stroke: var(--drawn-ink);
  stroke-width: 2.6;
  stroke-linejoin: round;
}
.crumb,
.speck {
  fill: none;
  stroke: #b98f4a;
  stroke-width: 5;
  stroke-linecap: round;
}
.speck {
  stroke: #7d3d5c;
  stroke-width: 4;
}
.ground,
.smell {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.water {
  fill: none;
  stroke: #3f7f93;
  stroke-width: 2;
}
.bubble {
  fill: none;
  stroke: #3f7f93;
  stroke-width: 1.6;
}
.brown {
  fill: #9a6a35;
}
.film {
  stroke: var(--ochre-mark);
  stroke-width: 3;
}
.fleck {
  stroke: #7d3d5c;
  stroke-width: 3;
}
.mold {
  fill: #c9d2ce;
  stroke: var(--drawn-ink);
  stroke-width: 1.8;
}
</style>
