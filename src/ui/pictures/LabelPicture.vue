<script setup lang="ts">
import QRCode from 'qrcode';
import { computed } from 'vue';
import { PICTOGRAM_WORDS } from '@/core/goods/labels/classification/statements';
import type { LabelItem, LabelSide, LaidLabel } from '@/core/goods/labels/layout/types';
import { LABEL_FONT } from '@/ui/paper/labelFont';
import { FRAME, LIFT, SYMBOLS } from '@/ui/paper/hazardSymbols';
import { rings } from '@/ui/paper/labelPdf';
import { LIGHT } from '@/ui/palette';

/** One side of a label as it is printed, in millimeters. Paper stays paper in the dark. */
const props = defineProps<{
  label: LaidLabel;
  side: LabelSide;
  code: string;
  colors: readonly string[];
  name: string;
}>();

const texts = computed(() => props.side.items.filter((item) => item.kind === 'text'));
const squares = computed(() => props.side.items.filter((item) => item.kind !== 'text'));

/** The code’s dark modules as one path. */
const qr = computed(() => {
  if (props.code === '') return null;
  const { modules } = QRCode.create(props.code, { errorCorrectionLevel: 'M' });
  const path = Array.from({ length: modules.size * modules.size }, (_, i) =>
    modules.data[i] ? `M${i % modules.size} ${Math.floor(i / modules.size)}h1v1h-1z` : '',
  ).join('');
  return { size: modules.size, path };
});
const frame = (item: LabelItem) => `translate(${item.xMm} ${item.yMm})`;
</script>

<template>
  <svg
    class="label"
    :viewBox="`-0.3 -0.3 ${label.widthMm + 0.6} ${label.heightMm + 0.6}`"
    role="img"
    :aria-label="name"
  >
    <circle
      v-if="label.isRound"
      class="paper"
      :fill="LIGHT.paper"
      :stroke="LIGHT.ink"
      :cx="label.widthMm / 2"
      :cy="label.heightMm / 2"
      :r="label.widthMm / 2"
    />
    <rect
      v-else
      class="paper"
      :fill="LIGHT.paper"
      :stroke="LIGHT.ink"
      :width="label.widthMm"
      :height="label.heightMm"
    />
    <template v-for="(item, i) in squares" :key="i">
      <g v-if="item.kind === 'picture'" :transform="frame(item)">
        <circle
          v-for="ring in rings(colors)"
          :key="ring.share"
          class="ring"
          :stroke="LIGHT.ink"
          :cx="item.sizeMm / 2"
          :cy="item.sizeMm / 2"
          :r="(item.sizeMm / 2) * ring.share"
          :fill="ring.hex"
        />
      </g>
      <g
        v-else-if="item.kind === 'symbol'"
        :transform="`${frame(item)} scale(${item.sizeMm / 100})`"
        role="img"
        :aria-label="PICTOGRAM_WORDS[item.code]"
      >
        <path :d="FRAME.path" fill="#ffffff" :stroke="FRAME.hex" :stroke-width="FRAME.width" />
        <g :transform="`translate(0 ${-LIFT[item.code]})`">
          <path
            v-for="(shape, at) in SYMBOLS[item.code]"
            :key="at"
            :d="shape.path"
            :fill="shape.lineWidth ? 'none' : shape.isWhite ? '#ffffff' : LIGHT.ink"
            :stroke="shape.lineWidth ? LIGHT.ink : 'none'"
            :stroke-width="shape.lineWidth"
          />
        </g>
      </g>
      <g v-else-if="qr" :transform="`${frame(item)} scale(${item.sizeMm / qr.size})`">
        <path :d="qr.path" :fill="LIGHT.ink" />
      </g>
    </template>
    <text
      v-for="(item, i) in texts"
      :key="`t${i}`"
      :fill="LIGHT.ink"
      :x="item.xMm"
      :y="item.yMm"
      :font-size="item.sizeMm"
      :font-weight="item.isBold ? 700 : 400"
      :font-family="`'${LABEL_FONT}', sans-serif`"
    >
      {{ item.text }}
    </text>
  </svg>
</template>

<style scoped>
.label {
  display: block;
  width: 100%;
}
.paper {
  stroke-width: 0.3;
}
.ring {
  stroke-width: 0.2;
}
</style>
