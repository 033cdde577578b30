<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted } from 'vue';
import type { LabelPrint } from '@/ui/paper/labelPdf';
import LabelPicture from '@/ui/pictures/LabelPicture.vue';

/** The sheets themselves, for paper alone: nothing of it is seen on screen, and nothing else is printed. */
const props = defineProps<{ print: LabelPrint }>();

const pages = computed(() => {
  const { seats, label, design } = props.print;
  const count = Math.max(0, ...seats.map(({ page }) => page)) + 1;
  return Array.from({ length: count }, (_, page) =>
    label.sides.map((side, at) => ({
      side,
      seats: seats
        .filter((seat) => seat.page === page)
        .map(({ xMm, yMm }) => ({
          xMm: at === 0 ? xMm : design.sheet.pageWidthMm - xMm - label.widthMm,
          yMm,
        })),
    })),
  ).flat();
});

const sheet = new CSSStyleSheet();
onMounted(() => {
  const { pageWidthMm, pageHeightMm } = props.print.design.sheet;
  sheet.replaceSync(
    `@page { size: ${pageWidthMm}mm ${pageHeightMm}mm; margin: 0 } @media print { body > *:not(.label-sheets) { display: none !important } }`,
  );
  document.adoptedStyleSheets.push(sheet);
});
onBeforeUnmount(() => {
  document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
});
</script>

<template>
  <Teleport to="body">
    <div class="label-sheets">
      <svg
        v-for="(page, i) in pages"
        :key="i"
        class="page"
        :width="`${print.design.sheet.pageWidthMm}mm`"
        :height="`${print.design.sheet.pageHeightMm}mm`"
        :viewBox="`0 0 ${print.design.sheet.pageWidthMm} ${print.design.sheet.pageHeightMm}`"
      >
        <LabelPicture
          v-for="(seat, at) in page.seats"
          :key="at"
          :x="seat.xMm - 0.3"
          :y="seat.yMm - 0.3"
          :width="print.label.widthMm + 0.6"
          :height="print.label.heightMm + 0.6"
          :label="print.label"
          :side="page.side"
          :code="print.code"
          :colors="print.colors"
          :name="print.title"
        />
      </svg>
    </div>
  </Teleport>
</template>

<style scoped>
.label-sheets {
  display: none;
}
@media print {
  .label-sheets {
    display: block;
  }
  .page {
    display: block;
    break-after: page;
  }
  .page :deep(.label) {
    width: auto;
  }
}
</style>
