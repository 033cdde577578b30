import { counted } from '@/core/words';

/** What is said when the database was found gone. @param count records that came back; null where there was no spare copy */
export function sayRestored(isDamaged: boolean, count: number | null): string | null {
  const lost = isDamaged
    ? 'The browser found what it had stored here damaged and threw it away'
    : 'What this browser had stored here was gone';
  if (count !== null)
    return `${lost}; everything is back from the spare copy: ${counted(count, 'record')}.`;
  return isDamaged
    ? `${lost}, and there is no spare copy. Bring it back from your folder or your last export.`
    : null;
}
