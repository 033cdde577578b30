/** Line drawings for places that hold nothing yet, in a box of 96 by 64: each shows what will be there. */
export const EMPTY_PICTURES = {
  /** A ball between the halves of its mold. */
  piece: 'M24 32a24 24 0 0 1 48 0M18 32h10M68 32h10M24 36a24 24 0 0 0 48 0M34 30a14 14 0 0 1 28 0',
  bowl: 'M14 24h68a34 34 0 0 1-68 0zM36 58h24M58 20l18-14',
  jar: 'M32 14h32v8h4a4 4 0 0 1 4 4v28a4 4 0 0 1-4 4H28a4 4 0 0 1-4-4V26a4 4 0 0 1 4-4h4zM24 40h48',
  tray: 'M8 46h80v8H8zM16 46a9 9 0 0 1 18 0M39 46a9 9 0 0 1 18 0M62 46a9 9 0 0 1 18 0',
  tub: 'M8 26h80M14 26c0 20 6 28 16 28h36c10 0 16-8 16-28M26 54l-4 6M70 54l4 6M40 20a8 8 0 0 1 16 0',
  box: 'M18 24l30-12 30 12v26L48 60 18 50zM18 24l30 12 30-12M48 36v24',
  tide: 'M8 12v44h80M8 48q14-22 26-10t24-14 30 6M24 12v6M44 12v6M64 12v6',
  log: 'M48 16q-16-8-34-4v40q18-4 34 4 16-8 34-4V12q-18-4-34 4zM48 16v40M22 24l18 2M22 34l18 2',
  signpost: 'M48 6v54M48 12h24l8 7-8 7H48M48 32H26l-8 7 8 7h22',
} as const;

export type EmptyPicture = keyof typeof EMPTY_PICTURES;
