import type { Pictogram } from '@/core/goods/labels/classification/statements';

/** Of the frame: a red square set on its point, in a field of 100 by 100. */
export const FRAME = { path: 'M50 3 97 50 50 97 3 50Z', hex: '#d0021b', width: 4.2 } as const;

interface Shape {
  readonly path: string;
  /** White parts lie on the black ones. */
  readonly isWhite?: boolean;
  /** Drawn as a line so wide; filled where it is left out. */
  readonly lineWidth?: number;
}

const dot = (x: number, y: number, r: number) =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;

/** What stands in the frame, drawn by us to what the standard shows: black on white. */
export const SYMBOLS: Readonly<Record<Pictogram, readonly Shape[]>> = {
  // A flame over a circle, on a line.
  GHS03: [
    { path: dot(50, 65, 11), lineWidth: 4.6 },
    { path: 'M33 80H67', lineWidth: 4.6 },
    {
      path: 'M39 53C33 49 31 42 35 35C36 39 38 40 40 41C38 33 41 25 49 19C48 26 51 29 54 33C55 30 55 28 54 25C61 30 64 36 62 43C64 42 65 40 65 37C69 44 67 50 61 54C63 48 60 43 57 40C57 44 55 46 52 47C53 41 50 37 47 35C48 40 43 42 42 46C41 49 40 51 39 53Z',
    },
  ],
  // Two tubes pour on a plate and on a hand, and both are eaten away.
  GHS05: [
    { path: 'M19 40 42 30 44 34.5 21 44.500Z', lineWidth: 2 },
    { path: 'M31 39.5 42.5 34.8 42 30 26 37Z' },
    { path: 'M56 30 79 40 77 44.5 54 34.500Z', lineWidth: 2 },
    { path: 'M67 39.5 55.5 34.8 56 30 72 37Z' },
    { path: `${dot(44, 41, 1.9)}${dot(42.5, 47.5, 2.1)}${dot(44.5, 54, 2.1)}` },
    { path: `${dot(54, 41, 1.9)}${dot(55.5, 47.5, 2.1)}${dot(54, 54, 2.1)}` },
    { path: 'M22 62H39L41 66 43.5 63.5 46 66.5 47.5 62H49V71H22Z' },
    {
      path: 'M51 63C53 60 56 62 58 60.500L60 63.5 63 60.500C69 60 76 62 80 64.500L78 70C72 72 62 73 54 71C51 69 50 66 51 63Z',
    },
    { path: 'M38 60.500C36 58 37 55 35 52M60 58C62 55.5 60.5 53 63 50.5', lineWidth: 1.6 },
  ],
  GHS07: [
    {
      path: 'M43.5 25C43.5 20.5 56.5 20.5 56.5 25C56.5 33 54.5 47 53.5 58C53 62 47 62 46.5 58C45.5 47 43.5 33 43.5 25Z',
    },
    { path: dot(50, 72.5, 6) },
  ],
  // Head and chest, a star where the harm is.
  GHS08: [
    {
      path: 'M43 24C43 15 58 15 58 24C58 30 56 33 55 36C56 39 60 40 64 42C69 45 70 52 70 60L66 76H34L30 60C30 52 31 45 36 42C40 40 45 39 46 36C45 33 43 30 43 24Z',
    },
    {
      path: 'M50 41 53.5 51.5 62 45.5 57 55 68 57.5 57 61 62 70 53 64.5 50 76 47 64.5 38 70 43 61 32 57.5 43 55 38 45.5 46.5 51.500Z',
      isWhite: true,
    },
  ],
  // A bare tree and a fish on its back, on the ground.
  GHS09: [
    {
      path: 'M37 70C39 60 38 52 37 45L28 36M37.5 52 47 38M38 60 30 52M37 45 41 29M44 42 51 40M33 41 32 31',
      lineWidth: 3,
    },
    { path: 'M18 70.500C28 67 38 69.5 46 70L50 74 44 74.500Z' },
    { path: 'M20 71.500H46', lineWidth: 3 },
    {
      path: 'M46 68C52 58 64 57 72 63L81 57 79 66 83 71 73 69.500C65 76 52 76 46 68Z',
    },
    { path: dot(51.5, 67, 1.6), isWhite: true },
  ],
};

/** Up from where its paths lie, so that nothing touches the frame. */
export const LIFT: Readonly<Record<Pictogram, number>> = {
  GHS03: 5.5,
  GHS05: 7,
  GHS07: 0,
  GHS08: 0,
  GHS09: 9,
};

/** A symbol whole, for a page that takes drawings as text. */
export function symbolSvg(code: Pictogram, ink: string): string {
  const shapes = SYMBOLS[code].map(({ path, isWhite, lineWidth }) => {
    const color = isWhite ? '#ffffff' : ink;
    return lineWidth === undefined
      ? `<path d="${path}" fill="${color}"/>`
      : `<path d="${path}" fill="none" stroke="${color}" stroke-width="${lineWidth}"/>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><path d="${FRAME.path}" fill="#ffffff" stroke="${FRAME.hex}" stroke-width="${FRAME.width}"/><g transform="translate(0 ${-LIFT[code]})">${shapes.join('')}</g></svg>`;
}
