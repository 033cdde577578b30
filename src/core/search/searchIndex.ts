import { DAY_MS } from '@/core/basics/time';
import MiniSearch from 'minisearch';
import { plainWords } from '@/core/basics/format/plainWords';
import type { Entry } from './entry';

/** Nobody reads more. */
const MOST_FOUND = 30;
/** What is longer than this was pasted by accident: its first words are looked for. */
const LONGEST_QUERY = 120;
/** A slip in so many letters of a word is forgiven, share of its length; none in words of three letters. */
const SLIP = 0.25;
const SHORT_WORD = 3;
/** How much a word counts by where it stands, and by how it was met. */
const WEIGHTS = { title: 3, detail: 1.5, words: 1 } as const;
const MET_AS = { whole: 1, beginning: 0.6, slip: 0.3 } as const;
const MONTH_MS = 30 * DAY_MS;
/** What was worked on today counts so many times more than what is years old. */
const RECENT_BOOST = 0.6;

/** Where a word stands: places in the list of entries, and how much it counts there. */
interface Postings {
  readonly at: number[];
  readonly weight: number[];
}

/**
 * Everything that can be looked for. Ten thousand batches share a few names: a word is met once, however many bear it, and the
 * entries are only added up.
 */
export class SearchIndex {
  private entries: readonly Entry[] = [];
  private readonly byId = new Map<string, Entry>();
  private readonly postings = new Map<string, Postings>();
  /** Every word in its order, to find those that begin alike. */
  private vocabulary: readonly string[] = [];
  /** Words of letters alone: in a code, a slip is another code. */
  private slips = new MiniSearch<{ id: string }>({ fields: ['id'] });

  get size(): number {
    return this.entries.length;
  }

  get(id: string): Entry | undefined {
    return this.byId.get(id);
  }

  /** Takes what is there now, in place of what was. */
  update(now: readonly Entry[]): void {
    this.entries = now;
    this.byId.clear();
    this.postings.clear();
    now.forEach((entry, at) => {
      this.byId.set(entry.id, entry);
      for (const field of ['title', 'detail', 'words'] as const)
        for (const word of plainWords(entry[field])) this.post(word, at, WEIGHTS[field]);
    });
    this.vocabulary = [...this.postings.keys()].sort();
    this.slips = new MiniSearch({ fields: ['id'], tokenize: (text) => [text] });
    this.slips.addAll(
      this.vocabulary.filter((word) => /^\p{L}{4,}$/u.test(word)).map((id) => ({ id })),
    );
  }

  private post(word: string, at: number, weight: number): void {
    const known = this.postings.get(word);
    if (!known) this.postings.set(word, { at: [at], weight: [weight] });
    else if (known.at.at(-1) !== at) {
      known.at.push(at);
      known.weight.push(weight);
    }
  }

  /**
   * Entries that hold every word typed, or its beginning, or nearly: the best first, and of equals the most recent. Where none
   * holds them all, those that hold some.
   * @param nowMs to tell what is recent
   */
  find(query: string, nowMs: number): readonly Entry[] {
    const terms = new Set(plainWords(query.slice(0, LONGEST_QUERY)));
    if (terms.size === 0) return [];
    const sums = new Float64Array(this.entries.length);
    const met = new Uint8Array(this.entries.length);
    for (const term of terms) this.addUp(term, sums, met);
    const most = met.reduce((max, count) => Math.max(max, count), 0);
    if (most === 0) return [];
    const found: { readonly entry: Entry; readonly score: number }[] = [];
    this.entries.forEach((entry, at) => {
      if (met[at] === most) found.push({ entry, score: (sums[at] ?? 0) * recency(entry, nowMs) });
    });
    return found
      .sort((a, b) => b.score - a.score)
      .slice(0, MOST_FOUND)
      .map(({ entry }) => entry);
  }

  /** Adds what one word typed is worth to every entry that holds it: its best place counts. */
  private addUp(term: string, sums: Float64Array, met: Uint8Array): void {
    const best = new Float64Array(sums.length);
    for (const [word, factor] of this.meant(term)) {
      const { at = [], weight = [] } = this.postings.get(word) ?? {};
      at.forEach((place, i) => {
        best[place] = Math.max(best[place] ?? 0, (weight[i] ?? 0) * factor);
      });
    }
    best.forEach((worth, place) => {
      if (worth === 0) return;
      sums[place] = (sums[place] ?? 0) + worth;
      met[place] = (met[place] ?? 0) + 1;
    });
  }

  /** Words that a typed one may mean, and how surely. */
  private *meant(term: string): Generator<readonly [string, number]> {
    let at = firstFrom(this.vocabulary, term);
    for (let word = this.vocabulary[at]; word?.startsWith(term); word = this.vocabulary[++at])
      yield [word, word === term ? MET_AS.whole : MET_AS.beginning];
    if (term.length <= SHORT_WORD || !/^\p{L}+$/u.test(term)) return;
    for (const { id } of this.slips.search(term, { fuzzy: SLIP }))
      yield [id as string, MET_AS.slip];
  }
}

/** What was worked on lately counts more. */
function recency({ atMs }: Entry, nowMs: number): number {
  return atMs > 0 ? 1 + RECENT_BOOST * Math.exp(-Math.max(0, nowMs - atMs) / MONTH_MS) : 1;
}

/** The place of the first word that is not before this one. */
function firstFrom(sorted: readonly string[], word: string): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((sorted[middle] ?? '') < word) low = middle + 1;
    else high = middle;
  }
  return low;
}
