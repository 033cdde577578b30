import { counted, formatChange } from '@/core/basics/format/numbers';
import type { GoneWay, Grade, PackagingKind, UnitKind } from './kinds';
import type { GoodsMove } from './schema';

export const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  good: 'whole',
  second: 'seconds',
  sampler: 'minis',
};

export const UNIT_WORDS: Readonly<Record<UnitKind, string>> = {
  piece: 'One piece',
  pair: 'A pair',
  box: 'A box',
  jar: 'A jar',
  sachet: 'A sachet',
  sampler: 'A mini',
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
      return `${counted(move.count, 'product')} wrapped as ${move.code}`;
    case 'gone': {
      const units = move.taken.reduce((sum, { count }) => sum + count, 0);
      const pieces = move.loose.reduce((sum, one) => sum + one.pieces, 0);
      const what = units > 0 ? counted(units, 'product') : counted(pieces, 'piece');
      return withWhy(`${what} ${GONE_WORDS[move.how]}`, move.to);
    }
    case 'graded':
      return move.to === 'second'
        ? withWhy(`${counted(move.pieces, 'piece')} made seconds`, move.why)
        : withWhy(`${counted(move.pieces, 'piece')} rejected`, move.why);
    case 'counted':
      return withWhy(`counted by hand, ${formatChange(move.change)}`, move.why);
  }
}

function withWhy(what: string, why: string | null | undefined): string {
  return why ? `${what}: ${why}` : what;
}
