import { listed } from './names';
import { isOne } from './numbers';

/** Names of one thing that read as many: “rose petals draw water”. */
const MANY_BY_THEMSELVES =
  /\b(crystals|flowers|petals|flakes|sprinkles|salts|seeds|buds|leaves|peels)$/i;

/** Does a list of names take the verb of many? */
export function areMany(names: readonly string[]): boolean {
  const each = new Set(names);
  return !isOne(each.size) || MANY_BY_THEMSELVES.test(names[0] ?? '');
}

/** Names with their verb, as a sentence begins: `Citric acid draws`, `Soda and Epsom salt draw`. */
export function subject(names: readonly string[], one: string, many: string): string {
  return `${capital(listed(names))} ${areMany(names) ? many : one}`;
}

/** A word that begins a sentence or a heading: `Color split`. */
export function capital(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}
