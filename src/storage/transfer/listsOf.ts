/** A part of a file’s text: a field of its top, or some records of one of its lists, each as JSON. */
export type FilePart =
  | { readonly kind: 'field'; readonly name: string; readonly text: string }
  | { readonly kind: 'records'; readonly list: string; readonly texts: readonly string[] };

/** So much text of records is gathered before it is handed on, characters. */
const PAGE_CHARS = 1_000_000;

/** The text ends inside a string or with brackets still open. */
export class CutOff extends Error {
  constructor(readonly line: number) {
    super(`the text ends in the middle of line ${line}`);
  }
}

/**
 * Cuts the text of a JSON object into its fields and its lists into their records, however it is laid out, without ever
 * holding it as a whole. What stands between commas is handed on as it is: whether it is JSON is for the reader to see.
 * @throws CutOff where it ends too early; SyntaxError where it begins as no object or goes on after its end
 */
export async function* listsOf(chunks: AsyncIterable<string>): AsyncGenerator<FilePart> {
  let depth = 0;
  let isInString = false;
  let isEscaped = false;
  let isEnded = false;
  let line = 1;
  let key: string | null = null;
  let list: string | null = null;
  let piece = '';
  let texts: string[] = [];
  let chars = 0;

  for await (const chunk of chunks) {
    let from = 0;
    for (let i = 0; i < chunk.length; i++) {
      const sign = chunk.charCodeAt(i);
      if (sign === 10) line += 1;
      if (isInString) {
        if (isEscaped) isEscaped = false;
        else if (sign === 92) isEscaped = true;
        else if (sign === 34) isInString = false;
        continue;
      }
      if (sign === 34) isInString = true;
      else if (sign === 123 || sign === 91) {
        depth += 1;
        if (depth === 1) {
          if (sign !== 123 || isEnded || piece.trim() + chunk.slice(from, i).trim() !== '')
            throw new SyntaxError('the text is not a JSON object');
          [piece, from] = ['', i + 1];
        } else if (depth === 2 && key !== null && sign === 91) {
          list = key;
          [piece, from] = ['', i + 1];
        }
      } else if (sign === 125 || sign === 93) {
        depth -= 1;
        if ((depth === 0 && sign === 93) || (depth === 1 && list !== null && sign === 125))
          throw new SyntaxError('a bracket is closed by another');
        if (depth === 1 && list !== null) {
          texts = gathered(texts, piece + chunk.slice(from, i));
          yield { kind: 'records', list, texts };
          [texts, chars, list, key, piece, from] = [[], 0, null, null, '', i + 1];
        } else if (depth === 0) {
          if (key !== null) yield { kind: 'field', name: key, text: piece + chunk.slice(from, i) };
          [key, piece, from, isEnded] = [null, '', i + 1, true];
        } else if (depth < 0) throw new SyntaxError('the text is not a JSON object');
      } else if (sign === 58 && depth === 1 && key === null) {
        key = nameOf(piece + chunk.slice(from, i));
        [piece, from] = ['', i + 1];
      } else if (sign === 44 && depth === 1) {
        if (key !== null) yield { kind: 'field', name: key, text: piece + chunk.slice(from, i) };
        [key, piece, from] = [null, '', i + 1];
      } else if (sign === 44 && depth === 2 && list !== null) {
        const text = piece + chunk.slice(from, i);
        texts.push(text);
        chars += text.length;
        [piece, from] = ['', i + 1];
        if (chars > PAGE_CHARS) {
          yield { kind: 'records', list, texts };
          [texts, chars] = [[], 0];
        }
      }
    }
    piece += chunk.slice(from);
  }
  if (!isEnded || depth > 0 || isInString) throw new CutOff(line);
  if (piece.trim() !== '') throw new SyntaxError('the text continues after its end');
}

/** The last record of a list; an empty list has none. */
function gathered(texts: string[], last: string): string[] {
  return texts.length === 0 && last.trim() === '' ? texts : [...texts, last];
}

function nameOf(text: string): string {
  const name: unknown = JSON.parse(text);
  if (typeof name !== 'string') throw new SyntaxError('a field has no name');
  return name;
}
