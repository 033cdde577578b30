import type { Ref } from 'vue';
import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { RecordOf, Records } from '@/storage/records/collections';
import type { CollectionName } from '@/storage/records/names';

/** Who makes the sample’s goods: no label of one’s own bears that name. */
export const SAMPLE_MAKER = 'Orrin Quay Fizz Loft';

/** What of the workshop the sample comes into and goes out of. */
export interface Shop {
  readonly records: Readonly<Ref<Records>>;
  readonly settings: Readonly<Ref<Settings>>;
  readonly past: Readonly<Ref<readonly BatchDigest[]>>;
  readonly isFirstVisit: Readonly<Ref<boolean>>;
  readonly put: <K extends CollectionName>(name: K, changed: readonly RecordOf<K>[]) => void;
  readonly remove: (name: CollectionName, ids: readonly string[]) => void;
  readonly changeSettings: (change: Partial<Settings>) => void;
  /** Nothing is written until what this returns is called. */
  readonly hold: () => (() => void) | undefined;
}
