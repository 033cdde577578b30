import type { Family } from '@/core/formula/model/schema';

/** What the piece goes into, as it is drawn. */
export interface Vessel {
  readonly kind: 'bath' | 'sink' | 'machine' | 'tray';
  /** Inside, at the water line, cm. */
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly depthCm: number;
}
export type VesselKind = Vessel['kind'];

/** Depth of the water, cm, and length against width. A bath's depth is what its color is seen through. Common practice. */
const SHAPES: Readonly<Record<VesselKind, { readonly depthCm: number; readonly aspect: number }>> =
  {
    bath: { depthCm: 30, aspect: 1.9 },
    sink: { depthCm: 12, aspect: 1.35 },
    machine: { depthCm: 12, aspect: 1 },
    tray: { depthCm: 1, aspect: 1 },
  };
/** The corner of a shower tray that is drawn, cm. */
const TRAY_CM = 36;

/** Vessels a family goes into; the usual one first. */
export const VESSELS_OF: Readonly<Record<Family, readonly [VesselKind, ...VesselKind[]]>> = {
  'bath-bomb': ['bath'],
  'shower-steamer': ['tray'],
  'fizzing-salts': ['bath'],
  'cleaning-fizzy': ['sink', 'machine'],
};

/** A vessel that holds so much water. @param volumeL liters, over 0 */
export function vesselOf(kind: VesselKind, volumeL: number): Vessel {
  const { depthCm, aspect } = SHAPES[kind];
  if (kind === 'tray') return { kind, lengthCm: TRAY_CM, widthCm: TRAY_CM, depthCm };
  const areaCm2 = (1000 * volumeL) / depthCm;
  const widthCm = Math.sqrt(areaCm2 / aspect);
  return { kind, lengthCm: widthCm * aspect, widthCm, depthCm };
}

/** Loose salts are strewn over an oval of this spread, cm. Rovack estimate. */
const STREWN_CM = [13, 8] as const;

/** The spread of strewn salts along and across a vessel, cm: a small one leaves less room. */
export function strewnCm({ lengthCm, widthCm }: Vessel): readonly [number, number] {
  return [Math.min(STREWN_CM[0], lengthCm / 5), Math.min(STREWN_CM[1], widthCm / 5)];
}
