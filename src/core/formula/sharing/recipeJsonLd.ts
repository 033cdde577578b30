import type { Result } from '@/core/basics/result';
import { FAMILY_WORDS, PART_WORDS } from '../model/messages';
import type { FormulaBody } from '../model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';

/** What a shared recipe says, as text that the recipe reader takes. */
export interface SharedRecipe {
  readonly name: string;
  /** One ingredient a line, with headings and a yield. */
  readonly text: string;
}

export type SharedResult = Result<SharedRecipe>;

/**
 * A formula as a schema.org Recipe (JSON-LD), grams to the last digit; parts after the main mix are named before
 * their lines, so that it reads back to the same formula. Source: schema.org/Recipe, not looked up.
 */
export function writeRecipeJsonLd(name: string, body: FormulaBody, catalog: Catalog): string {
  const recipeIngredient = body.parts.flatMap((part) => [
    ...(part.kind === 'main' ? [] : [`${capital(PART_WORDS[part.kind])}:`]),
    ...part.lines.map(
      ({ massG, materialId }) => `${massG} g ${materialById(catalog, materialId).name}`,
    ),
    ...body.unread.filter(({ partId }) => partId === part.id).map(({ text }) => text),
  ]);
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name,
    recipeCategory: FAMILY_WORDS[body.family],
    recipeIngredient,
  };
  return `${JSON.stringify(recipe, null, 2)}\n`;
}

/** Is this worth reading as a shared recipe rather than as lines? */
export function looksShared(text: string): boolean {
  const start = text.trimStart();
  return /^[{[<]/.test(start) && /"@(?:type|context|graph)"|ld\+json|<html/i.test(text);
}

/** Finds the first schema.org Recipe in JSON-LD, or in a page that carries it. */
export function readRecipeJsonLd(text: string): SharedResult {
  const blocks = text.trimStart().startsWith('<') ? scriptsOf(text) : [text];
  if (blocks.length === 0) return failed('This page has no recipe data. Paste its lines instead.');
  const parsed = blocks.map(parse);
  const broken = parsed.every((value) => value === undefined);
  if (broken)
    return failed(
      'Couldn’t read the recipe data. It is cut off or damaged. Paste the lines instead.',
    );
  const recipe = parsed.map((value) => findRecipe(value, 0)).find((found) => found !== null);
  if (!recipe) return failed('This data has no recipe in it. Paste the lines instead.');
  const lines = listOf(recipe.recipeIngredient ?? recipe.ingredients);
  if (lines.length === 0)
    return failed('The recipe in this data has no ingredients. Paste the lines instead.');
  const pieces = /\d+/.exec(listOf(recipe.recipeYield)[0] ?? '')?.[0];
  return {
    ok: true,
    value: {
      name: plain(typeof recipe.name === 'string' ? recipe.name : '').slice(0, 80),
      text: [...lines.map(plain), ...(pieces ? [`makes ${pieces}`] : [])].join('\n'),
    },
  };
}

const SCRIPT = /<script\b[^>]*type\s*=\s*["']application\/ld\+json["'][^>]*>([\s\S]*?)<\/script>/gi;

function scriptsOf(page: string): readonly string[] {
  return [...page.matchAll(SCRIPT)].map((match) => match[1] ?? '');
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

const DEEPEST = 8;

function findRecipe(value: unknown, depth: number): Record<string, unknown> | null {
  if (typeof value !== 'object' || value === null || depth > DEEPEST) return null;
  if (Array.isArray(value))
    return value.map((item) => findRecipe(item, depth + 1)).find((found) => found !== null) ?? null;
  const record = value as Record<string, unknown>;
  if (listOf(record['@type']).includes('Recipe')) return record;
  return findRecipe(Object.values(record), depth + 1);
}

function listOf(value: unknown): readonly string[] {
  const list = Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];
  return list.filter((item) => typeof item === 'string' || typeof item === 'number').map(String);
}

/** Names and lines are text: markup in them is taken off, entities are read. */
function plain(text: string): string {
  return text
    .replace(/<[^>]*>/g, ' ')
    .replace(/&frac12;/g, '½')
    .replace(/&frac14;/g, '¼')
    .replace(/&frac34;/g, '¾')
    .replace(/&(?:nbsp|#160);/g, ' ')
    .replace(/&amp;/g, '&')
    .replace(/\s+/g, ' ')
    .trim();
}

function capital(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}

function failed(message: string): SharedResult {
  return { ok: false, problem: message };
}
