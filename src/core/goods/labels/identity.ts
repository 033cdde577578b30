import type { Family } from '@/core/formula/model/schema';

/** What the thing is, as a label calls it. */
export const IDENTITY: Readonly<Record<Family, string>> = {
  'bath-bomb': 'Bath bomb',
  'shower-steamer': 'Shower steamer',
  'fizzing-salts': 'Fizzing bath salts',
  'cleaning-fizzy': 'Fizzing cleaning tablet',
};

/** How it is used, until the maker says it otherwise. Common practice. */
export const DIRECTIONS: Readonly<Record<Family, string>> = {
  'bath-bomb': 'Drop one into a full, warm bath.',
  'shower-steamer':
    'Lay one on the shower floor, out of the direct stream. Not for the bath. Rinse the floor after.',
  'fizzing-salts': 'Scatter a handful into a full, warm bath.',
  'cleaning-fizzy':
    'Drop one into warm water, let it work, wipe and rinse. Not on stone, marble or aluminum.',
};
