import { counted } from '@/core/basics/format/numbers';
import type { GoneWay, Grade, PackagingKind, UnitKind } from './kinds';
import type { GoodsMove } from './schema';

export const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  good: 'whole',
  second: 'seconds',
  sampler: 'samplers',
};

export const UNIT_WORDS: Readonly<Record<UnitKind, string>> = {
  piece: 'One piece',
  pair: 'A pair',
  box: 'A box',
  jar: 'A jar',
  sachet: 'A sachet',
  sampler: 'A sampler',
};

export const PACKAGING_WORDS: Readonly<Record<PackagingKind, string>> = {
  film: 'Film',
  bag: 'Bag',
  box: 'Box',
  jar: 'Jar',
  sachet: 'Sachet',
  label: 'Label',
  tag: 'Tag',
};

export const GONE_WORDS: Readonly<Record<GoneWay, string>> = {
  sold: 'sold',
  given: 'given away',
  embed: 'used as embeds',
  crumbled: 'crumbled',
  'thrown-away': 'thrown away',
};

/** What happened to goods, without the day. */
export function sayMove(move: GoodsMove): string {
  switch (move.kind) {
    case 'wrapped':
      return `${counted(move.count, 'unit')} wrapped as ${move.code}`;
    case 'gone': {
      const units = move.taken.reduce((sum, { count }) => sum + count, 0);
      const pieces = move.loose.reduce((sum, one) => sum + one.pieces, 0);
      const what = units > 0 ? counted(units, 'unit') : counted(pieces, 'piece');
      return `${what} ${GONE_WORDS[move.how]}${move.to ? `, ${move.to}` : ''}`;
    }
    case 'graded':
      return `${counted(move.pieces, 'piece')} ${move.to === 'second' ? 'made seconds' : 'rejected'}${move.why ? `: ${move.why}` : ''}`;
    case 'counted':
      return `counted by hand: ${move.change > 0 ? '+' : '−'}${Math.abs(move.change)}${move.why ? `, ${move.why}` : ''}`;
  }
}
