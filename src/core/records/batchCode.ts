/**
 * The next batch code of a formula: its initials and a running number over all batches with these initials.
 * @example nextBatchCode('Quince Lantern', ['QL-007']) // 'QL-008'
 */
export function nextBatchCode(formulaName: string, existing: readonly string[]): string {
  const initials = initialsOf(formulaName);
  const numbers = existing
    .filter((code) => code.startsWith(`${initials}-`))
    .map((code) => Number(code.slice(initials.length + 1)))
    .filter(Number.isInteger);
  const next = Math.max(0, ...numbers) + 1;
  return `${initials}-${String(next).padStart(3, '0')}`;
}

function initialsOf(name: string): string {
  const words = name.toUpperCase().match(/[A-Z0-9]+/g) ?? [];
  const letters = words.map((word) => word[0]).join('');
  return (letters.length >= 2 ? letters : (words[0] ?? 'B')).slice(0, 3);
}
