import { plainWords } from '@/core/basics/format/plainWords';
import type { RouteLocationRaw } from 'vue-router';

/** So many letters of an id tell two things of one name apart. */
const ID_LETTERS = 6;
const LONGEST_SLUG = 48;
/** Of what has no name of its own: an order, a test. */
const SHORT_ID = 8;
export const shortId = (id: string): string => id.slice(0, SHORT_ID);

/** What a record is called in an address: `quince-lantern-3f9a2c`, its name for the eye and the start of its id for the rest. */
export function slugOf({ id, name }: { readonly id: string; readonly name: string }): string {
  const words = plainWords(name).join('-').slice(0, LONGEST_SLUG).replace(/-$/, '');
  const short = id.slice(0, ID_LETTERS);
  return words === '' ? short : `${words}-${short}`;
}

/**
 * The record that an address names: by its id, else by its whole name, so that a name typed by hand leads there too.
 * @returns null where there is none, or where two bear the name
 */
export function findBySlug<T extends { readonly id: string; readonly name: string }>(
  slug: string,
  list: readonly T[],
): T | null {
  const short = slug.split('-').at(-1) ?? '';
  const byId = list.filter(({ id }) => id === slug || id.slice(0, ID_LETTERS) === short);
  const typed = plainWords(slug).join(' ');
  const named = (byId.length > 0 ? byId : list).filter(
    (one) => slugOf(one) === slug || plainWords(one.name).join(' ') === typed,
  );
  return byId.length === 1 ? (byId[0] ?? null) : named.length === 1 ? (named[0] ?? null) : null;
}

/** The record of a batch. @param codeOrId the code where it is known */
export const toBatch = (codeOrId: string): RouteLocationRaw => ({
  name: 'batch',
  params: { code: codeOrId },
});

export const toSheet = (codeOrId: string): RouteLocationRaw => ({
  name: 'sheet',
  params: { code: codeOrId },
});

/** A lot on the shelf. @param codeOrId the code where it is known */
export const toLot = (codeOrId: string): RouteLocationRaw => ({
  name: 'shelf',
  params: { side: 'lots', item: codeOrId },
});

/** @param view one of its sides; the first one when left out */
export const toFormula = (
  formula: { readonly id: string; readonly name: string },
  view?: string,
): RouteLocationRaw => ({
  name: 'formula',
  params: { formula: slugOf(formula), ...(view !== undefined && { view }) },
});
