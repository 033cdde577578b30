import type { Method, School } from '../model/schema';

/** What a recipe says of how and where it is made, beside its lines. */
export interface Context {
  readonly method: Method | null;
  readonly school: School | null;
  readonly humidityPct: number | null;
}

const METHODS: ReadonlyArray<readonly [RegExp, Method]> = [
  [
    /\b(?:sold|stay|stays|left|leave (?:it|them)) in (?:the|its|their|each) (?:mou?lds?|pots?|trays?|cups?|packs?|packaging|tins?|jars?)\b/i,
    'in-pack',
  ],
  [/\b(?:silicone|ice[- ]cube trays?)\b/i, 'silicone'],
  [/\b(?:detail(?:ed)? molds?|3d[- ]printed molds?)\b/i, 'detail'],
  [
    /\b(?:pressed? (?:in|into) (?:its|the|their) (?:packs?|packaging|jars?|tins?|cups?|pots?)|in[- ]pack)\b/i,
    'in-pack',
  ],
  [
    /\b(?:(?:bench|hand|air|arbor|hydraulic|pneumatic|electric)[- ]press(?:ed)?|(?:in|on|with) (?:the|a|my) press)\b/i,
    'press',
  ],
  [
    /\b(?:hand[- ]mold(?:ed|s)?|by hand|hand shells?|half shells?|two[- ]part molds?|metal molds?|hand press(?:ed)?)\b/i,
    'hand',
  ],
  // A page that calls a cleaner a powder; a powder with an amount is an ingredient, and says nothing of the form.
  [
    /^[^\n\d]*\b(?:clean\w*|scour\w*|oxygen|laundry|descal\w*|dish\w*|washing)\b[^\n\d]*\bpowder\b[^\n\d]*$/im,
    'loose',
  ],
  [/\b(?:loose|left to pour|pour(?:s|ed)? into jars)\b/i, 'loose'],
  [/\bpress(?:ed)?\b/i, 'press'],
];
const SCHOOLS: ReadonlyArray<readonly [RegExp, School]> = [
  [
    /\b(?:acid (?:goes in |in |comes )?last|(?:add|stir in|mix in|then) (?:the )?(?:citric(?: acid)?|acid) last|hold back the (?:citric|acid))\b/i,
    'acid-last',
  ],
  [
    /\b(?:all (?:the )?(?:dry|powders?)(?: ingredients)?(?: together)? first|(?:mix|combine|whisk) all (?:the )?(?:dry|powders?)(?: ingredients)?(?: first| together)?)\b/i,
    'all-dry-first',
  ],
];
const HUMIDITY =
  /(?:humidity|rh)\b[^\d%]{0,24}(\d{2}(?:[.,]\d)?)\s*(?:%|percent)|(\d{2}(?:[.,]\d)?)\s*(?:%|percent)\s*(?:relative )?(?:humidity|rh)\b/i;

/** Method, order and humidity, from any words of the page. */
export function readContext(texts: readonly string[]): Context {
  const page = texts.join('\n');
  const humidity = HUMIDITY.exec(page);
  const humidityPct = Number((humidity?.[1] ?? humidity?.[2] ?? '').replace(',', '.') || NaN);
  return {
    method: METHODS.find(([pattern]) => pattern.test(page))?.[1] ?? null,
    school: SCHOOLS.find(([pattern]) => pattern.test(page))?.[1] ?? null,
    humidityPct: Number.isFinite(humidityPct) ? humidityPct : null,
  };
}
