const list = new Intl.ListFormat('en-US', { type: 'conjunction' });

/** `Lemon, Lime, and Bergamot`, each once. */
export function listed(names: readonly string[]): string {
  const [only, ...others] = [...new Set(names)];
  return only === undefined || others.length === 0 ? (only ?? '') : list.format([only, ...others]);
}

/** A text that has room in a sentence: its beginning, and a sign that it goes on. @param most characters, 1 or more */
export function shortened(text: string, most: number): string {
  return text.length > most ? `${text.slice(0, most)}…` : text;
}
