/** A batch that has its code, and whose it is. */
export interface Coded {
  readonly code: string;
  readonly formulaId: string;
}

/**
 * The next batch code of a formula: its initials and a running number. Where another formula's batches bear these
 * initials, a letter more of the first word tells them apart.
 * @param formulaId of the formula @param existing every batch there is
 * @example nextBatchCode('Quince Lantern', 'q', [{ code: 'QL-007', formulaId: 'q' }]) // 'QL-008'
 */
export function nextBatchCode(
  formulaName: string,
  formulaId: string,
  existing: readonly Coded[],
): string {
  const isTaken = (initials: string) =>
    existing.some((one) => one.code.startsWith(`${initials}-`) && one.formulaId !== formulaId);
  const [first = 'B', ...others] = initialsOf(formulaName);
  const initials = [first, ...others].find((one) => !isTaken(one)) ?? first;
  const numbers = existing
    .filter(({ code }) => code.startsWith(`${initials}-`))
    .map(({ code }) => Number(code.slice(initials.length + 1)))
    .filter(Number.isInteger);
  return `${initials}-${String(Math.max(0, ...numbers) + 1).padStart(3, '0')}`;
}

/** Initials in the order they are tried: plain ones, then with another letter of the first word. */
function initialsOf(name: string): readonly string[] {
  const words = name.toUpperCase().match(/[A-Z0-9]+/g) ?? [];
  const [first = 'B'] = words;
  const letters = words.map((word) => word[0] ?? '').join('');
  const plain = (letters.length >= 2 ? letters : first).slice(0, 3);
  const rest = letters.length >= 2 ? letters.slice(1, 3) : first.slice(1, 3);
  const longer = Array.from(`${first.slice(1)}0123456789`).map(
    (letter) => `${first[0]}${letter}${rest}`,
  );
  return [...new Set([plain, ...longer])];
}

/** A code goes on labels: it is no longer than a label has room for. */
const LONGEST_CODE = 60;

/**
 * The first free code made of one that is taken: it keeps its number, so that whoever finds it on a tray knows which two to
 * look at.
 * @param isFree of any code
 * @example freeCode('NB-004', (code) => code !== 'NB-004-2') // 'NB-004-3'
 */
export function freeCode(taken: string, isFree: (code: string) => boolean): string {
  for (let n = 2; ; n++) {
    const ending = `-${n}`;
    const code = `${taken.slice(0, LONGEST_CODE - ending.length)}${ending}`;
    if (isFree(code)) return code;
  }
}
