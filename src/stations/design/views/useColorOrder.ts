import { useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import { exactly } from '@/core/basics/units/spread';
import { reasonOf } from '@/core/basics/format/reason';
import { addLine, totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import type { Colored } from '@/core/results/color/order/colorToOrder';
import { foundSentence, leftOutSentences } from '@/core/results/color/order/messages';
import { withoutColors } from '@/core/results/color/order/orderFor';
import { useDesignStore } from '@/stores/design';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';
import type { ColorAnswer } from '@/workers/colorApi';
import { startColor } from '@/workers/startColor';

export type ColorsFrom = 'shelf' | 'all';

/**
 * Looks for a wanted color as it is chosen, and shows over the column what was found; nothing is changed until it is applied.
 * @param body the formula it is for
 */
export function useColorOrder(body: () => FormulaBody) {
  const design = useDesignStore();
  const workshop = useWorkshopStore();
  const shelf = useShelfStore();
  const { materialOf } = useMaterials();

  const kind = ref<Colored['kind']>('tub');
  const from = ref<ColorsFrom>('shelf');
  const markets = ref<('us' | 'eu')[]>(['us', 'eu']);
  const wantedHex = ref('');
  const partId = ref('');
  const answer = shallowRef<ColorAnswer | null>(null);
  const problem = ref('');

  const sections = computed(() =>
    body()
      .parts.filter(({ kind: of }) => of === 'main' || of === 'split' || of === 'embed')
      .map(({ id, name }) => ({ value: id, title: name })),
  );
  const section = computed(
    () => sections.value.find(({ value }) => value === partId.value) ?? sections.value[0],
  );
  const isColor = ({ materialId }: Line) => materialOf(materialId).role === 'color';
  const materialIds = computed(() => {
    const offered = workshop.catalog.offered.filter(({ role }) => role === 'color');
    return offered
      .filter(({ id }) => from.value === 'all' || (shelf.usable.get(id) ?? 0) > 0)
      .map(({ id }) => id);
  });

  function want(hex: string): void {
    wantedHex.value = hex.toLowerCase();
  }

  /** The section as it is without its colors, but for those that are locked. */
  const bare = computed(() =>
    section.value ? withoutColors(body(), section.value.value, isColor) : body(),
  );
  let asked = 0;
  async function find(): Promise<void> {
    const id = section.value?.value;
    if (!wantedHex.value || !id || !(totalMassG(bare.value) > 0)) return;
    const mine = ++asked;
    problem.value = '';
    try {
      const { result } = startColor(
        toRaw(bare.value),
        { ...design.conditions },
        {
          kind: kind.value,
          partId: id,
          wantedHex: wantedHex.value,
          materialIds: materialIds.value,
          markets: [...markets.value],
          piece:
            design.pieceG === null
              ? { share: 1 }
              : { grams: design.conditions.pieceG ?? design.pieceG },
        },
        [...workshop.materials],
      );
      const found = await result;
      if (mine !== asked) return;
      answer.value = found;
      design.setPreview(ordered.value);
    } catch (error) {
      if (mine === asked) problem.value = `${reasonOf(error)}.`;
    }
  }
  const findSoon = useDebounceFn(() => void find(), 120);
  watch([wantedHex, kind, from, markets, section, body], () => {
    answer.value = null;
    design.setPreview(null);
    void findSoon();
  });
  onScopeDispose(() => {
    asked++;
    design.setPreview(null);
  });

  /** What is worth weighing of it; what is at its rate is never rounded over it. */
  const lines = computed(() =>
    (answer.value?.lines ?? []).map(({ materialId, massG }) => {
      const rounded = Number(massG.toPrecision(3));
      const isOver = rounded > massG && answer.value?.atRate.includes(materialId);
      return { materialId, massG: isOver ? Number((massG * 0.995).toPrecision(3)) : rounded };
    }),
  );
  /** The formula with what was found in it. */
  const ordered = computed<FormulaBody | null>(() => {
    const id = section.value?.value;
    if (!answer.value || !id) return null;
    return lines.value.reduce(
      (of, { materialId, massG }) => addLine(of, id, materialOf(materialId), exactly(massG)),
      bare.value,
    );
  });
  const replaces = computed(
    () =>
      body()
        .parts.find(({ id }) => id === section.value?.value)
        ?.lines.filter((line) => !line.locked && isColor(line)) ?? [],
  );
  const sentence = computed(() =>
    answer.value
      ? foundSentence(
          kind.value,
          {
            ...answer.value,
            lines: answer.value.lines.map(({ materialId, massG }) => ({
              material: materialOf(materialId),
              massG,
            })),
            atRate: answer.value.atRate.map(materialOf),
          },
          answer.value.offered,
        )
      : '',
  );
  /** Why colors of the shelf are not used, and what the ones found take the place of. */
  const notes = computed(() => {
    if (!answer.value) return [];
    const leftOut = answer.value.leftOut.map(({ materialId, why }) => ({
      material: materialOf(materialId),
      why,
    }));
    const takesPlace = answer.value.lines.length > 0 && replaces.value.length > 0;
    return [
      ...(from.value === 'all' ? [] : leftOutSentences(leftOut)),
      ...(takesPlace ? ['It replaces the colors of this section that are not locked.'] : []),
    ];
  });

  function apply(): void {
    const next = ordered.value;
    if (!next) return;
    wantedHex.value = '';
    design.change(next);
  }

  return {
    kind,
    from,
    markets,
    wantedHex,
    sections,
    section,
    chooseSection: (id: string) => (partId.value = id),
    answer,
    problem,
    lines,
    sentence,
    notes,
    want,
    apply,
  };
}
