import { seededRandom } from '@/core/basics/numeric/random';
import { COLORANTS } from '@/core/results/color/colorants';
import { USUAL_GRAINS, grainDiametersMm } from '@/core/results/fizz/grains';
import type { FilmPlan } from '@/core/tub/plan';

/** Something small that leaves the piece and stays in sight: a petal, or a speck that shines. */
export interface Thing {
  readonly kind: 'petal' | 'speck';
  readonly hex: string;
  readonly layer: number;
  /** It leaves when so much of its layer has worn, 0 to 1. */
  readonly leavesAt: number;
  /** From 0 up to 1: which way it goes, how far, how it lies. */
  readonly chance: readonly [number, number, number];
}

const PETAL_G = 0.03;
const MOST_PETALS = 36;
const SPECK_G = 0.004;
const MOST_SPECKS = 160;
/** What a flower looks like in the water; any other is a dry leaf. */
const PETAL_HEX: Readonly<Record<string, string>> = {
  'calendula-petals': '#d9821f',
  'rose-petals': '#a83250',
  'lavender-flowers': '#6f5fa6',
};
const LEAF_HEX = '#7d7a45';

/** Petals and specks of every layer, a few for each gram. */
export function thingsOf(plan: FilmPlan): readonly Thing[] {
  const random = seededRandom(plan.seed ^ 0x9e7a1);
  return plan.layers.flatMap(({ portions }, layer) =>
    portions.flatMap(({ material, massG }) => {
      const kind =
        material.role === 'botanical' ? 'petal' : isShiny(material.likeId) ? 'speck' : null;
      if (!kind) return [];
      const hex =
        kind === 'petal'
          ? (PETAL_HEX[material.likeId] ?? LEAF_HEX)
          : (COLORANTS[material.likeId]?.tintHex ?? LEAF_HEX);
      const [eachG, most] = kind === 'petal' ? [PETAL_G, MOST_PETALS] : [SPECK_G, MOST_SPECKS];
      return Array.from({ length: Math.min(most, Math.round(massG / eachG)) }, (): Thing => ({
        kind,
        hex,
        layer,
        leavesAt: random(),
        chance: [random(), random(), random()],
      }));
    }),
  );
}

/** A color that neither dissolves nor disperses floats about as specks. */
function isShiny(id: string): boolean {
  const colorant = COLORANTS[id];
  return colorant !== undefined && colorant.bands.length === 0;
}

/** One grain of loose salts: where it was strewn, and how large it was. */
export interface Grain {
  readonly x: number;
  readonly y: number;
  readonly radiusMm: number;
}

const GRAINS = 420;

/** Loose grains as they are strewn, in an oval around the middle; x and y in spreads of it. */
export function grainsOf(plan: FilmPlan): readonly Grain[] {
  if (plan.wear.kind !== 'scattered') return [];
  const random = seededRandom(plan.seed ^ 0x6a1);
  const sizes = grainDiametersMm(USUAL_GRAINS);
  return Array.from({ length: GRAINS }, (_, i): Grain => {
    const angle = 2 * Math.PI * random();
    const out = Math.sqrt(-2 * Math.log(1 - 0.98 * random()));
    return {
      x: out * Math.cos(angle),
      y: out * Math.sin(angle),
      radiusMm: (sizes[i % sizes.length] ?? 0) / 2,
    };
  });
}

/** One patch of the raft of foam, by its place in the order in which they come. */
export interface Patch {
  readonly x: number;
  readonly y: number;
  readonly radiusCm: number;
}

const PATCHES = 520;

/** Patches of foam, nearest to where the piece went in first: as many are drawn as there is foam for. */
export function patchesOf({ vessel: { lengthCm, widthCm }, seed }: FilmPlan): readonly Patch[] {
  const random = seededRandom(seed ^ 0xf0a3);
  const patches = Array.from({ length: PATCHES }, (): Patch => {
    const size = random();
    return {
      x: (random() - 0.5) * lengthCm,
      y: (random() - 0.5) * widthCm,
      radiusCm: widthCm * (0.03 + 0.045 * size * size),
    };
  });
  const far = ({ x, y }: Patch) => Math.hypot(x, 1.4 * y);
  return patches.sort((a, b) => far(a) - far(b));
}
