const list = new Intl.ListFormat('en-US', { type: 'conjunction' });

/** `Lemon, Lime, and Bergamot`, each once. */
export function listed(names: readonly string[]): string {
  const [only, ...others] = [...new Set(names)];
  return only === undefined || others.length === 0 ? (only ?? '') : list.format([only, ...others]);
}

/** A name inside a sentence: `orange dye (CI 15510)`. */
export function inSentence(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}

/** A word that begins a sentence or a heading: `Color split`. */
export function capital(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}

/** A text that has room in a sentence: its beginning, and a sign that it goes on. @param most characters, 1 or more */
export function shortened(text: string, most: number): string {
  return text.length > most ? `${text.slice(0, most)}…` : text;
}
