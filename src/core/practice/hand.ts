import type { Felt } from '@/core/results/binder/correction';
import type { Method } from '@/core/formula/model/schema';

/** What an open hand shows: the sign, and whether it is far out or near an end. */
export interface HandSeen {
  readonly felt: Felt;
  readonly isFar: boolean;
  readonly said: string;
}

/** A hand shows the end of a range before the tray does: the squeeze is harsher than the mold. Rovack estimate. */
const SHOWN_FROM = 0.1;
const SHOWN_TO = 0.9;
/** Drier than this it runs apart, damper than that it swells: by its place in the range. Rovack estimates. */
export const FAR_DRY = -0.4;
export const FAR_WET = 1.3;

type Saying = Readonly<Record<Felt, readonly [near: string, far: string]>>;

const AFTER_ACID: Saying = {
  'too-dry': ['It holds, then breaks at the edge.', 'It crumbles. Nothing holds.'],
  right: [
    'It shows the finger marks, and drops whole.',
    'It shows the finger marks, and drops whole.',
  ],
  'too-wet': ['It holds, but it shines.', 'It shines, sticks to the glove and swells.'],
};
const BEFORE_ACID: Saying = {
  'too-dry': ['It breaks to crumbs when tossed.', 'It runs apart like sand.'],
  right: ['It breaks into two or three large clumps.', 'It breaks into two or three large clumps.'],
  'too-wet': ['It rolls into a ball with a rough skin.', 'It rolls into a smooth ball.'],
};
const LOOSE: Saying = {
  'too-dry': ['It runs off the hand.', 'It runs off the hand.'],
  right: ['It runs off the hand and leaves no clump.', 'It runs off the hand and leaves no clump.'],
  'too-wet': ['It holds a loose clump. A tap breaks it.', 'It holds its shape like wet sand.'],
};

/**
 * What the hand shows of a mix. Loose salts have no dry end: they should run.
 * @param place in the range it wants, as this hand feels it: 0 at the low end, 1 at the high end
 */
export function handSeen(place: number, method: Method, acidIn: boolean): HandSeen {
  const felt: Felt =
    place > SHOWN_TO ? 'too-wet' : place < SHOWN_FROM && method !== 'loose' ? 'too-dry' : 'right';
  const isFar = felt === 'too-wet' ? place > FAR_WET : felt === 'too-dry' && place < FAR_DRY;
  const saying = method === 'loose' ? LOOSE : acidIn ? AFTER_ACID : BEFORE_ACID;
  return { felt, isFar, said: saying[felt][isFar ? 1 : 0] };
}
