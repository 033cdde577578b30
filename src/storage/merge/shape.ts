import { sameData } from '@/core/basics/sameData';

/** How a value that two sides changed comes together. */
export type Shape =
  /** All of it as one side has it. */
  | { readonly kind: 'whole' }
  /** Field by field; a field that is not named is whole. */
  | { readonly kind: 'fields'; readonly of: Readonly<Record<string, Shape>> }
  /** Entries by their key. */
  | { readonly kind: 'map'; readonly of: Shape }
  /** Entries by what `keyOf` says; in the order of `before`, else new ones last. */
  | {
      readonly kind: 'list';
      readonly keyOf: (entry: never) => string;
      readonly of: Shape;
      readonly before?: (a: never, b: never) => number;
    }
  /** Values that count by themselves, such as weights: what either side added is added. `most` newest stay. */
  | { readonly kind: 'bag'; readonly most: number }
  /** A moment that is set once and never taken back: the earlier one. */
  | { readonly kind: 'once' }
  /** The greater of two numbers, the later of two moments. */
  | { readonly kind: 'greater' };

/** What a value was when both sides had it last (undefined where nobody knows), and what each has made of it. */
export interface Three {
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Something that both sides changed, by where it is. */
export interface Clash {
  readonly path: readonly string[];
  /** `value`: the other side has another one; `kept`: one side removed it, the other changed it, so it stays. */
  readonly kind: 'value' | 'kept';
  /** What is in use. */
  readonly mine: unknown;
  readonly theirs: unknown;
}

interface Merged {
  readonly value: unknown;
  readonly clashes: readonly Clash[];
}

export const WHOLE: Shape = { kind: 'whole' };
export const ONCE: Shape = { kind: 'once' };
export const FIELDS: Shape = { kind: 'fields', of: {} };
type Plain = Readonly<Record<string, unknown>>;
const GONE = Symbol('gone');

/**
 * Both sides’ work in one value: an entry that one side added stays, one that a side removed and the other left alone goes,
 * one that a side changed is as that side has it. What both changed differently is as it is in `mine`, and is listed.
 */
export function mergeBy(shape: Shape, { base, mine, theirs }: Three, path: readonly string[] = []) {
  const clashes: Clash[] = [];
  return { value: merge(shape, base, mine, theirs, path, clashes), clashes } satisfies Merged;
}

function merge(
  shape: Shape,
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path: readonly string[],
  clashes: Clash[],
): unknown {
  if (sameData(mine, theirs)) return mine;
  if (shape.kind === 'once') return earlier(mine, theirs);
  if (shape.kind === 'greater') return later(mine, theirs);
  if (base !== undefined && sameData(base, theirs)) return mine;
  if (base !== undefined && sameData(base, mine)) return theirs;
  if (shape.kind === 'list' && Array.isArray(mine) && Array.isArray(theirs))
    return mergeList(shape, base, mine, theirs, path, clashes);
  if (shape.kind === 'bag' && Array.isArray(mine) && Array.isArray(theirs))
    return mergeBag(shape.most, base, mine, theirs);
  if (shape.kind === 'map' && isObject(mine) && isObject(theirs))
    return Object.fromEntries(
      mergeEntries(
        shape.of,
        isObject(base) ? new Map(Object.entries(base)) : undefined,
        new Map(Object.entries(mine)),
        new Map(Object.entries(theirs)),
        path,
        clashes,
      ),
    );
  if (shape.kind === 'fields' && isObject(mine) && isObject(theirs))
    return mergeFields(shape.of, isObject(base) ? base : undefined, mine, theirs, path, clashes);
  clashes.push({ path, kind: 'value', mine, theirs });
  return mine;
}

function mergeFields(
  of: Readonly<Record<string, Shape>>,
  base: Plain | undefined,
  mine: Plain,
  theirs: Plain,
  path: readonly string[],
  clashes: Clash[],
): unknown {
  const record: Record<string, unknown> = { ...mine };
  for (const field of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    // A field that one side never had is no value of that side’s.
    const was = base === undefined ? undefined : (base[field] ?? null);
    const [here, there] = [mine[field] ?? null, theirs[field] ?? null];
    const value = merge(of[field] ?? WHOLE, was, here, there, [...path, field], clashes);
    if (value === here) continue;
    if (value === null && theirs[field] === undefined) Reflect.deleteProperty(record, field);
    else record[field] = value;
  }
  return record;
}

function mergeEntries(
  of: Shape,
  base: ReadonlyMap<string, unknown> | undefined,
  mine: ReadonlyMap<string, unknown>,
  theirs: ReadonlyMap<string, unknown>,
  path: readonly string[],
  clashes: Clash[],
): ReadonlyMap<string, unknown> {
  const both = new Map<string, unknown>();
  for (const key of new Set([...mine.keys(), ...theirs.keys()])) {
    const at = [...path, key];
    const value =
      mine.has(key) && theirs.has(key)
        ? merge(of, base?.get(key), mine.get(key), theirs.get(key), at, clashes)
        : oneSided(base, key, mine.has(key) ? mine : theirs, at, clashes);
    if (value !== GONE) both.set(key, value);
  }
  return both;
}

/** An entry that only one side has: new there, or removed by the other. */
function oneSided(
  base: ReadonlyMap<string, unknown> | undefined,
  key: string,
  side: ReadonlyMap<string, unknown>,
  path: readonly string[],
  clashes: Clash[],
): unknown {
  const value = side.get(key);
  if (!base?.has(key)) return value;
  if (sameData(base.get(key), value)) return GONE;
  clashes.push({ path, kind: 'kept', mine: value, theirs: value });
  return value;
}

function mergeList(
  { keyOf, of, before }: Extract<Shape, { kind: 'list' }>,
  base: unknown,
  mine: readonly unknown[],
  theirs: readonly unknown[],
  path: readonly string[],
  clashes: Clash[],
): unknown {
  const byKey = (list: readonly unknown[]) => {
    const entries = new Map<string, unknown>();
    for (const entry of list) {
      const key = keyOf(entry as never);
      let free = key;
      for (let n = 2; entries.has(free); n++) free = `${key} #${n}`;
      entries.set(free, entry);
    }
    return entries;
  };
  const was = Array.isArray(base) ? byKey(base) : undefined;
  const both = [
    ...mergeEntries(of, was, byKey(mine), byKey(theirs), path, clashes).values(),
  ] as never[];
  return before ? both.sort(before) : both;
}

function mergeBag(
  most: number,
  base: unknown,
  mine: readonly unknown[],
  theirs: readonly unknown[],
): unknown {
  const text = (value: unknown) => JSON.stringify(value);
  const count = (list: readonly unknown[], key: string) =>
    list.filter((one) => text(one) === key).length;
  const both = [...mine];
  for (const key of new Set([...mine, ...theirs].map(text))) {
    const [here, there] = [count(mine, key), count(theirs, key)];
    const wanted = Array.isArray(base)
      ? Math.max(0, here + there - count(base, key))
      : Math.max(here, there);
    for (let n = here; n < wanted; n++) both.push(JSON.parse(key));
    for (let n = here; n > wanted; n--)
      both.splice(
        both.findIndex((one) => text(one) === key),
        1,
      );
  }
  return both.slice(-most);
}

function earlier(mine: unknown, theirs: unknown): unknown {
  if (typeof mine !== 'string' || typeof theirs !== 'string') return mine ?? theirs;
  return Date.parse(theirs) < Date.parse(mine) ? theirs : mine;
}

function later(mine: unknown, theirs: unknown): unknown {
  if (typeof mine === 'number' && typeof theirs === 'number') return Math.max(mine, theirs);
  return earlier(mine, theirs) === mine ? theirs : mine;
}

function isObject(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** A value with another one at a place inside it; as it is where the place is gone. @param path as a clash names it */
export function putAt(
  shape: Shape,
  value: unknown,
  path: readonly string[],
  next: unknown,
): unknown {
  const [step, ...inner] = path;
  if (step === undefined) return next;
  if (shape.kind === 'list' && Array.isArray(value))
    return value.map((entry) =>
      shape.keyOf(entry as never) === step
        ? putAt(shape.of, entry, inner, next)
        : (entry as unknown),
    );
  if (!isObject(value) || !(step in value)) return value;
  const of = shape.kind === 'fields' ? shape.of[step] : shape.kind === 'map' ? shape.of : WHOLE;
  return { ...value, [step]: putAt(of ?? WHOLE, value[step], inner, next) };
}
