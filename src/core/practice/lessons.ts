import type { Family, Method } from '@/core/formula/model/schema';
import type { MaterialMass } from '@/core/matter/materials/portion';

export const LESSON_IDS = [
  'first-bowl',
  'winter-bowl',
  'wet-before-acid',
  'cracks-at-press',
  'hand-molds',
  'steamer',
  'salts',
  'warts',
  'dye',
  'blind',
] as const;
export type LessonId = (typeof LESSON_IDS)[number];

/** From so much to so much. */
export type Stretch = readonly [from: number, to: number];

/** One press of a button: grams, or squirts of the sprayer at hand. */
export type Dose =
  | { readonly materialId: string; readonly massG: number }
  | { readonly materialId: string; readonly squirts: number };

interface LessonBase {
  readonly id: LessonId;
  readonly title: string;
  /** What it is about, and what to do. */
  readonly task: string;
}

/** A bowl to bring into its range, and to press or fill. */
export interface BowlLesson extends LessonBase {
  readonly kind: 'bowl';
  readonly family: Family;
  /** Ways of forming it may be; one for most. */
  readonly methods: readonly Method[];
  /** What is in the bowl; `movedId` is set so that the bowl begins where the lesson wants it. */
  readonly mix: readonly MaterialMass[];
  readonly movedId: string;
  /** Where it begins: 0 is the low end of what the mix wants, 1 the high end. One of these stretches. */
  readonly begins: readonly Stretch[];
  /** Relative humidity of the room, %. */
  readonly humidityPct: Stretch;
  readonly acidIn: boolean;
  /** Water that was sprayed on the acid before the lesson begins, and is in the air or has fizzed. */
  readonly lateWaterG?: number;
  readonly doses: readonly Dose[];
  /** Corrections in as many rounds as a practiced hand needs. */
  readonly roundsForAPoint: number;
  /** Nothing is told but what the hand shows. */
  readonly isBlind?: boolean;
  /** It held for the press at 0.15 to 0.4 of that range; the mold now wants more. */
  readonly heldForPress?: boolean;
}

/** A record in which the cause of a fault is to be found. */
export interface CauseLesson extends LessonBase {
  readonly kind: 'cause';
}

/** A dye that has to color the water and leave no ring. */
export interface DyeLesson extends LessonBase {
  readonly kind: 'dye';
}

export type Lesson = BowlLesson | CauseLesson | DyeLesson;

const BATH: readonly MaterialMass[] = [
  { materialId: 'sodium-bicarbonate', massG: 520 },
  { materialId: 'citric-acid', massG: 265 },
  { materialId: 'cornstarch', massG: 80 },
  { materialId: 'kaolin', massG: 12 },
  { materialId: 'sweet-almond-oil', massG: 25 },
  { materialId: 'polysorbate-80', massG: 6 },
  { materialId: 'fragrance-oil', massG: 8 },
];
const STEAMER: readonly MaterialMass[] = [
  { materialId: 'sodium-bicarbonate', massG: 540 },
  { materialId: 'citric-acid', massG: 270 },
  { materialId: 'cornstarch', massG: 60 },
  { materialId: 'kaolin', massG: 12 },
  { materialId: 'menthol', massG: 14 },
  { materialId: 'witch-hazel', massG: 2 },
];
const SALTS: readonly MaterialMass[] = [
  { materialId: 'sea-salt', massG: 380 },
  { materialId: 'sodium-bicarbonate', massG: 300 },
  { materialId: 'citric-acid', massG: 190 },
  { materialId: 'fragrance-oil', massG: 14 },
  { materialId: 'jojoba-oil', massG: 10 },
  { materialId: 'witch-hazel', massG: 6 },
];

const OIL: Dose = { materialId: 'sweet-almond-oil', massG: 1 };
const MUCH_OIL: Dose = { materialId: 'sweet-almond-oil', massG: 5 };
const WATER: Dose = { materialId: 'water', squirts: 1 };
const WITCH_HAZEL: Dose = { materialId: 'witch-hazel', squirts: 1 };
const ALCOHOL: Dose = { materialId: 'isopropyl-alcohol-99', squirts: 1 };
const STARCH: Dose = { materialId: 'cornstarch', massG: 10 };
const KAOLIN: Dose = { materialId: 'kaolin', massG: 5 };
const SODA: Dose = { materialId: 'sodium-bicarbonate', massG: 20 };

/** In the order in which they grow. The bowls are ours; what they teach is common practice. */
export const LESSONS = [
  {
    id: 'first-bowl',
    kind: 'bowl',
    title: 'The first bowl',
    task: 'A good room, 70 mm balls for the press, and a mix that is a little dry. Make it hold with as little as you can.',
    family: 'bath-bomb',
    methods: ['press'],
    mix: BATH,
    movedId: 'sweet-almond-oil',
    begins: [[-0.5, -0.25]],
    humidityPct: [43, 48],
    acidIn: true,
    doses: [OIL, MUCH_OIL, WATER],
    roundsForAPoint: 3,
  },
  {
    id: 'winter-bowl',
    kind: 'bowl',
    title: 'A winter bowl',
    task: 'The heating is on and the air is dry. The same formula wants more than in spring. You press 70 mm balls.',
    family: 'bath-bomb',
    methods: ['press'],
    mix: BATH,
    movedId: 'sweet-almond-oil',
    begins: [[-0.8, -0.4]],
    humidityPct: [30, 36],
    acidIn: true,
    doses: [OIL, MUCH_OIL, WATER, ALCOHOL],
    roundsForAPoint: 3,
  },
  {
    id: 'wet-before-acid',
    kind: 'bowl',
    title: 'Wet before the acid',
    task: 'A hand slipped with the oil, and the acid isn’t in yet. Dry the bowl first, then add the acid and press.',
    family: 'bath-bomb',
    methods: ['press'],
    mix: BATH,
    movedId: 'sweet-almond-oil',
    begins: [[1.15, 1.35]],
    humidityPct: [42, 52],
    acidIn: false,
    doses: [SODA, STARCH, KAOLIN],
    roundsForAPoint: 3,
  },
  {
    id: 'cracks-at-press',
    kind: 'bowl',
    title: 'It cracks at the press',
    task: 'The acid is in, you sprayed water twice, and the first ball still cracked as it left the mold. Save the rest of the bowl.',
    family: 'bath-bomb',
    methods: ['press'],
    mix: BATH,
    movedId: 'sweet-almond-oil',
    begins: [[-0.6, -0.3]],
    humidityPct: [40, 50],
    acidIn: true,
    lateWaterG: 1.3,
    doses: [OIL, MUCH_OIL, WATER, ALCOHOL],
    roundsForAPoint: 3,
  },
  {
    id: 'hand-molds',
    kind: 'bowl',
    title: 'The same bowl, hand molds',
    task: 'The press was happy with this bowl. Now you fill two half shells by hand, and they want more.',
    family: 'bath-bomb',
    methods: ['hand'],
    mix: BATH,
    movedId: 'sweet-almond-oil',
    begins: [[-0.5, -0.2]],
    humidityPct: [42, 50],
    acidIn: true,
    doses: [OIL, MUCH_OIL, WATER],
    roundsForAPoint: 3,
    heldForPress: true,
  },
  {
    id: 'steamer',
    kind: 'bowl',
    title: 'A steamer by spray',
    task: 'No oil in a steamer: it holds by a spray alone. You don’t know this sprayer yet. Weigh ten squirts, or feel your way.',
    family: 'shower-steamer',
    methods: ['press'],
    mix: STEAMER,
    movedId: 'witch-hazel',
    begins: [[-0.25, -0.1]],
    humidityPct: [40, 50],
    acidIn: true,
    doses: [WITCH_HAZEL, WATER, ALCOHOL],
    roundsForAPoint: 3,
  },
  {
    id: 'salts',
    kind: 'bowl',
    title: 'Salts that clump',
    task: 'Fizzing salts must pour. These hold together in the hand. Bring them to where they run, then fill the jar.',
    family: 'fizzing-salts',
    methods: ['loose'],
    mix: SALTS,
    movedId: 'witch-hazel',
    begins: [[1.25, 1.7]],
    humidityPct: [40, 50],
    acidIn: true,
    doses: [
      STARCH,
      { materialId: 'dendritic-salt', massG: 20 },
      { materialId: 'sea-salt', massG: 20 },
    ],
    roundsForAPoint: 2,
  },
  {
    id: 'warts',
    kind: 'cause',
    title: 'Warts the next day',
    task: 'Yesterday’s balls have warts. Read the record, name the cause, and say what to change.',
  },
  {
    id: 'dye',
    kind: 'dye',
    title: 'A dye that stains',
    task: 'The last bowl left a ring in the tub. Find how much of this dye colors the water as ordered and leaves no ring.',
  },
  {
    id: 'blind',
    kind: 'bowl',
    title: 'Blind',
    task: 'Nobody tells you the room, the mold or the mix. You have your hand.',
    family: 'bath-bomb',
    methods: ['press', 'hand', 'detail', 'silicone'],
    mix: BATH,
    movedId: 'sweet-almond-oil',
    begins: [
      [-0.7, -0.25],
      [1.1, 1.25],
    ],
    humidityPct: [30, 58],
    acidIn: true,
    doses: [OIL, WATER, STARCH, KAOLIN],
    roundsForAPoint: 4,
    isBlind: true,
  },
] as const satisfies readonly Lesson[];

/** @throws RangeError for an id that is no lesson */
export function lessonById(id: LessonId): Lesson {
  const lesson = LESSONS.find((one) => one.id === id);
  if (!lesson) throw new RangeError(`there is no lesson ${id}`);
  return lesson;
}
