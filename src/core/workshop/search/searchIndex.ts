import MiniSearch from 'minisearch';
import type { Entry } from './entry';

/** Nobody reads more. */
const MOST_FOUND = 30;
/** What is longer than this was pasted by accident: its first words are looked for. */
const LONGEST_QUERY = 120;
/** A slip in so many letters of a word is forgiven, share of its length; none in words of three letters. */
const SLIP = 0.25;
const SHORT_WORD = 3;
const MONTH_MS = 30 * 86_400_000;
/** What was worked on today counts so many times more than what is years old. */
const RECENT_BOOST = 0.6;

/** Everything that can be looked for: kept as it stands, and changed only where records did. */
export class SearchIndex {
  private entries = new Map<string, Entry>();
  private readonly mini = new MiniSearch<Entry>({
    idField: 'id',
    fields: ['title', 'detail', 'words'],
    processTerm: (term) => plain(term) || null,
    tokenize: (text) => text.match(/[\p{L}\p{N}]+/gu) ?? [],
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > SHORT_WORD ? SLIP : false),
      boost: { title: 3, detail: 1.5 },
    },
  });

  get size(): number {
    return this.entries.size;
  }

  /** Takes what is there now: adds what is new, renews what changed, drops what is gone. */
  update(now: readonly Entry[]): void {
    const before = this.entries;
    this.entries = new Map(now.map((one) => [one.id, one]));
    const stale = [...before.values()].filter((one) => !isSame(one, this.entries.get(one.id)));
    for (const one of stale) this.mini.discard(one.id);
    this.mini.addAll([...this.entries.values()].filter((one) => !isSame(one, before.get(one.id))));
  }

  get(id: string): Entry | undefined {
    return this.entries.get(id);
  }

  /**
   * Entries that hold every word typed, or its beginning, or nearly: the best first, and of equals the most recent. Where none
   * holds them all, those that hold some.
   * @param nowMs to tell what is recent
   */
  find(query: string, nowMs: number): readonly Entry[] {
    const text = query.slice(0, LONGEST_QUERY);
    if (!/[\p{L}\p{N}]/u.test(text)) return [];
    const boostDocument = (id: string) => {
      const atMs = this.entries.get(id)?.atMs ?? 0;
      return atMs > 0 ? 1 + RECENT_BOOST * Math.exp(-Math.max(0, nowMs - atMs) / MONTH_MS) : 1;
    };
    const every = this.mini.search(text, { combineWith: 'AND', boostDocument });
    const found = every.length > 0 ? every : this.mini.search(text, { boostDocument });
    return found.slice(0, MOST_FOUND).flatMap(({ id }) => this.entries.get(id as string) ?? []);
  }
}

/** A word without its accents and capitals. */
function plain(term: string): string {
  return term.normalize('NFKD').replace(/\p{M}/gu, '').toLocaleLowerCase('en-US');
}

function isSame(a: Entry, b: Entry | undefined): boolean {
  return (
    b !== undefined &&
    a.title === b.title &&
    a.detail === b.detail &&
    a.words === b.words &&
    a.atMs === b.atMs
  );
}
