import type { Became, Found } from './found';
import type { Gathered } from './items';
import type { Phrase } from './phrases/types';

/** Fourth pass, phrase by phrase: what each became. */
export function accountFor(
  found: Found,
  phrases: readonly Phrase[],
  { items }: Gathered,
  names: ReadonlyMap<number, boolean>,
  otherwise: Became = 'remark',
): void {
  const isName = new Map(items.flatMap(({ name }) => (name ? [[name.from, name] as const] : [])));
  for (const phrase of phrases) {
    const { from, to, kind } = phrase;
    found.account.push({ from, to, as: becameOf() });
    function becameOf(): Became {
      switch (kind) {
        case 'amount':
        case 'ratio':
          return 'amount';
        case 'run': {
          const understood = names.get(from);
          if (understood !== undefined) return understood ? 'material' : 'unknown';
          return isName.has(from) ? otherwise : 'remark';
        }
        case 'doing':
        case 'until':
        case 'time':
          return 'preparation';
        case 'verb':
          return 'action';
        case 'yield':
          return 'yield';
        case 'section':
          return 'heading';
        default:
          return 'remark';
      }
    }
  }
}
