import { shortDate } from '@/core/basics/format/dates';
import type { Lot } from '@/core/workshop/shelf/lot';

/** How long a lot keeps: `until Jul 18, 2027`. */
export function sayKeptUntil({ expiresOn, isRetest }: Pick<Lot, 'expiresOn' | 'isRetest'>): string {
  if (expiresOn === null) return 'no date';
  return isRetest ? `retest ${shortDate(expiresOn)}` : `until ${shortDate(expiresOn)}`;
}
