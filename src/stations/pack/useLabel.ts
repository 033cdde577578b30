import { computed, onMounted, shallowRef, type Ref } from 'vue';
import { crossSectionOf } from '@/core/work/cross-section/crossSection';
import type { SaleUnit } from '@/core/goods/products/schema';
import { cannotPrint } from '@/core/goods/labels/layout/letters';
import { layLabel } from '@/core/goods/labels/layout/layLabel';
import { sayCut } from '@/core/goods/labels/layout/messages';
import type { Market } from '@/core/goods/labels/market';
import type { LaidLabel, Measure } from '@/core/goods/labels/layout/types';
import { reasonOf } from '@/core/basics/format/reason';
import { nowMs } from '@/stores/now';
import { usePackStore } from '@/stores/pack';
import { useWorkshopStore } from '@/stores/workshop';
import { loadLabelFont } from '@/ui/paper/labelFont';

/** The label of a unit as it stands, laid out as soon as its font is here. */
export function useLabel(unit: Ref<SaleUnit>, markets: Ref<Market[]>) {
  const pack = usePackStore();
  const workshop = useWorkshopStore();
  const measure = shallowRef<Measure | null>(null);
  const problem = shallowRef('');

  onMounted(async () => {
    try {
      measure.value = await loadLabelFont();
    } catch (error) {
      problem.value = `Couldn’t load the label’s font (${reasonOf(error)}). Reload the page.`;
    }
  });

  const shown = computed(() => pack.labelIn(markets.value));
  /** A day that is past is printed on nothing. */
  const isPast = computed(() => (shown.value?.bestBefore?.atMs ?? Infinity) < nowMs());
  const title = computed(() => unit.value.label.title || unit.value.name);
  const bestBefore = computed(() => {
    const of = shown.value?.bestBefore;
    return of && !isPast.value ? new Date(of.atMs) : null;
  });
  const laid = computed<LaidLabel | null>(() => {
    const of = shown.value;
    if (!of || !measure.value) return null;
    return layLabel(
      of.content,
      { ...unit.value.label, markets: markets.value },
      title.value,
      {
        maker: workshop.settings.maker,
        batchCode: pack.code,
        bestBefore: bestBefore.value ? `best before ${sayMonth(bestBefore.value)}` : '',
      },
      measure.value,
    );
  });
  const cut = computed(() => (laid.value ? sayCut(laid.value) : null));
  const strange = computed(() =>
    cannotPrint(
      (laid.value?.sides ?? [])
        .flatMap(({ items }) => items.flatMap((item) => (item.kind === 'text' ? item.text : [])))
        .join(' '),
    ),
  );
  /** Colors of the first piece in it, from its shell inward. */
  const colors = computed(() => {
    const { formula, batches } = pack.lines[0] ?? { formula: null, batches: [] };
    const body = batches[0]?.body ?? formula?.body;
    const mold = batches[0]?.request.mold ?? { shape: 'sphere' as const, diameterMm: 70 };
    const anatomy = body ? crossSectionOf(body, mold, workshop.catalog) : null;
    if (!anatomy) return ['#e8e4d8'];
    return [
      ...anatomy.shell.map(({ part }) => part.hex),
      ...(anatomy.embed ? [anatomy.embed.hex] : []),
    ];
  });

  return { shown, laid, cut, strange, colors, title, bestBefore, isPast, problem };
}

/** `11 2027`: month and year, as a label has it. */
export function sayMonth(day: Date): string {
  return `${String(day.getMonth() + 1).padStart(2, '0')} ${day.getFullYear()}`;
}
