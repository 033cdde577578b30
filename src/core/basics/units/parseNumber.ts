/** A number as people type it: spaces and thousands commas allowed, a lone comma is a decimal point, `1.234,5` too. Null when it is none. */
export function parseNumber(typed: string): number | null {
  const spaced = typed.trim().replace(/[\u00a0\u202f]/g, ' ');
  // A space between digits parts thousands, and nothing else: “1 9 5” is three numbers.
  if (/\d\s+\d/.test(spaced) && !/^-?\s*\d{1,3}( \d{3})+([.,]\d+)?$/.test(spaced)) return null;
  const text = spaced.replace(/\s/g, '');
  if (text === '') return null;
  const plain = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)
    ? text.replaceAll(',', '')
    : /^-?\d{1,3}(\.\d{3})+,\d+$/.test(text)
      ? text.replaceAll('.', '').replace(',', '.')
      : text.replace(',', '.');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}
