import { counted } from '@/core/basics/format/numbers';
import type { Restored } from './restore';

/** What is said when the database was found gone. @param restored what came back; null where nothing was ever copied */
export function sayRestored(isDamaged: boolean, restored: Restored | null): string | null {
  const lost = isDamaged
    ? 'The browser found its stored data damaged and deleted it'
    : 'This browser’s stored data was gone';
  if (restored?.isWhole)
    return `${lost}. Rovack restored everything from its backup: ${counted(restored.count, 'record')}.`;
  if (restored)
    return `${lost}. Rovack restored ${counted(restored.count, 'record')} from an unfinished backup. If anything is missing, restore it from your folder or your last export.`;
  return isDamaged
    ? `${lost}, and there is no backup. Restore it from your folder or your last export.`
    : null;
}
