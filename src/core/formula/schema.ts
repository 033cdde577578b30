import { z } from 'zod';
import { PHASES } from '../materials';

export const FAMILIES = ['bath-bomb', 'shower-steamer', 'fizzing-salts', 'cleaning-fizzy'] as const;
export const METHODS = ['hand', 'press', 'silicone', 'detail', 'in-pack', 'loose'] as const;
export const SCHOOLS = ['acid-last', 'all-dry-first'] as const;
export const PART_KINDS = ['main', 'split', 'embed', 'topping', 'icing', 'paint'] as const;
export const ORIGINS = ['own', 'sample'] as const;

/** Heaviest line the application takes, in grams: a metric ton, far beyond any bench. */
export const MAX_LINE_G = 1_000_000;

const massG = z.number().min(0).max(MAX_LINE_G);

export const lineSchema = z.object({
  id: z.uuid(),
  materialId: z.string().min(1),
  massG,
  /** Honest lowest and highest when it came from a cup or a spoon; equal to massG when weighed. */
  massLowG: massG,
  massHighG: massG,
  phase: z.enum(PHASES),
  locked: z.boolean(),
  /** The line as it was written, when it came from a recipe. */
  written: z.string().optional(),
});

/** Why a written line could not be read. */
export const UNREAD_CODES = [
  'parts',
  'by-zero',
  'below-zero',
  'zero',
  'too-heavy',
  'no-amount',
  'no-line',
  'no-name',
  'ambiguous',
  /** A near spelling: offered, never taken. */
  'guess',
  /** Known, but not at the strength that was written. */
  'strength',
  /** Must not be in a fizzing product. */
  'dangerous',
  'unknown',
  'for-every-how-much',
  'for-every-of-what',
  'for-every-missing',
  'for-every-no-powder',
  /** By a release that kept no code. */
  'before',
] as const;

/** A written line nobody could read yet: it stays with the formula and asks. */
export const unreadLineSchema = z.object({
  id: z.uuid(),
  /** Line number in the pasted text, from 1. */
  line: z.int().min(1),
  text: z.string(),
  reason: z.object({
    code: z.enum(UNREAD_CODES),
    /** The name or the figure it speaks of; empty for none. */
    about: z.string().max(200),
  }),
  choices: z.array(z.string()),
  partId: z.uuid(),
});

export const partSchema = z.object({
  id: z.uuid(),
  kind: z.enum(PART_KINDS),
  name: z.string(),
  lines: z.array(lineSchema),
});

/** What a version holds: everything about a formula that changes what is made. */
export const formulaBodySchema = z.object({
  family: z.enum(FAMILIES),
  method: z.enum(METHODS),
  school: z.enum(SCHOOLS),
  parts: z.array(partSchema).min(1),
  unread: z.array(unreadLineSchema),
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
  name: z.string(),
  origin: z.enum(ORIGINS),
  createdAt: z.iso.datetime({ offset: true }),
  changedAt: z.iso.datetime({ offset: true }),
  /** Laid away: kept, but off the shelf. */
  archivedAt: z.iso.datetime({ offset: true }).nullable(),
  body: formulaBodySchema,
  versions: z.array(formulaVersionSchema),
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
