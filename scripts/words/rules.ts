import type { VisibleString } from './visibleStrings';

/** A word or shape that no visible text may have. */
export interface WordRule {
  readonly name: string;
  readonly found: (string: VisibleString) => boolean;
  readonly better: string;
}

/** What is put in between says nothing of the words around it. */
const bare = ({ text }: VisibleString): string =>
  text.replace(/\{[^{}]*(?:\{[^{}]*\}[^{}]*)*\}/g, '0');
const codeIn = ({ text }: VisibleString): string => (text.match(/\{[^}]*\}/g) ?? []).join(' ');

function banned(pattern: RegExp, better: string): WordRule {
  return { name: pattern.source, found: (string) => pattern.test(bare(string)), better };
}

const MOST_WORDS = 20;
/** Sentences of one text, without the list of names that a colon may lead in. */
function longestSentence(string: VisibleString): number {
  return Math.max(
    ...bare(string)
      .split(/(?<=[.!?])\s+/)
      .map((sentence) => sentence.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length),
  );
}

/** The list grows with each finding. */
export const WORD_RULES: readonly WordRule[] = [
  // Buttons that say the act by a riddle.
  banned(/^(take|leave|keep) it( (?!out\b)\S+){0,2}$/i, 'Save, Apply, Cancel, Discard'),
  banned(/\b(take|taken|took) (it )?in\b/i, 'import, use'),
  banned(/\btake (it |that |them )?back\b/i, 'Undo'),
  banned(/\bput away\b/i, 'Dismiss'),
  banned(/\bgiven? up\b/i, 'Abandon, abandoned'),
  banned(/\bwrite (it|them|the count) down\b/i, 'Save'),
  banned(/\bgo(es)? on\b(?! the)/i, 'continue'),
  banned(/\blook (it|them|over)\b/i, 'inspect, check'),
  // Literary and old words.
  banned(/\banew\b/i, 'again, new'),
  banned(/\bat once\b(?! in a tub)/i, 'right away, at the same time'),
  banned(/\breckon/i, 'compute, estimate'),
  banned(/\b(laid|lay|lays|laying) away\b/i, 'archived, retained, set aside'),
  banned(/\bstumbl/i, 'failed'),
  banned(/\bcomes? to\b/i, 'is'),
  banned(/\b(bears|binds first|strikes|strewn|mend(s|ed)?)\b/i, 'a plain verb'),
  banned(/\bof (one's|ones|its|your) own\b/i, 'own, your'),
  banned(/\bnobody said\b/i, 'not set'),
  banned(/\bdigit for digit\b/i, 'equal'),
  banned(/\bso (many|much) are\b/i, 'a count'),
  // One name each.
  banned(/\btrials?\b/i, 'test'),
  banned(/\bdamp index\b/i, 'moisture'),
  banned(/\bfree water\b/i, 'loose water'),
  banned(/\b(damp |its )window\b/i, 'range'),
  banned(/\bwhat stands out\b/i, 'checks'),
  banned(/\bset of small ones\b/i, 'cup test'),
  banned(/\b(kept|keep)[ -]back\b/i, 'retained samples'),
  banned(/\bsamplers?\b/i, 'mini'),
  banned(/\bsale units?\b/i, 'product'),
  banned(/\ba wrap\b|\bwraps stand\b/i, 'packaging'),
  banned(/\bminutes of hands\b|\bpair of hands\b|\bwhose hands\b/i, 'people, labor'),
  banned(/\bset aside\b(?!.*(broke|record)|$)/i, 'on hold'),
  banned(/\bdossiers?\b/i, 'product safety file'),
  banned(/\bnarrow place\b/i, 'bottleneck'),
  banned(/\bloft\b(?<!Fizz Loft)(?! Lane)/i, 'drying room'),
  banned(/\bbasin\b/i, 'sink'),
  banned(/\bjugs?\b/i, 'pitcher'),
  banned(/\bstruck\b/i, 'replaced'),
  banned(/\bgone wrong\b/i, 'rejects'),
  banned(/\bspare copy\b/i, 'backup'),
  banned(/\bBathworks\b/, 'Orrin Quay Fizz Loft'),
  // Where a number comes from.
  banned(/\bfrom memory\b/i, 'Not checked against the current rule, Rovack estimate'),
  banned(/\b(model|values?|figure) of ours\b/i, 'Rovack estimate'),
  // Messages.
  banned(/\bcould not\b|\bcannot be (read|written|opened|loaded)\b/i, 'Couldn’t, can’t'),
  banned(/\bis no (picture|number|table|day|list|weight|json|white card)\b/i, 'is not a'),
  banned(/: is it (so|one)\b/i, 'Is that right?'),
  // Shapes.
  banned(/[\d}] %/, '5%'),
  banned(/\d °[CF]/, '22°C'),
  banned(/(?<!\bfrom (\S+ ){0,3})(?<![\d.])[\d.]+%? to (?!1\b)\d/i, 'an en dash: 5–8'),
  {
    name: 'figures or names made over by hand',
    found: (string) => /\.(toFixed|toPrecision|toLowerCase|toUpperCase)\(/.test(codeIn(string)),
    better: 'a formatter, or a name for sentences',
  },
  {
    name: 'words chosen inside a sentence',
    found: ({ hasCondition }) => hasCondition,
    better: 'a whole sentence for each case',
  },
  {
    name: 'a plural by adding an s',
    found: ({ text }) => /\}s\b/.test(text),
    better: 'counted()',
  },
  {
    name: 'a piece of a sentence',
    found: (string) =>
      !string.isTemplate && (/^\s*[,;] /.test(bare(string)) || /[,;:] $/.test(bare(string))),
    better: 'a whole sentence',
  },
  {
    name: `a sentence of more than ${MOST_WORDS} words`,
    found: (string) => longestSentence(string) > MOST_WORDS,
    better: 'two sentences',
  },
];

/** Which rules a text breaks. */
export function brokenBy(string: VisibleString): readonly WordRule[] {
  return WORD_RULES.filter(({ found }) => found(string));
}
