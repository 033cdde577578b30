/** What a card says beside a label of its own: `Name: Plum Dusk`, `Qty: 9`, `Optional: orange peel`. */
export type CardLabel = 'name' | 'yield' | 'optional' | 'told';

const LABELS: ReadonlyArray<readonly [RegExp, CardLabel]> = [
  [/^(?:recipe |product )?(?:name|title|called|recipe)\s*[:=]\s*(?=\S)/, 'name'],
  [
    /^(?=(?:yields?|makes|qty|quantity|count|pieces|number|batch(?: size)?|total)\s*[:=])(?=[^:=]*[:=]\s*\S)/,
    'yield',
  ],
  [/^(?:mou?lds?|size|piece size|shape|weight (?:each|per piece))\s*[:=]\s*(?=\S)/, 'yield'],
  [/^(?:family|type|kind|category|product type|date|made by|maker|source)\s*[:=]\s*(?=\S)/, 'told'],
  [/^(?:optional(?:ly)?|extras?|if you like|nice to have)\s*[:=]\s*(?=\S)/, 'optional'],
];

/** The label at the start of a row, and where its words begin. @param low lower case */
export function cardLabelAt(
  low: string,
): { readonly label: CardLabel; readonly length: number } | null {
  for (const [pattern, label] of LABELS) {
    const found = pattern.exec(low);
    if (found) return { label, length: found[0].length };
  }
  return null;
}

/** `call it 'Big Tide'`, `called Big Tide`: the name that a page gives itself somewhere in its words. */
const CALLED =
  /\b(?:call(?:ed)?|name[ds]?)(?: (?:it|them|these|this))? ?[:=]? ?(?:["'“‘]([^"'“”‘’\n]{2,40})["'”’]|((?:[A-Z][\w’'-]+ ?){1,4}))/;

export function nameInWords(text: string): string {
  const found = CALLED.exec(text);
  return (found?.[1] ?? found?.[2] ?? '').trim();
}
