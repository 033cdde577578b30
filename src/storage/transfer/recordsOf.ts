import { JSONParser } from '@streamparser/json';

/** A part of a file: a field of its top, or some records of one of its lists. A list that ends is told even where it has none. */
export type FilePart =
  | { readonly kind: 'field'; readonly name: string; readonly value: unknown }
  | { readonly kind: 'records'; readonly list: string; readonly records: readonly unknown[] };

/** After so much text the records gathered so far are handed on, characters. */
const PAGE_CHARS = 1_000_000;

const NO_OBJECT = 'the text is not a JSON object';

/** The text ends in the middle. */
export class CutOff extends Error {
  constructor(readonly line: number) {
    super(`the text ends in the middle of line ${line}`);
  }
}

/**
 * Reads the text of a JSON object field by field and its lists record by record, however it is laid out, without ever
 * holding it as a whole.
 * @throws CutOff where it ends too early; SyntaxError where it is no JSON object
 */
export async function* recordsOf(chunks: AsyncIterable<string>): AsyncGenerator<FilePart> {
  let parts: FilePart[] = [];
  const open: { list: string; records: unknown[] } = { list: '', records: [] };
  const handOn = (list: string) => {
    parts.push({ kind: 'records', list, records: open.records });
    open.records = [];
  };
  const parser = new JSONParser({ paths: ['$', '$.*', '$.*.*'] });
  parser.onValue = ({ value, key, parent, stack }) => {
    const list = stack[1]?.key;
    if (stack.length === 0 && (typeof value !== 'object' || value === null || Array.isArray(value)))
      throw new SyntaxError(NO_OBJECT);
    if (stack.length === 2 && Array.isArray(parent) && typeof list === 'string') {
      // The parser’s own list stays empty: it never holds more than one record.
      parent.pop();
      open.list = list;
      open.records.push(value);
    } else if (stack.length === 1 && typeof key === 'string') {
      if (Array.isArray(value)) handOn(key);
      else parts.push({ kind: 'field', name: key, value });
    }
  };

  let [line, chars] = [1, 0];
  for await (const chunk of chunks) {
    line += chunk.split('\n').length - 1;
    chars += chunk.length;
    let failure: SyntaxError | null = null;
    try {
      parser.write(chunk);
    } catch (cause) {
      failure = new SyntaxError(NO_OBJECT, { cause });
    }
    if (open.records.length > 0 && chars > PAGE_CHARS) handOn(open.list);
    if (parts.length > 0) chars = 0;
    // What was whole before it broke off is handed on first.
    yield* parts;
    parts = [];
    if (failure) throw failure;
  }
  if (!parser.isEnded) throw new CutOff(line);
}
