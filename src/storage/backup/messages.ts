import { counted } from '@/core/basics/format/numbers';
import type { Restored } from './restore';

/** What is said when the database was found gone. @param restored what came back; null where nothing was ever copied */
export function sayRestored(isDamaged: boolean, restored: Restored | null): string | null {
  const lost = isDamaged
    ? 'The browser found what it had stored here damaged and threw it away'
    : 'What this browser had stored here was gone';
  if (restored?.isWhole)
    return `${lost}; everything is back from the spare copy: ${counted(restored.count, 'record')}.`;
  if (restored)
    return `${lost}; ${counted(restored.count, 'record')} are back from a spare copy that was not finished. Look whether anything is missing, and bring it back from your folder or your last export.`;
  return isDamaged
    ? `${lost}, and there is no spare copy. Bring it back from your folder or your last export.`
    : null;
}
