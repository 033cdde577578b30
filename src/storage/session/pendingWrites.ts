import { newId } from '@/core/basics/newId';

/** A record that was not yet written when its page went away; `base` is what the database held when it was changed. */
export interface Unwritten {
  readonly key: string;
  readonly base: unknown;
  readonly record: unknown;
}

const prefixOf = (name: string) => `rovack unwritten ${name} `;

/**
 * Lays unwritten records where a dying page can still put them: a write to the database needs an answer first, and a
 * page that is reloaded does not live to hear it. Each page has its own place, so that two that close lose nothing.
 *
 * @returns how to take it back: a page may be kept and come back to life
 */
export function leave(name: string, unwritten: readonly Unwritten[]): () => void {
  if (unwritten.length === 0) return () => {};
  const place = prefixOf(name) + newId();
  try {
    localStorage.setItem(place, JSON.stringify(unwritten));
    return () => localStorage.removeItem(place);
  } catch {
    // No room or not allowed: what the database was asked to write may still go in.
    return () => {};
  }
}

/** What pages before this one left, oldest first within each; forgotten only when `taken` says so. */
export function pendingWrites(name: string): {
  readonly unwritten: readonly Unwritten[];
  readonly taken: () => void;
} {
  const places = placesOf(name);
  return {
    unwritten: places.flatMap((place) => readPlace(place)),
    taken: () => {
      for (const place of places) localStorage.removeItem(place);
    },
  };
}

function placesOf(name: string): readonly string[] {
  try {
    return Object.keys(localStorage).filter((place) => place.startsWith(prefixOf(name)));
  } catch {
    return [];
  }
}

function readPlace(place: string): readonly Unwritten[] {
  try {
    const left: unknown = JSON.parse(localStorage.getItem(place) ?? '[]');
    return Array.isArray(left) ? left.filter(isUnwritten) : [];
  } catch {
    return [];
  }
}

function isUnwritten(left: unknown): left is Unwritten {
  return typeof left === 'object' && left !== null && 'key' in left && typeof left.key === 'string';
}
