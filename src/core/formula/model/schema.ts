import { z } from 'zod';
import { PHASES } from '@/core/matter/materials/types';
import {
  FAMILIES,
  METHODS,
  SCHOOLS,
  PART_KINDS,
  PIECE_SHAPES,
  ORIGINS,
  LINE_WAYS,
  OPERATIONS,
  VESSEL_KINDS,
  MAX_LINE_G,
  UNREAD_CODES,
} from './kinds';

/** Less is nothing: a computing over it would have no end. */
const LEAST_G = 1e-9;
const massG = z
  .number()
  .min(0)
  .max(MAX_LINE_G)
  .refine((grams) => grams === 0 || grams >= LEAST_G, 'a mass is nothing or a nanogram at least');

/** A formula of more is no formula. */
const MOST = { lines: 400, parts: 24, unread: 500, versions: 1000 };
const name = z.string().max(300);

export const lineSchema = z.object({
  id: z.uuid(),
  materialId: z.string().min(1).max(120),
  massG,
  /** Honest lowest and highest when it came from a cup or a spoon; equal to massG when weighed. */
  massLowG: massG,
  massHighG: massG,
  phase: z.enum(PHASES),
  locked: z.boolean(),
  /** The line as it was written, when it came from a recipe. */
  written: z.string().max(2000).optional(),
  how: z.enum(LINE_WAYS).optional(),
});

const opId = z.string().min(1).max(120);
const minutes = z.number().min(0).max(100_000);

/** What the maker changed in the work that the rules lay out; each names the operation it speaks of. */
export const workEditSchema = z.discriminatedUnion('kind', [
  /** Comes right after another; null for the very first. */
  z.object({ kind: z.literal('move'), opId, afterId: opId.nullable() }),
  z.object({ kind: z.literal('leave-out'), opId }),
  z.object({ kind: z.literal('minutes'), opId, minutes }),
  /** In two: these minutes, and these lines where it has several, come as one of their own right after. */
  z.object({
    kind: z.literal('split'),
    opId,
    newOpId: opId,
    minutes,
    lineIds: z.array(z.uuid()).max(200),
  }),
  z.object({
    kind: z.literal('add'),
    opId,
    afterId: opId.nullable(),
    op: z.enum(OPERATIONS),
    vessel: z.enum(VESSEL_KINDS),
    /** Poured from it; null when nothing is poured. */
    from: z.enum(VESSEL_KINDS).nullable(),
    partId: z.uuid(),
    said: z.string().max(200),
    minutes,
  }),
]);
export type WorkEdit = z.infer<typeof workEditSchema>;
/** A work of more changes than this is another formula. */
const MOST_EDITS = 200;

/** A written line nobody could read yet: it stays with the formula and asks. */
export const unreadLineSchema = z.object({
  id: z.uuid(),
  /** Line number in the pasted text, from 1. */
  line: z.int().min(1),
  text: z.string().max(2000),
  reason: z.object({
    code: z.enum(UNREAD_CODES),
    /** The name or the figure it speaks of; empty for none. */
    about: z.string().max(200),
  }),
  choices: z.array(z.string().max(120)).max(100),
  partId: z.uuid(),
});

export const partSchema = z.object({
  id: z.uuid(),
  kind: z.enum(PART_KINDS),
  name,
  lines: z.array(lineSchema).max(MOST.lines),
  /** Grams of it on or in each piece; left out for a share of the whole mix. */
  perPieceG: z.number().min(0.01).max(10_000).optional(),
});

/** What a version holds: everything about a formula that changes what is made. */
export const formulaBodySchema = z.object({
  family: z.enum(FAMILIES),
  method: z.enum(METHODS),
  school: z.enum(SCHOOLS),
  parts: z.array(partSchema).min(1).max(MOST.parts),
  unread: z.array(unreadLineSchema).max(MOST.unread),
  /** The maker's changes to the work, in the order they were made. */
  work: z.array(workEditSchema).max(MOST_EDITS).optional(),
  /** Lines that stood in the formula at the newest of these changes: what came since is placed by rule. */
  workLines: z.array(z.uuid()).max(1000).optional(),
  /** Pieces the recipe says it makes. */
  yieldPieces: z.int().min(1).max(10_000).optional(),
  /** Shape, size and weight of a piece, as the recipe says them. */
  yieldPiece: z
    .object({
      shape: z.enum(PIECE_SHAPES).optional(),
      /** Diameter, or edge of a cube. */
      sizeMm: z.number().min(5).max(500).optional(),
      massG: z.number().min(0.1).max(100_000).optional(),
    })
    .optional(),
  /** What the recipe says beside its lines, and the maker's own words. */
  notes: z.array(z.string().max(500)).max(100).optional(),
  labelNote: z.string().max(500).optional(),
});

export const formulaVersionSchema = z.object({
  number: z.int().min(1),
  keptAt: z.iso.datetime({ offset: true }),
  /** What the maker calls it; empty for its number alone. */
  name: z.string().max(80),
  body: formulaBodySchema,
});

export const formulaSchema = z.object({
  id: z.uuid(),
  name,
  origin: z.enum(ORIGINS),
  createdAt: z.iso.datetime({ offset: true }),
  changedAt: z.iso.datetime({ offset: true }),
  /** Laid away: kept, but off the shelf. */
  archivedAt: z.iso.datetime({ offset: true }).nullable(),
  body: formulaBodySchema,
  versions: z.array(formulaVersionSchema).max(MOST.versions),
});

export type Family = (typeof FAMILIES)[number];
export type Method = (typeof METHODS)[number];
export type School = (typeof SCHOOLS)[number];
export type PartKind = (typeof PART_KINDS)[number];
export type Line = z.infer<typeof lineSchema>;
export type UnreadReason = z.infer<typeof unreadLineSchema>['reason'];
export type UnreadLine = z.infer<typeof unreadLineSchema>;
export type Part = z.infer<typeof partSchema>;
export type FormulaBody = z.infer<typeof formulaBodySchema>;
export type FormulaVersion = z.infer<typeof formulaVersionSchema>;
export type Formula = z.infer<typeof formulaSchema>;
