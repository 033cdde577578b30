import { counted } from '@/core/basics/format/numbers';
import { subject } from '@/core/basics/format/phrases';
import type { ShelfLifeLimit } from './bestBefore';
import type { Fading, StaysFresh } from './staysFresh';

const WEEK = 7;
const MONTH = 365.25 / 12;

/** Days as people say them. @param days over 0, or null for years */
export function sayShelfLife(days: number | null): string {
  if (days === null) return 'years';
  if (days < 1) return 'less than a day';
  if (days < 2 * WEEK) return counted(Math.floor(days), 'day');
  if (days < 2 * MONTH) return counted(Math.floor(days / WEEK), 'week');
  return counted(Math.floor(days / MONTH), 'month');
}

/** What holds a best-before day. */
export function sayShelfLifeLimit(limit: ShelfLifeLimit): string {
  if (limit.kind === 'rule') return 'your own rule';
  if (limit.kind === 'fades') return FADES[limit.fades].limit;
  if (limit.kind === 'damp') return `damp air (${subject(limit.names, 'draws', 'draw')} water)`;
  return limit.byLot ? `the lot of ${limit.name}` : `the usual shelf life of ${limit.name}`;
}

const FADES: Readonly<Record<Fading, { readonly limit: string; readonly subject: string }>> = {
  vapor: { limit: 'its vapor, which fades', subject: 'Its vapor fades' },
  scent: { limit: 'its scent, which fades', subject: 'Its scent fades' },
  fizz: { limit: 'its fizz, which fades', subject: 'Its fizz fades' },
};

/** Hard is not fresh: what goes first in this wrap, and when; empty where nothing fades. */
export function sayFresh(fresh: StaysFresh | null): string {
  if (fresh === null) return '';
  const { days, fades } = fresh;
  return `${FADES[fades].subject} in about ${sayShelfLife(days)} in this wrap, however hard it stays.`;
}
