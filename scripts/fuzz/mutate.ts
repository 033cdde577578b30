/** A number from 0 to 1, the same each run. */
export type Random = () => number;

/** Things that stand where they should not. */
const ODD: readonly unknown[] = [
  null,
  true,
  '',
  'x',
  [],
  {},
  0,
  -1,
  0.5,
  1e308,
  -1e308,
  5e-324,
  1e6,
  1e15,
  2 ** 53,
  '1969-07-20T20:17:00Z',
  '2026-02-31T10:00:00Z',
  '9999-12-31T23:59:59Z',
  '2026-03-29T02:30:00+01:00',
  'moon-dust',
  '__proto__',
  'constructor',
  '\u0000',
  '\u202e reversed',
  '=1+1',
  '<script>x</script>',
];
const LONG = 200_000;

type Holder = Record<string | number, unknown>;

/** Every place in a tree that holds something. */
function placesIn(tree: unknown): readonly (readonly [Holder, string | number])[] {
  const places: (readonly [Holder, string | number])[] = [];
  const open: unknown[] = [tree];
  while (open.length > 0) {
    const value = open.pop();
    if (typeof value !== 'object' || value === null) continue;
    for (const key of Object.keys(value)) {
      places.push([value as Holder, Array.isArray(value) ? Number(key) : key]);
      open.push((value as Holder)[key]);
    }
  }
  return places;
}

/** The tree with one to three things changed, as a damaged file, a clumsy hand or a foreign program would. */
export function mutantOf<T>(tree: T, random: Random): T {
  const mutant = structuredClone(tree);
  const changes = 1 + Math.floor(random() * 3);
  for (let i = 0; i < changes; i++) {
    const places = placesIn(mutant);
    const place = places[Math.floor(random() * places.length)];
    if (place) change(place[0], place[1], places, random);
  }
  return mutant;
}

function change(
  holder: Holder,
  key: string | number,
  places: readonly (readonly [Holder, string | number])[],
  random: Random,
): void {
  const value = holder[key];
  const kind = Math.floor(random() * 8);
  const another = places[Math.floor(random() * places.length)];
  if (kind === 0) Reflect.deleteProperty(holder, key);
  else if (kind === 1 && typeof value === 'number')
    holder[key] = value * 10 ** (random() * 40 - 20);
  else if (kind === 2 && typeof value === 'string')
    holder[key] = value.slice(0, Math.floor(random() * value.length));
  else if (kind === 3 && typeof value === 'string')
    holder[key] = value.repeat(Math.ceil(LONG / Math.max(1, value.length)));
  else if (kind === 4 && Array.isArray(value) && value.length > 0)
    holder[key] = Array.from(
      { length: Math.ceil(random() * 400) },
      () => value[Math.floor(random() * value.length)] as unknown,
    );
  else if (kind === 5 && another) holder[key] = structuredClone(another[0][another[1]]);
  else if (kind === 6 && another && String(another[1]) === String(key))
    holder[key] = another[0][another[1]];
  else holder[key] = ODD[Math.floor(random() * ODD.length)];
}

const SIGNS = [
  '"',
  ',',
  ';',
  '\n',
  '\r',
  '\t',
  '=',
  '-',
  '+',
  '@',
  '0',
  '9',
  '.',
  '/',
  '½',
  '∞',
  'NaN',
  '1e999',
  '\u0000',
  '\ufeff',
  '😀',
  '{',
  '}',
  '[',
  '<',
  '%',
  ' cups ',
  ' parts ',
];

/** A text with a few places cut, doubled, swapped or spoiled. */
export function textMutantOf(text: string, random: Random): string {
  let mutant = text;
  for (let i = 1 + Math.floor(random() * 5); i > 0; i--) {
    const at = Math.floor(random() * (mutant.length + 1));
    const to = Math.min(mutant.length, at + Math.floor(random() * 40));
    const kind = Math.floor(random() * 6);
    const sign = SIGNS[Math.floor(random() * SIGNS.length)] ?? '';
    if (kind === 0) mutant = mutant.slice(0, at) + mutant.slice(to);
    else if (kind === 1)
      mutant =
        mutant.slice(0, at) +
        mutant.slice(at, to).repeat(2 + Math.floor(random() * 30)) +
        mutant.slice(to);
    else if (kind === 2) mutant = mutant.slice(0, at) + sign + mutant.slice(at);
    else if (kind === 3)
      mutant =
        mutant.slice(0, at) + sign.repeat(1 + Math.floor(random() * 2000)) + mutant.slice(at);
    else if (kind === 4) mutant = mutant.slice(to) + mutant.slice(0, at);
    else
      mutant =
        mutant.slice(0, at) +
        String.fromCharCode(Math.floor(random() * 65_536)) +
        mutant.slice(at + 1);
  }
  return mutant;
}
