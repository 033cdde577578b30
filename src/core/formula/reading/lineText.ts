/** What is left of a written line once the marks around it are taken away. */
export interface BareLine {
  /** The line without bullet, number, comment and bracketed notes. */
  readonly text: string;
  /** What stood in brackets. */
  readonly notes: readonly string[];
}

const BULLET = /^\s*(?:[*•·▪‣◦]\s*|[-–]\s+|\[[ x]?\]\s*|\d{1,3}[.)]\s+(?=\D|\d))+/i;

/** Takes off bullets, numbering (`1. `, `2) `), check boxes, `#` comments and bracketed notes. */
export function bareLine(raw: string): BareLine {
  const withoutComment = raw.replace(/(^|\s)#.*$/, '');
  const body = withoutComment.replace(BULLET, '').trim();
  const notes = [...body.matchAll(/\(([^)]*)\)/g)].map((match) => (match[1] ?? '').trim());
  const text = body
    .replace(/\([^)]*\)/g, ' ')
    .replace(/^\s*optional(?:ly)?\s*:?\s+/i, '')
    .replace(/\s+/g, ' ')
    .trim();
  return { text, notes };
}
