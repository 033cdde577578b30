import type { MoldShape } from '@/core/scaling';

/** Where a mold's side view stands in a picture, px. */
export interface OutlineBox {
  readonly left: number;
  readonly bottom: number;
  readonly width: number;
  readonly height: number;
}

/** Outline of a mold seen from the side, as an SVG path. */
export function moldOutline(shape: MoldShape, { left, bottom, width, height }: OutlineBox): string {
  switch (shape) {
    case 'sphere':
      return `M${left} ${bottom - height / 2}a${width / 2} ${height / 2} 0 1 1 ${width} 0a${width / 2} ${height / 2} 0 1 1 ${-width} 0z`;
    case 'half-sphere':
      return `M${left} ${bottom}a${width / 2} ${height} 0 0 1 ${width} 0z`;
    default:
      return `M${left} ${bottom}v${-height}h${width}v${height}z`;
  }
}
