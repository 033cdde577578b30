import type { Family, Method } from '@/core/formula/model/schema';
import { fizzBalance } from '@/core/matter/chemistry/stoichiometry';
import type { Portion } from '@/core/matter/materials/portion';
import { reactantsOf } from '@/core/matter/materials/reactants';

/** What of a product its name on the label and its directions depend on. */
export interface Identified {
  readonly name: string;
  readonly family: Family;
  readonly method: Method;
  readonly contents: readonly Portion[];
}

const FOR_SKIN: Readonly<Record<Exclude<Family, 'cleaning-fizzy'>, string>> = {
  'bath-bomb': 'Bath bomb',
  'shower-steamer': 'Shower steamer',
  'fizzing-salts': 'Fizzing bath salts',
};

/** Of water at room temperature, °C: whether it fizzes at all does not hang on it. */
const WATER_C = 20;

/** What the thing is, as a label calls it: a powder is no tablet, and what has no acid does not fizz. */
export function identityOf({ family, method, contents }: Identified): string {
  if (family !== 'cleaning-fizzy') return FOR_SKIN[family];
  const form = method === 'loose' ? 'powder' : 'tablet';
  const fizzes = fizzBalance(reactantsOf(contents), WATER_C).co2L > 0;
  return fizzes ? `Fizzing cleaning ${form}` : `Cleaning ${form}`;
}

const USES: Readonly<Record<Exclude<Family, 'cleaning-fizzy'>, string>> = {
  'bath-bomb': 'Drop one into a full, warm bath.',
  'shower-steamer':
    'Lay one on the shower floor, out of the direct stream. Not for the bath. Rinse the floor after.',
  'fizzing-salts': 'Scatter a handful into a full, warm bath.',
};
const NOT_ON = 'Not on stone, marble or aluminum.';

/** Where a cleaner works, by its name; the first that fits. Common practice. */
const CLEANS: ReadonlyArray<readonly [RegExp, one: string, loose: string]> = [
  [
    /dish ?washer/i,
    'Put one on the bottom of the empty dishwasher and start a hot program.',
    'Put two spoonfuls on the bottom of the empty dishwasher and start a hot program.',
  ],
  [
    /toilet|loo\b|wc\b/i,
    'Drop one into the bowl. Leave it for 15 minutes, brush, and flush.',
    'Scatter two spoonfuls into the bowl. Leave it for 15 minutes, brush, and flush.',
  ],
  [
    /kettle|descal|limescale|coffee/i,
    'Fill it with warm water, drop one in, and leave it for 30 minutes. Rinse twice before you use it.',
    'Fill it with warm water, stir in two spoonfuls, and leave it for 30 minutes. Rinse twice before you use it.',
  ],
  [
    /drain|sink|disposal|plughole/i,
    'Drop one into the drain and pour hot tap water on it. Rinse after 15 minutes.',
    'Pour two spoonfuls into the drain and hot tap water on them. Rinse after 15 minutes.',
  ],
];

/** How it is used, until the maker says it otherwise. Common practice. */
export function directionsOf({ name, family, method }: Identified): string {
  // A pack that is the pot itself is opened first.
  if (family !== 'cleaning-fizzy')
    return method === 'in-pack' ? `Turn it out of its pack. ${USES[family]}` : USES[family];
  const isLoose = method === 'loose';
  const [, one, loose] = CLEANS.find(([pattern]) => pattern.test(name)) ?? [
    null,
    'Drop one into warm water, let it work, wipe and rinse.',
    'Stir two spoonfuls into warm water, let it work, wipe and rinse.',
  ];
  return `${isLoose ? loose : one} ${NOT_ON}`;
}

/** Identity of a pack: each kind once. */
export function identityOfAll(products: readonly Identified[]): string {
  return [...new Set(products.map(identityOf))].join(', ');
}

/** Directions of a pack; where they differ, each after what it is for. */
export function directionsOfAll(products: readonly Identified[]): string {
  const all = products.map((product) => ({ product, said: directionsOf(product) }));
  const different = new Map(all.map((one) => [one.said, one] as const));
  if (different.size <= 1) return all[0]?.said ?? '';
  return [...different.keys()]
    .map((said) => {
      const names = all.filter((one) => one.said === said).map(({ product }) => product.name);
      return `${[...new Set(names)].join(', ')}: ${said}`;
    })
    .join(' ');
}
