import { defineStore } from 'pinia';
import { computed } from 'vue';
import type { Method } from '@/core/formula/model/schema';
import { takenFrom } from '@/core/work/bench-steps/takenFrom';
import type { LotUse } from '@/core/work/bench-steps/stepSchema';
import type { Means } from '@/core/work/scaling/means';
import type { PlannedLine } from '@/core/work/scaling/planLines';
import { assignLots, usableLots, type AssignedLots } from '@/core/workshop/shelf/assignLots';
import { benchScales, mixerFillL } from '@/core/workshop/shelf/workplace';
import { lotMoves, stockLeft } from '@/core/workshop/shelf/stock';
import { lowStock, usableByMaterial } from '@/core/workshop/shelf/watch';
import { premixStock } from '@/core/workshop/shelf/premix';
import { pricePerG } from '@/core/workshop/shelf/pricePerG';
import type { BuyingFacts } from '@/core/workshop/shelf/shoppingList';
import { learnedLoss, packedFromFills } from '@/core/results/learning/fromFills';
import { lossRecordsOf } from '@/core/batches/records/fromBatches';
import { movesOfArchived } from '@/core/goods/archive/movesOfArchived';
import { speaking } from '@/core/results/learning/exclusions';
import { today } from './now';
import { useWorkshopStore } from './workshop';

/** What stands on the shelf, computed from the lots and from every batch that took of them. */
export const useShelfStore = defineStore('shelf', () => {
  const workshop = useWorkshopStore();

  const pastMoves = computed(() => movesOfArchived(workshop.pastUses));
  const moves = computed(() => lotMoves(workshop.batches, workshop.lots, pastMoves.value));
  const left = computed(() => stockLeft(workshop.lots, moves.value));
  const usable = computed(() => usableByMaterial(workshop.lots, left.value, today()));
  const low = computed(() => lowStock(workshop.materials, workshop.lots, left.value, today()));
  const premixes = computed(() => premixStock(workshop.lots, left.value, today()));
  const scales = computed(() => benchScales(workshop.tools));
  const bowlL = computed(() => mixerFillL(workshop.tools));
  const ownById = computed(() => new Map(workshop.materials.map((own) => [own.id, own])));

  const packedFor = (method: Method) => packedFromFills(workshop.fills, method);
  /** What own batches lost on the way; nothing while none was counted. */
  const loss = computed(() =>
    learnedLoss(lossRecordsOf(speaking(workshop.batches, 'loss', workshop.exclusions))),
  );

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

  /** A mold of the shelf by its id; null for one that is gone. */
  const shelfMold = (moldId: string) => workshop.molds.find(({ id }) => id === moldId) ?? null;

  const onHold = computed(
    () => new Set(workshop.lots.filter(({ isQuarantined }) => isQuarantined).map(({ id }) => id)),
  );
  const isOnHold = (lotId: string) => onHold.value.has(lotId);

  const priceOf = (materialId: string) =>
    pricePerG(materialId, workshop.lots, ownById.value.get(materialId), today());

  function buyingFacts(materialId: string): BuyingFacts {
    const own = ownById.value.get(materialId);
    const perG = priceOf(materialId);
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
    shelfMold,
    meansFor,
    packedFor,
    loss,
    assign,
    takeOff,
    isOnHold,
    pricePerG: priceOf,
    buyingFacts,
  };
});
