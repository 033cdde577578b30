import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Method } from '@/core/formula';
import type { BenchScale } from '@/core/weighing';
import { takenFrom, type LotUse } from '@/core/making';
import { cavityMl, type Means, type PlannedLine } from '@/core/scaling';
import {
  FROM_THE_TAP,
  assignLots,
  lotMoves,
  lowStock,
  premixStock,
  stockLeft,
  usableByMaterial,
  usableLots,
  type AssignedLots,
  type BuyingFacts,
  type ToolKind,
  type ToolOf,
} from '@/core/shelf';
import { learnedLoss, lossRecordsOf, packedFromFills } from '@/core/learning';
import { today } from './now';
import { useWorkshopStore } from './workshop';

/** What stands on the shelf, reckoned from the lots and from every batch that took of them. */
export const useShelfStore = defineStore('shelf', () => {
  const workshop = useWorkshopStore();

  const moves = computed(() => lotMoves(workshop.batches, workshop.lots));
  const left = computed(() => stockLeft(workshop.lots, moves.value));
  const usable = computed(() => usableByMaterial(workshop.lots, left.value, today()));
  const low = computed(() => lowStock(workshop.materials, workshop.lots, left.value, today()));
  const premixes = computed(() => premixStock(workshop.lots, left.value, today()));
  const scales = computed<readonly BenchScale[]>(() =>
    toolsOf('scale').map(({ name, stepG, capacityG, minimumG }) => ({
      name,
      stepG,
      capacityG,
      minimumG,
    })),
  );
  const bowlL = computed(() => {
    const [mixer] = toolsOf('mixer');
    return mixer ? (mixer.bowlL * mixer.fillPct) / 100 : null;
  });
  const ownById = computed(() => new Map(workshop.materials.map((own) => [own.id, own])));

  /** Tools of a kind, the one in use first. */
  function toolsOf<K extends ToolKind>(kind: K): readonly ToolOf<K>[] {
    return workshop.tools
      .filter((tool): tool is ToolOf<K> => tool.kind === kind)
      .sort((a, b) => a.rank - b.rank);
  }

  /** Every fill that was weighed, of every mold. */
  const fills = computed(() =>
    workshop.molds.flatMap((mold) =>
      mold.fillsG.map((massG) => ({ method: mold.method, volumeMl: cavityMl(mold), massG })),
    ),
  );
  const packedFor = (method: Method) => packedFromFills(fills.value, method);
  /** What own batches lost on the way; nothing while none was counted. */
  const loss = computed(() => learnedLoss(lossRecordsOf(workshop.batches)));

  /** What a plan has to work with; how densely it is packed from own fills where there are any. */
  function meansFor(method: Method): Means {
    return {
      catalog: workshop.catalog,
      scales: scales.value,
      small: workshop.smallMeasures,
      premixes: premixes.value,
      bowlL: bowlL.value,
      packedGMl: packedFor(method)?.densityGMl ?? null,
    };
  }

  function assign(lines: readonly PlannedLine[], bowlCount: number): AssignedLots {
    return assignLots(lines, workshop.lots, left.value, today(), bowlCount);
  }

  /** So much of a material off the lots that go first; nothing when none stands here. */
  function takeOff(materialId: string, massG: number): LotUse[] {
    const lots = usableLots(materialId, workshop.lots, today()).map(({ id }) => ({
      lotId: id,
      massG: Math.max(0, left.value.get(id) ?? 0),
    }));
    return takenFrom(lots, massG);
  }

  /** Money per gram of a material: of the lots that would be used first, else the maker's own price; null when neither says. */
  function pricePerG(materialId: string): number | null {
    const priced = usableLots(materialId, workshop.lots, today()).find(
      ({ cost, receivedG }) => cost !== null && receivedG > 0,
    );
    if (priced && priced.cost !== null) return priced.cost / priced.receivedG;
    const said = ownById.value.get(materialId)?.pricePerKg;
    if (said) return said.value / 1000;
    return materialId === FROM_THE_TAP ? 0 : null;
  }

  function buyingFacts(materialId: string): BuyingFacts {
    const own = ownById.value.get(materialId);
    const perG = pricePerG(materialId);
    return {
      packG: own?.packG ?? null,
      lowG: own?.lowG ?? null,
      pricePerKg: perG === null ? null : perG * 1000,
    };
  }

  return {
    moves,
    left,
    usable,
    low,
    premixes,
    scales,
    toolsOf,
    meansFor,
    packedFor,
    loss,
    assign,
    takeOff,
    pricePerG,
    buyingFacts,
  };
});
