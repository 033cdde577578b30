import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';
import { BARRIER_IDS } from '@/core/batches/shelf-life/barriers';
import { FILINGS } from '../labels/requirements/filings';
import { labelDesignSchema } from '../labels/designSchema';
import { PACKAGING_KINDS, GRADES, UNIT_KINDS, GONE_WAYS } from './kinds';

const moment = z.iso.datetime({ offset: true });
const whole = z.int().min(0).max(1_000_000);
const some = z.int().min(1).max(1_000_000);
const money = z.number().min(0).max(1_000_000);

/** What goods are wrapped in, by the piece, with its deliveries. */
export const packagingSchema = z.object({
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  name: z.string().min(1).max(80),
  kind: z.enum(PACKAGING_KINDS),
  /** What keeps the air’s water off; null for a label or a tag. */
  barrier: z.enum(BARRIER_IDS).nullable(),
  lots: z
    .array(
      z.object({
        id: z.uuid(),
        code: z.string().min(1).max(60),
        supplier: z.string().max(120),
        receivedOn: z.iso.date().nullable(),
        pieces: whole,
        /** Money paid for all of them; null when it is not known. */
        cost: z.number().min(0).max(10_000_000).nullable(),
      }),
    )
    .max(500),
  /** Counted again: pieces to add or take off. */
  counts: z
    .array(
      z.object({
        at: moment,
        lotId: z.uuid(),
        change: z.int().min(-1_000_000).max(1_000_000),
        why: z.string().max(200),
      }),
    )
    .max(1000),
  /** Below so many it is low; null for no limit. */
  lowPieces: whole.nullable(),
  note: z.string().max(2000),
  isArchived: z.boolean(),
});
export type Packaging = Readonly<z.infer<typeof packagingSchema>>;

/** What is sold: pieces of one formula or of several in a wrap, with its price and its label. */
export const saleUnitSchema = z.object({
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  name: z.string().min(1).max(300),
  kind: z.enum(UNIT_KINDS),
  /** Never of nothing. */
  contents: z
    .array(
      z.object({
        formulaId: z.uuid(),
        grade: z.enum(GRADES),
        pieces: z.int().min(1).max(1000),
        /** Only pieces of this mold of the shelf; left out for any. */
        moldId: z.uuid().optional(),
      }),
    )
    .min(1)
    .max(24),
  /** From the piece outward, by sale unit. */
  packaging: z.array(z.object({ packagingId: z.uuid(), pieces: z.int().min(1).max(1000) })).max(12),
  /** Minutes of hands to pack one. */
  minutes: z.number().min(0).max(1000),
  /** What it is sold for; null while nobody has said. */
  retail: money.nullable(),
  wholesale: money.nullable(),
  /** Months it is sold for at most, by the maker’s own rule; null for none. */
  ruleMonths: z.number().min(0.25).max(120).nullable(),
  /** The air where it lies until it is used. */
  place: z.object({
    name: z.string().max(80),
    humidityPct: z.number().min(0).max(100),
    tempC: z.number().min(-20).max(60),
  }),
  label: labelDesignSchema,
  /** A qualified assessor has signed for it, by the maker’s word. */
  hasSafetyReport: z.boolean(),
  /** What the maker says is filed with an authority. */
  filings: z.array(z.enum(FILINGS)).max(20),
  isArchived: z.boolean(),
});
export type SaleUnit = Readonly<z.infer<typeof saleUnitSchema>>;

const loose = z.object({
  batchId: z.uuid(),
  grade: z.enum(GRADES),
  pieces: some,
  /** Of which mold, where the product is of one. */
  moldId: z.uuid().optional(),
});
const base = {
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  at: moment,
  who: z.string().max(60).optional(),
  /** Set when the maker took it back: it stays, with the time it was struck. */
  voidedAt: moment.nullable(),
};

/** One thing that happened to finished goods. Only ever added or struck. */
export const goodsMoveSchema = z.discriminatedUnion('kind', [
  /** Pieces put into their wrap: so many sale units under one code. */
  z.object({
    ...base,
    kind: z.literal('wrapped'),
    unitId: z.uuid(),
    code: z.string().min(1).max(60),
    count: some,
    from: z.array(loose).min(1).max(200),
    packaging: z
      .array(z.object({ packagingId: z.uuid(), lotId: z.uuid().nullable(), pieces: some }))
      .max(200),
    /** Day that was printed; null for none. */
    bestBefore: z.iso.date().nullable(),
  }),
  /** Away: wrapped ones, oldest first, or loose pieces of a batch. */
  z.object({
    ...base,
    kind: z.literal('gone'),
    how: z.enum(GONE_WAYS),
    taken: z.array(z.object({ wrappedId: z.uuid(), count: some })).max(200),
    loose: z.array(loose).max(200),
    /** The order it was for; null for none. */
    orderId: z.uuid().nullable(),
    to: z.string().max(120),
    /** Money asked for each, before any discount; null when nobody has said. */
    each: money.nullable(),
    /** Taken off the sum, %; left out for none. */
    discountPct: z.number().min(0).max(100).optional(),
    /** The lot that crumbled pieces became; null for none. */
    lotId: z.uuid().nullable(),
  }),
  /** Looked over once more: not as good as counted. */
  z.object({
    ...base,
    kind: z.literal('graded'),
    batchId: z.uuid(),
    from: z.enum(GRADES),
    to: z.enum(['second', 'rejected']),
    pieces: some,
    why: z.string().max(200),
  }),
  /** Counted by hand: so many more or fewer than computed. */
  z.object({
    ...base,
    kind: z.literal('counted'),
    of: z.discriminatedUnion('kind', [
      z.object({ kind: z.literal('wrapped'), wrappedId: z.uuid() }),
      z.object({ kind: z.literal('loose'), batchId: z.uuid(), grade: z.enum(GRADES) }),
    ]),
    change: z.int().min(-1_000_000).max(1_000_000),
    why: z.string().max(200),
  }),
]);
export type GoodsMove = Readonly<z.infer<typeof goodsMoveSchema>>;
export type GoodsKind = GoodsMove['kind'];
export type MoveOf<K extends GoodsKind> = Extract<GoodsMove, { kind: K }>;
/** What a caller says of a new move; id, time and the rest are added. */
export type NewMove = GoodsMove extends infer M
  ? M extends GoodsMove
    ? Omit<M, 'id' | 'at' | 'origin' | 'voidedAt' | 'who'>
    : never
  : never;
