import { newId } from '@/core/basics/newId';
import { newPart } from '../model/create';
import type { Line, Part, UnreadLine } from '../model/schema';
import type { OpKind } from '../model/kinds';
import type { Span, Yield } from './phrases/types';
import type { Known, ShareKind } from './readItem';
import type { Words } from './words';

/** One line of the page and what became of it, in the order written. */
export interface PageRow {
  /** From 1. */
  readonly number: number;
  readonly text: string;
  readonly partId: string;
  readonly became: 'title' | 'heading' | 'line' | 'unread' | 'note' | 'yield';
  /** Ids of lines, or of what asks. */
  readonly ids: readonly string[];
}

export type Became =
  | 'amount'
  | 'material'
  | 'preparation'
  | 'action'
  | 'yield'
  | 'heading'
  | 'name'
  | 'remark'
  | 'unknown';

/** A stretch of the page and what it became. */
export interface Accounted {
  readonly from: number;
  readonly to: number;
  readonly as: Became;
}

/** What the page asks to be done. */
export interface Action {
  readonly op: OpKind;
  readonly materialIds: readonly string[];
  readonly minutes: number | null;
  readonly until: string;
  /** In the maker's words. */
  readonly text: string;
}

/** How a line was written. */
export interface LineDetail {
  readonly as: 'weighed' | 'measured' | 'drops' | 'percent' | 'ratio' | 'vague';
  readonly preparations: readonly string[];
  /** Offsets into the page. */
  readonly from: number;
  readonly to: number;
}

/** What is made once and used by the spoon: its lines as they were made. */
export interface Stock {
  readonly name: string;
  readonly text: string;
  readonly number: number;
  readonly lines: Line[];
  isUsed: boolean;
}

/** A `for every` line waits until the rest is read: it depends on it. */
export interface Waiting {
  readonly each: string;
  readonly per: string;
  readonly raw: string;
  readonly number: number;
  readonly part: Part;
}

/** One page as it is being read. */
export interface Found {
  readonly words: Words;
  readonly known: Known;
  readonly parts: [main: Part, ...others: Part[]];
  readonly unread: UnreadLine[];
  readonly remarks: string[];
  readonly notes: string[];
  readonly rows: PageRow[];
  readonly askedParts: { readonly partId: string; readonly line: number; readonly name: string }[];
  readonly waiting: Waiting[];
  readonly actions: Action[];
  readonly account: Accounted[];
  readonly details: Map<string, LineDetail>;
  readonly stocks: Stock[];
  /** Ids of lines that are a share of the page yet. */
  readonly shares: Map<string, ShareKind>;
  /** Names on file that stood beside lines without an amount of their own: asked about where no line takes them. */
  readonly mentions: {
    readonly materialId: string;
    readonly number: number;
    readonly text: string;
  }[];
  /** Share of the mix that a second color takes along, 0 to 1, by the id of its part. */
  readonly splitShares: Map<string, number>;
  /** Ids of lines whose amount is for one piece. */
  readonly perPiece: Set<string>;
  /** A second thing that the page makes, and where it begins. */
  other: { readonly name: string; readonly number: number } | null;
  current: Part;
  /** The stock whose lines follow. */
  stock: Stock | null;
  /** How lines of this section go in, where its heading says so. */
  sectionWay: 'on-the-floor' | null;
  /** Are the amounts that follow for one piece: `Per bomb:`? */
  isPerPiece: boolean;
  /** What is done with the lines that follow, where their heading says so: `Sift:`. */
  groupOp: OpKind | null;
  /** Did a heading nobody knows open the main mix? It is a part of its own once another one says that it is the main. */
  mainIsGuessed: { readonly name: string; readonly line: number } | null;
  isTold: boolean;
  title: string;
  yields: Yield;
  /** Grams or a measure of one part, where the page says so. */
  partText: string;
  unitless: number;
  sawAmount: boolean;
  isEmpty: boolean;
}

export function nothingFound(words: Words, known: Known): Found {
  const main = newPart('main', 'Main mix');
  return {
    words,
    known,
    parts: [main],
    unread: [],
    remarks: [],
    notes: [],
    rows: [],
    askedParts: [],
    waiting: [],
    actions: [],
    account: [],
    details: new Map(),
    stocks: [],
    shares: new Map(),
    mentions: [],
    splitShares: new Map(),
    perPiece: new Set(),
    other: null,
    current: main,
    stock: null,
    sectionWay: null,
    groupOp: null,
    isPerPiece: false,
    mainIsGuessed: null,
    isTold: false,
    title: '',
    yields: {},
    partText: '',
    unitless: 0,
    sawAmount: false,
    isEmpty: true,
  };
}

export function addRow(
  found: Found,
  number: number,
  raw: string,
  became: PageRow['became'],
  ids: readonly string[] = [],
): void {
  found.rows.push({ number, text: raw.trim(), partId: found.current.id, became, ids });
}

/** Why a line waits, and what it may be. */
export interface Question {
  readonly reason: UnreadLine['reason'];
  readonly choices: readonly string[];
  /** The part it asks in; left out for the one that is open. */
  readonly partId?: string;
}

/** A question about a line. @returns its id */
export function ask(
  found: Found,
  number: number,
  text: string,
  { reason, choices, partId }: Question,
): string {
  const id = newId();
  found.unread.push({
    id,
    line: number,
    text: text.trim().slice(0, 600),
    reason,
    choices: [...choices],
    partId: partId ?? found.current.id,
  });
  return id;
}

export function note(found: Found, text: string): void {
  const said = text.trim().slice(0, 500);
  if (said !== '' && !found.notes.includes(said)) found.notes.push(said);
}

export function addYield(found: Found, says: Yield): void {
  found.yields = { ...found.yields, ...says };
}

/** A sentence of the page, or a line of a list. */
export interface Sentence extends Span {
  readonly number: number;
  /** The row it stands in. */
  readonly raw: string;
}

export function textOf({ words }: Found, { from, to }: Span): string {
  return words.text.slice(from, to).trim();
}
