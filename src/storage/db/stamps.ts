import { newId } from '@/core/basics/newId';
import { STORE_NAMES, type Key } from '../records/keys';
import type { VersionVector } from '../versionVector';

/** What devices have made of one record so far. A record without a stamp was stored before there were any. */
export interface Stamp {
  /** The record’s key. */
  readonly id: Key;
  readonly vector: VersionVector;
  /** Counts every write of this database: what was written since a file was is what has a higher one. */
  readonly seq: number;
  readonly isGone: boolean;
  /** Another device is known to have this very state. */
  readonly isAgreed: boolean;
  /** What both had last, when this device has changed it since. */
  readonly base?: { readonly vector: VersionVector; readonly record: unknown };
}

/** Who this browser is among the devices of a workshop. */
export interface Device {
  /** 8 hexadecimal digits, drawn once. */
  readonly device: string;
  /** As its maker calls it; empty until it is said. */
  readonly name: string;
  /** The last write of this database. */
  readonly seq: number;
  /** The build that has found every record whole: it need not look at each start. */
  readonly soundBy?: string;
}
export type OwnDevice = Device & { readonly id: 'own' };

export const WRITTEN_STORES = [
  ...STORE_NAMES,
  'digests',
  'uses',
  'untold',
  'stamps',
  'device',
] as const;

export function newDeviceId(): string {
  return newId().slice(0, 8);
}

/** Who this browser is; drawn again where it has not been anyone yet. */
export async function ownDevice(store: {
  readonly get: (id: string) => Promise<OwnDevice | undefined>;
}): Promise<OwnDevice> {
  return (await knownDevice(store)) ?? { id: 'own', device: newDeviceId(), name: '', seq: 0 };
}

/** Who this browser is, if it has been anyone yet. */
export async function knownDevice(store: {
  readonly get: (id: string) => Promise<OwnDevice | undefined>;
}): Promise<OwnDevice | null> {
  return (await store.get('own')) ?? null;
}

/**
 * The stamp of a record that this device has just changed.
 * @param before the stamp so far, and what the record was
 */
export function stampAfter(
  id: Key,
  before: { readonly stamp: Stamp | undefined; readonly record: unknown },
  { device, seq }: Device,
  isGone: boolean,
): Stamp {
  const { stamp } = before;
  const base = stamp?.isAgreed ? { vector: stamp.vector, record: before.record } : stamp?.base;
  return {
    id,
    vector: { ...stamp?.vector, [device]: seq },
    seq,
    isGone,
    isAgreed: false,
    ...(base && { base }),
  };
}
