import { computed, shallowRef, watch, type Ref } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import type { taughtByTrials } from '@/core/batches/trials/taught';
import type { Trial } from '@/core/batches/trials/schema';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { OwnTrials } from '@/core/results/conditions/types';
import type { Exclusion } from '@/core/results/learning/exclusions';
import type { SupplierDocument } from '@/core/results/scent/documents';
import { cavityMl } from '@/core/work/scaling/leftover';
import type { WorkshopFacts } from '@/core/workshop/settings/conditionsFor';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { ShelfMold } from '@/core/workshop/shelf/tool';
import { afterPaint } from './afterPaint';

/** One list, so that nothing is learned anew while nothing is excluded. */
const NO_EXCLUSIONS: readonly Exclusion[] = [];

interface Stored {
  readonly settings: Readonly<Ref<Settings>>;
  readonly catalog: Readonly<Ref<Catalog>>;
  readonly batches: Readonly<Ref<readonly Batch[]>>;
  readonly trials: Readonly<Ref<readonly Trial[]>>;
  readonly molds: Readonly<Ref<readonly ShelfMold[]>>;
  readonly documents: Readonly<Ref<readonly SupplierDocument[]>>;
}

/** What a judgement wants to know of this workshop: its settings and materials, and what its own records teach. */
export function workshopFacts({ settings, catalog, batches, trials, molds, documents }: Stored) {
  const exclusions = computed(() => settings.value.exclusions ?? NO_EXCLUSIONS);
  /** What the maker's own trials teach: computed again only when a trial or a batch was written. */
  const taught = computed<OwnTrials>(
    () => teach.value?.(trials.value, batches.value, catalog.value, exclusions.value) ?? {},
  );
  /** What learns of trials is loaded where there are any; the first screen does not wait for what they say. */
  const teach = shallowRef<typeof taughtByTrials | null>(null);
  async function learn(): Promise<void> {
    if (trials.value.length === 0 || teach.value) return;
    try {
      teach.value = (await import('@/core/batches/trials/taught')).taughtByTrials;
    } catch {
      // The server is gone: the workshop opens without, and asks again with the next trial.
    }
  }
  watch(trials, () => void afterPaint().then(learn));
  /** Every fill that was weighed, of every mold. */
  const fills = computed(() =>
    molds.value.flatMap((mold) =>
      mold.fillsG.map((massG) => ({ method: mold.method, volumeMl: cavityMl(mold), massG })),
    ),
  );
  /** What a judgement wants to know of this workshop. */
  const facts = computed<WorkshopFacts>(() => ({
    catalog: catalog.value,
    settings: settings.value,
    documents: documents.value,
    batches: batches.value,
    trials: taught.value,
    fills: fills.value,
    exclusions: exclusions.value,
  }));

  return { exclusions, fills, facts };
}
