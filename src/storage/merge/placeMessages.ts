/** What a part of a record is called, where its name in the code says too little. */
const PLACES: Readonly<Record<string, string>> = {
  fillsG: 'fills',
  isArchived: 'archived',
  isQuarantined: 'on hold',
  tub: 'tub water',
  basin: 'sink water',
  money: 'prices',
  maker: 'your business on labels',
  makers: 'people',
  requests: 'plan of',
  costings: 'cost of',
  hours: 'working hours of',
  locks: 'locked step',
  scaleStepG: 'scale step',
  look: 'appearance',
  plan: 'plan',
  units: 'units',
  clock: 'clock',
  away: 'days away',
  from: 'start',
  to: 'end',
};

const UNITS: readonly (readonly [RegExp, string])[] = [
  [/MgL$/, 'mg/L'],
  [/Pct$/, '%'],
  [/Mm$/, 'mm'],
  [/Ml$/, 'mL'],
  [/G$/, 'g'],
  [/C$/, '°C'],
  [/L$/, 'L'],
];

/**
 * A place inside a record, as a maker would call it.
 * @param path from the record's field inward @param nameOf what an id on the way is called
 * @example placeWords(['costings', id, 'laborMinutes'], () => 'Quince Lantern') // 'cost of Quince Lantern, labor minutes'
 */
export function placeWords(
  path: readonly string[],
  nameOf: (id: string) => string | undefined = () => undefined,
): string {
  const [first = '', ...others] = path[0] === 'plan' && path.length > 1 ? path.slice(1) : path;
  const words = [PLACES[first] ?? humanized(first)];
  for (const step of others) {
    const named = nameOf(step) ?? (isId(step) ? 'one entry' : (PLACES[step] ?? humanized(step)));
    if (words.length === 1 && words[0]?.endsWith(' of')) words[0] += ` ${named}`;
    else words.push(named);
  }
  return words.join(', ');
}

const isId = (text: string) => /^[0-9a-f]{8}-[0-9a-f-]{27}$/.test(text) || text.includes('/');

/** `laborMinutes` is `labor minutes`, `volumeL` is `volume in L`; a name that a person wrote stays. */
function humanized(field: string): string {
  if (!/^[a-z]+([A-Z][a-z]*)*$/.test(field))
    return /^[a-z0-9-]+$/.test(field) ? field.replaceAll('-', ' ') : field;
  const unit = UNITS.find(([ending]) => ending.test(field));
  const plain = unit ? field.replace(unit[0], '') : field;
  const words = plain.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);
  return unit ? `${words} in ${unit[1]}` : words;
}
