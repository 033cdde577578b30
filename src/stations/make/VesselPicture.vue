<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { computed, useId } from 'vue';
import type { VesselKind } from '@/core/formula/model/kinds';
import { VESSEL_WORDS } from '@/core/work/bench-steps/steps';
import type { InVessel, VesselAt } from '@/core/work/flow/vesselAt';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import MineralHatches from '@/ui/pictures/MineralHatches.vue';

/** The vessel before the hands: what is in it in layers by weight, and what goes in next. */
const props = defineProps<{
  at: VesselAt;
  /** Beside a clock: lower, with its lists side by side. */
  isLow?: boolean;
}>();
const id = useId();

type Shape = 'bowl' | 'beaker' | 'pan' | 'dish' | 'mold';
const SHAPES: Readonly<Record<VesselKind, Shape>> = {
  bowl: 'bowl',
  'second-bowl': 'bowl',
  pan: 'pan',
  beaker: 'beaker',
  cup: 'beaker',
  jar: 'beaker',
  'spray-bottle': 'beaker',
  dish: 'dish',
  mold: 'mold',
  tray: 'dish',
};
/** Outlines in a box of 100 x 100, the rim at 0. */
const OUTLINES: Readonly<Record<Shape, string>> = {
  bowl: 'M0 0Q4 92 38 100H62Q96 92 100 0',
  beaker: 'M18 0V92Q18 100 26 100H74Q82 100 82 92V0',
  pan: 'M4 40V92Q4 100 14 100H86Q96 100 96 92V40',
  dish: 'M0 62Q6 98 30 100H70Q94 98 100 62',
  mold: 'M10 10A40 44 0 0 0 90 10',
};
/** Where the fill may stand highest, and its floor. */
const ROOMS: Readonly<Record<Shape, readonly [top: number, bottom: number]>> = {
  bowl: [22, 100],
  beaker: [25, 100],
  pan: [60, 100],
  dish: [76, 100],
  mold: [22, 62],
};
const mostNamed = computed(() => (props.isLow ? 4 : 6));

const BIG = { x: 60, y: 96, w: 300, h: 170 };
const SMALL = { x: 300, y: 4, w: 96, h: 74 };

interface Layer {
  readonly key: string;
  readonly role: string;
  readonly y: number;
  readonly height: number;
}
function layersOf(held: readonly InVessel[], shape: Shape): readonly Layer[] {
  const wholeG = held.reduce((sum, { massG }) => sum + massG, 0);
  const [top, bottom] = ROOMS[shape];
  const y = scaleLinear([0, Math.max(wholeG, 1e-9)], [bottom, top]);
  let fromG = 0;
  return held.map(({ material, massG }) => {
    const [low, high] = [y(fromG), y(fromG + massG)];
    fromG += massG;
    return { key: material.id, role: material.role, y: high, height: low - high };
  });
}

const box = ({ x, y, w, h }: typeof BIG) => `translate(${x} ${y}) scale(${w / 100} ${h / 100})`;
/** The vessel itself, and the smaller one that is poured from. */
const drawn = computed(() => {
  const { vessel, from, inside, coming } = props.at;
  const shapes = { into: SHAPES[vessel], from: from ? SHAPES[from] : ('dish' as const) };
  const own = { key: 'into', shape: shapes.into, transform: box(BIG) };
  const other = { key: 'from', shape: shapes.from, transform: box(SMALL) };
  return [
    { ...own, layers: layersOf(inside, shapes.into) },
    ...(coming.length > 0 ? [{ ...other, layers: layersOf(coming, shapes.from) }] : []),
  ];
});

const sumOf = (held: readonly InVessel[]) => held.reduce((sum, { massG }) => sum + massG, 0);
const lists = computed(() =>
  [
    {
      title: `In the ${props.at.name}`,
      held: props.at.inside,
    },
    {
      title: props.at.from ? `Goes in from the ${VESSEL_WORDS[props.at.from]}` : 'Goes in',
      held: props.at.coming,
    },
  ]
    .filter(({ held }) => held.length > 0)
    .map(({ title, held }) => ({
      title: `${title}, ${formatMass(sumOf(held))}`,
      shown: held.slice(0, mostNamed.value),
      more: held.length - mostNamed.value,
    })),
);
</script>

<template>
  <div class="vessel" :class="{ low: isLow }">
    <svg viewBox="0 0 420 280" aria-hidden="true">
      <MineralHatches :prefix="id" />
      <g v-for="one in drawn" :key="one.key" :transform="one.transform">
        <clipPath :id="`${id}-${one.key}`"><path :d="`${OUTLINES[one.shape]}Z`" /></clipPath>
        <g :clip-path="`url(#${id}-${one.key})`">
          <rect
            v-for="layer in one.layers"
            :key="layer.key"
            x="0"
            width="100"
            :y="layer.y"
            :height="layer.height"
            :fill="`url(#${id}-${layer.role})`"
          />
        </g>
        <path :d="OUTLINES[one.shape]" class="outline" />
      </g>
      <path
        v-if="at.coming.length"
        d="M288 52C250 58 226 74 214 100M206 88L213 102L226 93"
        class="arrow"
      />
    </svg>
    <div class="lists">
      <div v-for="list in lists" :key="list.title">
        <h2>{{ list.title }}</h2>
        <ul class="plain-list">
          <li v-for="{ material, massG } in list.shown" :key="material.id">
            <span>{{ material.name }}</span> <span class="tabular">{{ formatMass(massG) }}</span>
          </li>
          <li v-if="list.more > 0">and {{ counted(list.more, 'more material') }}</li>
        </ul>
      </div>
      <p v-if="at.minutes >= 1 && !isLow">About {{ formatMinutes(at.minutes) }} of work.</p>
    </div>
  </div>
</template>

<style scoped>
.vessel {
  flex: 1 1 auto;
  display: grid;
  grid-template-columns: minmax(200px, 1fr) minmax(240px, 1fr);
  gap: 20px 48px;
  align-items: center;
  margin-top: 12px;
}
svg {
  width: 100%;
  max-height: 42vh;
}
.outline {
  fill: none;
  stroke: var(--rail-ink);
  stroke-width: 3;
  vector-effect: non-scaling-stroke;
}
.arrow {
  fill: none;
  stroke: #70c2ad;
  stroke-width: 4;
  stroke-linecap: round;
}
h2 {
  margin: 0 0 4px;
  color: #b9c5bf;
  font: 650 var(--text-lead) var(--font-body);
}
.lists {
  display: grid;
  gap: 16px;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  max-width: 420px;
  padding: 2px 0;
  font-size: var(--text-title);
}
p {
  margin: 0;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
.low {
  flex: 0 0 auto;
  grid-template-columns: 280px minmax(0, 1fr);
}
.low svg {
  max-height: 200px;
}
.low .lists {
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  align-items: start;
  gap: 16px 40px;
}
.low li {
  font-size: var(--text-lead);
}
@media (max-width: 560px) {
  .low .lists {
    display: none;
  }
}
@media (max-width: 820px) {
  .vessel,
  .low {
    grid-template-columns: minmax(0, 1fr);
  }
  .vessel svg {
    max-height: 180px;
  }
}
</style>
