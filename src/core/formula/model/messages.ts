import { capital } from '@/core/basics/format/phrases';
import type { ProductUse } from '@/core/matter/materials/knowledge';
import type { Family, Method, Part, PartKind, School } from './schema';

/** What makers call these; one table for every screen, sheet and sentence. */
export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  'bath-bomb': 'bath bomb',
  'shower-steamer': 'shower steamer',
  'fizzing-salts': 'fizzing salts',
  'cleaning-fizzy': 'cleaning fizzy',
};

export const METHOD_WORDS: Readonly<Record<Method, string>> = {
  hand: 'hand shells',
  press: 'bench press',
  silicone: 'silicone tray',
  detail: 'detail mold',
  'in-pack': 'pressed in its pack',
  loose: 'loose',
};

export const SCHOOL_WORDS: Readonly<Record<School, string>> = {
  'acid-last': 'acid last',
  'all-dry-first': 'all dry first',
};

export const PART_WORDS: Readonly<Record<PartKind, string>> = {
  main: 'main mix',
  split: 'second color',
  embed: 'embed',
  topping: 'topping',
  icing: 'icing',
  paint: 'paint',
};

/** A section inside a sentence: by its kind, unless the maker named it. */
export function partInSentence({ kind, name }: Pick<Part, 'kind' | 'name'>): string {
  return name === capital(PART_WORDS[kind]) ? PART_WORDS[kind] : name;
}

/** Where a family is used. */
export function useOf(family: Family): ProductUse {
  if (family === 'cleaning-fizzy') return 'household';
  return family === 'shower-steamer' ? 'shower' : 'tub';
}

/** Does it touch skin? Cleaning pieces never do. */
export function isForSkin(family: Family): boolean {
  return family !== 'cleaning-fizzy';
}
