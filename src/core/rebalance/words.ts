import { materialById } from '../materials';
import { lineById } from '../formula';
import type { Question } from './windows';
import { WISHES } from './wishes';

/** What a group of the program is called in a sentence. */
export function phraseOf(group: string, { body, wishes, totalG, evaluation }: Question): string {
  const [kind = '', rest = ''] = splitOnce(group);
  switch (kind) {
    case 'lock': {
      const line = lineById(body, rest);
      return `${materialById(line.materialId).name.toLowerCase()} locked at ${shown(line.massG)} g`;
    }
    case 'limit':
      return `${rest.toLowerCase()} within its limit`;
    case 'rate':
      return `${rest.toLowerCase()} within its usual rate`;
    case 'total':
      return `a total of ${shown(wishes.totalG ?? totalG)} g`;
    case 'wished-ratio':
      return `soda to acid at ${wishes.ratio}`;
    case 'ratio':
      return 'soda to acid in its window';
    case 'damp':
      return wishes.ids.includes('drier')
        ? 'damp in the lower half of its window'
        : `damp from ${evaluation.binder.window.lowPct.toFixed(0)} to ${evaluation.binder.window.highPct.toFixed(0)}`;
    case 'free-water':
      return 'free water low enough for this room';
    case 'scent-usual':
      return `scent up to the family’s ${evaluation.scent.usualHighPct} %`;
    case 'emulsifier':
      return 'enough emulsifier for the oils';
    default:
      return WISHES.find(({ id }) => id === group)?.word ?? group;
  }
}

function splitOnce(group: string): readonly [string, string] {
  const at = group.indexOf(':');
  return at < 0 ? [group, ''] : [group.slice(0, at), group.slice(at + 1)];
}

function shown(massG: number): string {
  return Number(massG.toFixed(massG >= 100 ? 0 : 1)).toString();
}
