import { computed, shallowRef, type Ref } from 'vue';
import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { ArchivedUses } from '@/core/goods/archive/movesOfArchived';
import type { Batch } from '@/core/batches/records/schema';

/** Batches of long ago: in short, until somebody looks at one. @param batches those that are here whole */
export function digestsOfWorkshop(batches: Readonly<Ref<readonly Batch[]>>) {
  /** Every stored batch in short, by id, as it was when it was last not at hand. */
  const digests = shallowRef<ReadonlyMap<string, BatchDigest>>(new Map());
  /** What past batches took off lots: read right after the first screen, and when more become past. */
  const uses = shallowRef<readonly ArchivedUses[]>([]);

  const past = computed(() => {
    const here = new Set(batches.value.map(({ id }) => id));
    return [...digests.value.values()].filter(({ id }) => !here.has(id));
  });
  const pastUses = computed(() => {
    const told = new Set(past.value.map(({ id }) => id));
    return uses.value.filter(({ id }) => told.has(id));
  });
  const batchCount = computed(() => batches.value.length + past.value.length);
  const codeOfBatch = (id: string): string | null =>
    batches.value.find((one) => one.id === id)?.code ?? digests.value.get(id)?.code ?? null;
  /** @param codeOrId as an address names it: by its code, or by its id as sheets of old do */
  const idOfBatch = (codeOrId: string): string | null =>
    [...batches.value, ...digests.value.values()].find(
      ({ id, code }) => id === codeOrId || code === codeOrId,
    )?.id ?? null;

  function tell(told: readonly BatchDigest[]): void {
    digests.value = new Map([...digests.value, ...told.map((one) => [one.id, one] as const)]);
  }

  function forget(ids: readonly string[]): void {
    if (!ids.some((id) => digests.value.has(id))) return;
    const left = new Map(digests.value);
    for (const id of ids) left.delete(id);
    digests.value = left;
  }

  return { digests, uses, past, pastUses, batchCount, codeOfBatch, idOfBatch, tell, forget };
}
