import type { ToolKind } from '@/core/workshop/shelf/tool';

/** Line drawings of tools in a box of 32 by 32. */
export const TOOL_PICTURES: Readonly<Record<ToolKind, string>> = {
  scale: 'M5 27h22l-3-10H8zM9 13h14M16 13v4M13 22h6',
  sprayer: 'M11 28V16l3-4h4l3 4v12zM14 12V8h-3V5h9l3 4M9 5H6M9 8l-3 2',
  dropper: 'M14 4h4v7h-4zM11 11h10M13 11v9l3 4 3-4v-9M16 27v2',
  mixer: 'M6 16h14a7 7 0 0 1-14 0zM9 28h14M13 13V9M6 5h18v4H6zM24 9v19',
  press: 'M7 4h18M7 28h18M9 4v24M23 4v24M16 4v8M12 12h8v3h-8zM12 21a4 4 0 0 1 8 0z',
  tray: 'M3 22h26v5H3zM6 22a4 4 0 0 1 8 0M18 22a4 4 0 0 1 8 0',
  'drying-room': 'M5 28V9l11-6 11 6v19M5 14h22M5 20h22M5 26h22',
  'humidity-sensor': 'M16 4q8 10 8 15a8 8 0 0 1-16 0q0-5 8-15zM12 20a4 4 0 0 0 4 4',
};
