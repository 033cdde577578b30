import { computed, ref, watch } from 'vue';
import { conditionsFor } from '@/core/workshop/settings/conditionsFor';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { sayFinding } from '@/core/results/evaluation/messages';
import { withHalves } from '@/core/formula/model/halves';
import { bodyOfRecipe, type Said } from '@/core/formula/reading/bodyOfRecipe';
import { readRecipe, type PageSaid, type RecipeResult } from '@/core/formula/reading/readRecipe';
import { ownForming } from '@/core/workshop/shelf/workplace';
import type { FormulaBody, Method, PartKind, UnreadLine } from '@/core/formula/model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { usualPieceG } from '@/core/work/scaling/usualPiece';
import { requestFor } from '@/core/work/scaling/request';
import { looksShared, readRecipeJsonLd } from '@/core/formula/sharing/recipeJsonLd';
import { useWorkshopStore } from '@/stores/workshop';
import { pageOf } from './page';

const MOST_SAID = 4;

/** A page as it is being pasted: its text, what the maker said of it, and the formula it becomes. */
export function usePastedPage() {
  const workshop = useWorkshopStore();
  const text = ref('');
  /** What the maker said of the whole page. */
  const said = ref<PageSaid>({});
  /** What the maker chose instead of what the page reads like. */
  const chosen = ref<Pick<Said, 'family' | 'method' | 'pieces'>>({});
  /** What the maker said of parts with unknown headings, by the line of the heading. */
  const kinds = ref<Readonly<Record<number, PartKind>>>({});
  /** Into which part a line goes that is not read, by its line. */
  const places = ref<Readonly<Record<number, string>>>({});

  /** A page or data that carries a recipe is opened first; plain lines are read as they are. */
  const shared = computed(() => (looksShared(text.value) ? readRecipeJsonLd(text.value) : null));
  const result = computed<RecipeResult>(() => {
    if (shared.value && !shared.value.ok)
      return { ok: false, problem: { code: 'no-recipe', message: shared.value.problem } };
    return readRecipe(
      shared.value?.value.text ?? text.value,
      workshop.catalog,
      workshop.smallMeasures,
      said.value,
    );
  });
  /** What is on the shelf is offered first. */
  const onShelf = computed(() => new Set(workshop.lots.map(({ materialId }) => materialId)));
  const recipe = computed(() => {
    if (!result.value.ok) return null;
    const { unread, ...read } = result.value.recipe;
    return {
      ...read,
      unread: unread.map((entry) => ({
        ...entry,
        choices: [...entry.choices].sort(
          (a, b) => Number(onShelf.value.has(b)) - Number(onShelf.value.has(a)),
        ),
      })),
    };
  });

  /** How it is formed, where the page or the shelf says so; salts are loose. */
  const formingOf = computed<Method | null>(() => {
    if (!recipe.value) return null;
    const family = chosen.value.family ?? recipe.value.family.family;
    if (recipe.value.method) return recipe.value.method;
    return family === 'fizzing-salts' ? 'loose' : ownForming(workshop.tools, workshop.molds);
  });
  /** Nobody has said how it is formed: no way is taken in silence. */
  const asksForming = computed(
    () => recipe.value !== null && formingOf.value === null && chosen.value.method === undefined,
  );

  const body = computed<FormulaBody | null>(() => {
    if (!recipe.value) return null;
    const asked = Object.fromEntries(
      recipe.value.askedParts.map(({ partId, line }) => [partId, kinds.value[line] ?? 'embed']),
    );
    const read = withHalves(
      bodyOfRecipe(recipe.value, {
        ...(formingOf.value && { method: formingOf.value }),
        ...chosen.value,
        kinds: asked,
      }),
      workshop.catalog,
      recipe.value.splitShares,
    );
    const partIds = new Set(read.parts.map(({ id }) => id));
    return {
      ...read,
      unread: read.unread.map((entry) => {
        const at = Number(places.value[entry.line] ?? NaN);
        const partId = read.parts[at]?.id ?? entry.partId;
        return { ...entry, partId: partIds.has(partId) ? partId : (read.parts[0]?.id ?? partId) };
      }),
    };
  });
  const parts = computed(() =>
    recipe.value && body.value ? pageOf(recipe.value, body.value) : [],
  );

  /** The formula as it stands, judged with the piece that the page or its family has; null while nothing is in it. */
  const judged = computed(() => {
    if (!body.value || body.value.parts.every(({ lines }) => lines.length === 0)) return null;
    const { mold, fillG } = requestFor(body.value);
    const pieceG = fillG ?? usualPieceG(mold, body.value.method);
    const conditions = conditionsFor(workshop.facts, body.value, pieceG);
    return { body: body.value, mold, pieceG, conditions, ...evaluate(body.value, conditions) };
  });
  /** What this recipe lacks or must not have, as the family chosen. */
  const verdict = computed(() =>
    (judged.value?.findings ?? [])
      .filter(
        ({ severity, code }) =>
          (severity === 'stop' || severity === 'warning') && code !== 'unread-lines',
      )
      .slice(0, MOST_SAID)
      .map((finding) => ({ ...finding, ...sayFinding(finding) })),
  );
  /** Its name: the page's own, without what stands in brackets. */
  const titled = computed(() => {
    const sharedName = shared.value?.ok ? shared.value.value.name : '';
    const title = result.value.ok ? result.value.recipe.title.replace(/\s*\(.*$/, '') : '';
    return (sharedName || title || 'Untitled formula').slice(0, 80);
  });

  watch(text, (now) => {
    if (now.trim() !== '') return;
    said.value = {};
    chosen.value = {};
    kinds.value = {};
    places.value = {};
  });

  /** The answer is written into the text, where it can be seen and taken back. */
  function answer({ line, reason, text: written }: UnreadLine, materialId: string): void {
    const name = materialById(workshop.catalog, materialId).name;
    rewrite(line, (was) =>
      was.includes(reason.about) && reason.about !== '' && reason.code !== 'vague'
        ? was.replace(reason.about, name)
        : `${written} ${name}`,
    );
  }

  function leaveOut(lines: readonly UnreadLine[]): void {
    for (const { line } of lines) rewrite(line, (was) => `# ${was}`);
  }

  /** Writes one row of the page anew. @param line from 1 */
  function rewrite(line: number, change: (was: string) => string): void {
    const rows = text.value.split(/\r\n|\r|\n/);
    rows[line - 1] = change(rows[line - 1] ?? '');
    text.value = rows.join('\n');
  }

  /** One line into two, where it names two materials. */
  function splitLine({ line }: UnreadLine): void {
    rewrite(line, (was) => was.replace(/\s*(?:\band\b|&|\+|;|,)\s*/i, '\n'));
  }

  return {
    text,
    said,
    asksForming,
    chosen,
    kinds,
    places,
    shared,
    result,
    recipe,
    body,
    parts,
    judged,
    verdict,
    titled,
    answer,
    leaveOut,
    splitLine,
  };
}

export type PastedPage = ReturnType<typeof usePastedPage>;
