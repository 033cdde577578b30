import type { FormulaBody, Method } from '../formula';
import type { Catalog } from '../materials';
import type { BenchScale } from '../weighing';
import { todo } from './handwork';
import type { BenchStep, Tending } from './steps';

/** What the bench has to know beside the lines: the materials, one piece as it leaves the press, and the scales that stand there. */
export interface BenchFacts {
  readonly catalog: Catalog;
  readonly pieceG: number;
  readonly pieces: number;
  /** Step of the scale the pieces are filled on. */
  readonly stepG: number;
  /** For what is weighed for two bowls at once; left out, the coarser of the two planned steps. */
  readonly scales?: readonly BenchScale[];
}

/** How pieces are formed, by method. Common practice. */
const PRESSING: Readonly<Record<Exclude<Method, 'loose'>, string>> = {
  hand: 'Overfill both halves, mound the middle, push together without twisting, wipe the seam, rest five minutes, tap, open.',
  press:
    'Ring at the bottom, fill, one firm pat near the top, mound, press, twist to free. Fingers out.',
  silicone: 'Push the corners, level with a blade, leave it in.',
  detail: 'Press the details first; hide the embed well inside.',
  'in-pack': 'Press it into the pack it is sold in; nothing is unmolded.',
};

export function pressing({ method }: FormulaBody, piece: BenchFacts): BenchStep {
  if (method === 'loose')
    return todo('press', 'Spread to dry', 'Thin on paper; jar it only when it pours.');
  return {
    id: 'press',
    kind: 'press',
    title: 'Fill and press',
    note: PRESSING[method],
    targetG: piece.pieceG,
    stepG: piece.stepG,
    pieces: piece.pieces,
  };
}

const WORDS: Readonly<Record<Tending, readonly [title: string, note: string]>> = {
  turn: ['Turn the pieces', 'Once they can be touched; do not lift until hard.'],
  ice: ['Ice the pieces', 'Icing wants two to three days of its own.'],
  paint: ['Paint', 'The next day, with mica in 99 % alcohol: water sets the surface off.'],
  wrap: ['Wrap', 'Only when dry through: a closed pack keeps what water is left.'],
};

/** What waits for the tray and the next day. Common practice. */
export function afterwards(body: FormulaBody): readonly BenchStep[] {
  const has = (kind: string) => body.parts.some((part) => part.kind === kind);
  const stays = body.method === 'in-pack' || body.method === 'silicone' || body.method === 'loose';
  const whats: readonly Tending[] = [
    ...(stays ? [] : (['turn'] as const)),
    ...(has('icing') ? (['ice'] as const) : []),
    ...(has('paint') ? (['paint'] as const) : []),
    'wrap',
  ];
  return whats.map((what) => {
    const [title, note] = WORDS[what];
    return {
      id: `later:${what}`,
      kind: 'later',
      what,
      title: what === 'wrap' && body.method === 'loose' ? 'Fill the jars' : title,
      note,
    };
  });
}
