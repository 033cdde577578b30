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

/** A section by its kind, unless the maker named it. */
export function partInSentence(part: Pick<Part, 'kind' | 'name'>): string {
  return isNamed(part) ? part.name : PART_WORDS[part.kind];
}

/** A section inside a sentence: `the embed`, `Embed 2`, `Gold paint`. */
export function thePart(part: Pick<Part, 'kind' | 'name'>): string {
  return isNamed(part) ? part.name : `the ${PART_WORDS[part.kind]}`;
}

/** Has the maker given it a name of its own? */
export function isNamed({ kind, name }: Pick<Part, 'kind' | 'name'>): boolean {
  return name !== capital(PART_WORDS[kind]);
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
