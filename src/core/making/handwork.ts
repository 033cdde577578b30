import type { FormulaBody, Part } from '../formula';
import type { Material } from '../materials';
import { listed } from '../words';
import type { BenchStep } from './steps';

/** Lowest mixer speed, in seconds. Common practice: 10 to 12 minutes dry, 5 to 20 wet, 1 to 2 with the acid. */
const MIX_DRY_S = 600;
const MIX_WET_S = 600;
const MIX_ACID_S = 90;
const MIX_SPLIT_S = 120;
/** A short spray is three to four squirts. Common practice. */
const SQUIRTS_A_SPRAY = 3;

export const ROOM: BenchStep = {
  id: 'room',
  kind: 'room',
  title: 'The room',
  note: 'Humidity shifts the damp window for this batch.',
};

export const COUNT: BenchStep = {
  id: 'count',
  kind: 'count',
  title: 'Count the pieces',
  note: 'Whole ones; say how many went wrong.',
};

export const MIX_DRY = mix(
  'mix-dry',
  'Mix the powders',
  'Lowest speed, or by hand until nothing streaks.',
  MIX_DRY_S,
);

export const SCRAPE: BenchStep = {
  id: 'scrape',
  kind: 'do',
  title: 'Scrape and turn over',
  note: 'Scrape the bowl down, turn the mix into a second bowl so that no white bed of soda stays at the bottom, mix a minute more.',
};

export const MIX_ACID = mix(
  'mix-acid',
  'Mix in the acid',
  'One to two minutes. Foam while you stir: keep stirring, faster.',
  MIX_ACID_S,
);

/** Powders that clump are sieved once they are weighed. */
export function sieve(powders: readonly Material[]): readonly BenchStep[] {
  const clumping = powders.filter(({ traits }) => traits.includes('clumps'));
  if (clumping.length === 0) return [];
  return [
    {
      id: 'sieve',
      kind: 'do',
      title: 'Sieve the powders',
      note: `${listed(namesOf(clumping))} clump: what is not sieved shows as bumps and specks. Mask on.`,
    },
  ];
}

export function needsBloom({ traits }: Material): boolean {
  return traits.includes('needs-bloom');
}

/** Is it water, as a powder dye is bloomed in? */
export function isBloomWater({ waterFraction }: Material): boolean {
  return waterFraction.value > 0.95;
}

export function bloom(colors: readonly Material[]): readonly BenchStep[] {
  if (colors.length === 0) return [];
  const needsWater = colors.some(needsBloom);
  return [
    {
      id: 'bloom',
      kind: 'do',
      title: needsWater ? 'Bloom the dye' : 'Rub in the color',
      note: needsWater
        ? 'Disperse it in a little of the weighed water, bring it up hot, pour it into a furrow in the soda. Its water is counted.'
        : 'Rub it into a handful of soda, then into the bowl: no water needed.',
    },
  ];
}

/** What is melted, dissolved or infused before the beaker goes into the bowl. Common practice. */
export function prepareBeaker(materials: readonly Material[]): readonly BenchStep[] {
  const fats = materials.filter(isSetFat);
  const crystals = materials.filter(({ id }) => id === 'menthol');
  const herbs = materials.filter(({ role }) => role === 'botanical');
  const alcohol = materials.find(({ role }) => role === 'alcohol');
  return [
    ...(fats.length > 0
      ? [
          todo(
            'melt',
            'Melt it',
            `${listed(namesOf(fats))}: warm until clear and no further, then into the beaker with the rest.`,
          ),
        ]
      : []),
    ...(crystals.length > 0
      ? [
          todo(
            'dissolve',
            'Dissolve the menthol',
            `In the ${alcohol ? alcohol.name.toLowerCase() : 'warm oil'}, stirred until no crystal is left. Gloves on, no flame.`,
          ),
        ]
      : []),
    ...(herbs.length > 0
      ? [
          todo(
            'infuse',
            'Infuse and strain',
            `${listed(namesOf(herbs))}: in the warm oil, up to 48 hours ahead; strain before it goes on.`,
          ),
        ]
      : []),
  ];
}

export function wetIn(beaker: readonly unknown[]): readonly BenchStep[] {
  if (beaker.length === 0) return [];
  return [
    mix(
      'mix-wet',
      'Beaker into the bowl, and mix',
      'Pour it round the bowl, not in one place.',
      MIX_WET_S,
    ),
    SCRAPE,
  ];
}

/** Loose salts take their scent up before anything fizzes on them. Common practice: 1 to 2 hours. */
export function soak({ method }: FormulaBody, main: readonly Material[]): readonly BenchStep[] {
  const has = (wanted: Material['role']) => main.some(({ role }) => role === wanted);
  if (method !== 'loose' || !has('salt') || !has('scent')) return [];
  return [
    todo(
      'soak',
      'Let the salts soak',
      'Covered, one to two hours, until they look dry again; then the acid.',
    ),
  ];
}

/** Short sprays after the acid, for mixes that are squeezed and shaped. Common practice. */
export function sprays(body: FormulaBody): readonly BenchStep[] {
  if (body.method === 'loose' || body.family === 'cleaning-fizzy') return [];
  return [
    {
      id: 'spray',
      kind: 'spray',
      title: 'Spray, if it asks for it',
      note: 'One or two short sprays of three to four squirts, a full remix after each. None when it holds already.',
      materialId: 'water',
      squirts: SQUIRTS_A_SPRAY,
    },
  ];
}

export function squeeze(id: string, title: string, acidIn: boolean): BenchStep {
  const note = acidIn
    ? 'Squeeze a handful hard and drop it on the bench from a hand’s height.'
    : 'Squeeze a handful and toss it once.';
  return { id, kind: 'squeeze', title, note, acidIn };
}

/** Part of the bowl, by share, into a second one. */
export function splitBowl(part: Part, share: number): BenchStep {
  return {
    id: `split:${part.id}`,
    kind: 'split',
    title: 'Split the bowl',
    note: `${Math.round(share * 100)} % of it into a second bowl, for the ${part.name.toLowerCase()}.`,
    share,
  };
}

export function mixSplit(part: Part): BenchStep {
  return mix(
    `mix-split:${part.id}`,
    'Mix the second bowl',
    'Until the color is even. Dry hands between the bowls.',
    MIX_SPLIT_S,
  );
}

export function todo(id: string, title: string, note: string): BenchStep {
  return { id, kind: 'do', title, note };
}

export function isSetFat(material: Material): boolean {
  return material.role === 'butter' || material.likeId === 'coconut-oil';
}

function mix(id: string, title: string, note: string, seconds: number): BenchStep {
  return { id, kind: 'mix', title, note, seconds };
}

function namesOf(materials: readonly Material[]): readonly string[] {
  return materials.map(({ name }) => name);
}
