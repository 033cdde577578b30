import type { Line } from '../model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { textOf, type Found, type Sentence } from './found';
import type { Gathered, Item } from './items';
import { nameIn } from './names';
import { opOfJoin } from './phrases/doings';
import { scan } from './phrases/scan';
import type { Span } from './phrases/types';
import { nameText } from './readItem';

/** What is done with a line, by the words beside its name. */
export function takeDoings(
  found: Found,
  item: Item,
  line: Line,
  before: Line | null,
  text: string,
): void {
  const until = item.until ? found.words.text.slice(item.until.from, item.until.to).trim() : '';
  for (const { op, join } of item.doings) {
    if (op === null || join !== null) continue;
    const salts = op === 'soak' ? saltsOf(found) : [];
    found.actions.push({
      op,
      materialIds: [...new Set([line.materialId, ...salts])],
      minutes: item.minutes,
      until,
      text,
    });
  }
  const op = item.join === null ? null : opOfJoin(item.join);
  if (op && before)
    found.actions.push({
      op,
      materialIds: [before.materialId, line.materialId],
      minutes: item.minutes,
      until,
      text,
    });
}

function saltsOf({ parts, known }: Found): readonly string[] {
  return parts
    .flatMap(({ lines }) => lines)
    .map(({ materialId }) => materialId)
    .filter((id) => materialById(known.catalog, id).role === 'salt');
}

/** What a sentence asks to be done, with the materials it names. */
export function takeVerbs(found: Found, { verbs, items }: Gathered, sentence: Sentence): void {
  const text = textOf(found, sentence);
  for (const { op } of verbs) {
    if (op === null) continue;
    const named = items.flatMap((item) => {
      const recognition = nameIn(found.known.catalog, nameText(item, found.words), item.much);
      return 'material' in recognition ? [recognition.material.id] : [];
    });
    const minutes =
      items.find((item) => item.minutes !== null)?.minutes ?? minutesIn(found, sentence);
    found.actions.push({
      op,
      materialIds: named.length > 0 ? [...new Set(named)] : everything(found, text, op),
      minutes,
      until: '',
      text: text.slice(0, 300),
    });
  }
}

function minutesIn(found: Found, { from, to }: Span): number | null {
  const { words, known } = found;
  for (const phrase of scan({ words, catalog: known.catalog }, from, to))
    if (phrase.kind === 'time') return phrase.minutes;
  return null;
}

/** `Sift everything but the citric acid`, `break any lumps`: the powders, where nothing else is named. */
function everything(found: Found, text: string, op: string): readonly string[] {
  const { catalog } = found.known;
  const lines = found.parts.flatMap((part) => part.lines);
  const solids = lines.filter(({ materialId }) => !materialById(catalog, materialId).isLiquid);
  const but = /\b(?:but|except|without) (?:for )?(?:the )?([\w ]+)/i.exec(text)?.[1];
  const left = but === undefined ? null : nameIn(catalog, but.trim(), null);
  if (op !== 'sieve' && !/\b(?:everything|all|dry|powders?|salts?)\b/i.test(text)) return [];
  const salts = op === 'soak' ? saltsOf(found) : null;
  return [
    ...new Set(
      (salts ?? solids.map(({ materialId }) => materialId)).filter(
        (id) => !(left && 'material' in left && left.material.id === id),
      ),
    ),
  ];
}
