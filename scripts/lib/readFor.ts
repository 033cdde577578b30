import { z } from 'zod';
import { FAMILIES, PART_KINDS } from '../../src/core/formula/model/kinds';
import { sayUnread } from '../../src/core/formula/model/unreadMessages';
import { pageQuestions } from '../../src/core/formula/reading/pageQuestions';
import { readRecipe } from '../../src/core/formula/reading/readRecipe';
import { SHIPPED } from '../../src/core/matter/materials/catalog';
import { parseOptions, type Answer } from './command';

const optionsSchema = z.object({ family: z.enum(FAMILIES).optional() });

/** What every word of a written page became, as the reading has it. */
export function readFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const read = readRecipe(text, SHIPPED);
  if (!read.ok) return { ok: false, message: read.problem.message };
  const page = read.recipe;
  const { family } = parsed.options;
  const { count, pieceG, sizeMm, shape } = page.yields;
  const placeOf = placesIn(text);
  return {
    ok: true,
    value: {
      name: page.title,
      family: family ?? page.family.family,
      familyGuessed: family === undefined,
      pieces: {
        count: count ?? null,
        pieceG: pieceG ?? null,
        sizeMm: sizeMm ?? null,
        shape: shape ?? null,
        words: page.account
          .filter(({ as }) => as === 'yield')
          .map(({ from, to }) => text.slice(from, to).trim())
          .join(' · '),
      },
      parts: page.parts.map(({ kind, name, lines }) => ({
        kind,
        name,
        share: /\bhalf\b/i.test(name) ? 0.5 : null,
        lines: lines.map(({ id, written, materialId, massG, massLowG, massHighG }) => {
          const detail = page.details.get(id);
          return {
            text: written ?? '',
            materialId,
            massG,
            massLowG,
            massHighG,
            as: detail?.as ?? 'weighed',
            preparations: detail?.preparations ?? [],
            from: detail ? placeOf(detail.from) : null,
            to: detail ? placeOf(detail.to) : null,
          };
        }),
      })),
      actions: page.actions.map(({ op, materialIds, minutes, until, text: said }) => ({
        op,
        materials: materialIds,
        minutes,
        until,
        text: said,
      })),
      asked: [
        ...page.unread.map(({ line, text: said, reason, choices }) => ({
          line,
          text: said,
          reason: sayUnread(reason),
          choices,
        })),
        ...page.askedParts.map(({ line, name }) => ({
          line,
          text: name,
          reason: sayUnread({ code: 'heading', about: name }),
          choices: [...PART_KINDS],
        })),
        ...pageQuestions(page),
      ],
      notes: page.notes,
      account: page.account,
    },
  };
}

/** Row from 1 and column from 0 of a place in the text. */
function placesIn(text: string): (at: number) => readonly [row: number, column: number] {
  const starts = [
    0,
    ...[...text.matchAll(/\r\n|\r|\n/g)].map(({ index, 0: end }) => index + end.length),
  ];
  return (at) => {
    const row = starts.findLastIndex((start) => start <= at);
    return [row + 1, at - (starts[row] ?? 0)];
  };
}
