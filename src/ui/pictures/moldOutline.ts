import type { Mold } from '@/core/work/scaling/moldSchema';

/** Where a mold's side view stands in a picture, px. */
export interface OutlineBox {
  readonly left: number;
  readonly bottom: number;
  readonly width: number;
  readonly height: number;
}

/** Outline of a mold seen from the side, as an SVG path. */
export function moldOutline(mold: Mold, { left, bottom, width, height }: OutlineBox): string {
  const x = (share: number) => left + width * share;
  const y = (share: number) => bottom - height * share;
  const look = mold.shape === 'own-volume' ? (mold.figure ?? mold.shape) : mold.shape;
  switch (look) {
    case 'sphere':
      return `M${x(0)} ${y(0.5)}a${width / 2} ${height / 2} 0 1 1 ${width} 0a${width / 2} ${height / 2} 0 1 1 ${-width} 0z`;
    case 'half-sphere':
      return `M${x(0)} ${bottom}a${width / 2} ${height} 0 0 1 ${width} 0z`;
    case 'heart':
      return `M${x(0.5)} ${y(0)}C${x(0.1)} ${y(0.35)} ${x(-0.08)} ${y(0.62)} ${x(0.06)} ${y(0.86)}C${x(0.2)} ${y(1.08)} ${x(0.46)} ${y(1)} ${x(0.5)} ${y(0.76)}C${x(0.54)} ${y(1)} ${x(0.8)} ${y(1.08)} ${x(0.94)} ${y(0.86)}C${x(1.08)} ${y(0.62)} ${x(0.9)} ${y(0.35)} ${x(0.5)} ${y(0)}z`;
    case 'jar':
      return `M${x(0.06)} ${y(0)}H${x(0.94)}Q${x(1)} ${y(0)} ${x(1)} ${y(0.08)}V${y(0.68)}Q${x(1)} ${y(0.78)} ${x(0.84)} ${y(0.82)}V${y(1)}H${x(0.16)}V${y(0.82)}Q${x(0)} ${y(0.78)} ${x(0)} ${y(0.68)}V${y(0.08)}Q${x(0)} ${y(0)} ${x(0.06)} ${y(0)}z`;
    case 'sachet':
      return `M${x(0.04)} ${y(0)}L${x(0)} ${y(0.9)}L${x(0.08)} ${y(1)}H${x(0.92)}L${x(1)} ${y(0.9)}L${x(0.96)} ${y(0)}z`;
    case 'detail mold':
      return `M${x(0)} ${y(0)}V${y(0.5)}Q${x(0.08)} ${y(0.72)} ${x(0.2)} ${y(0.62)}Q${x(0.26)} ${y(1)} ${x(0.5)} ${y(1)}Q${x(0.74)} ${y(1)} ${x(0.8)} ${y(0.62)}Q${x(0.92)} ${y(0.72)} ${x(1)} ${y(0.5)}V${y(0)}z`;
    default:
      return `M${x(0)} ${bottom}v${-height}h${width}v${height}z`;
  }
}
