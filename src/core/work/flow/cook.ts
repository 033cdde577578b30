import type { Line, Part } from '@/core/formula/model/schema';
import type { OpKind, VesselKind } from '@/core/formula/model/kinds';
import { usualMinutes } from './minutes';
import { routesOf, type Route, type RoutedLine } from './routes';
import type { Need, Operation, Saying, Vessel, Waits, WorkFacts } from './types';

export interface OpMore {
  /** Told apart from others of the same saying. */
  readonly mark?: string;
  readonly from?: Vessel;
  readonly lines?: readonly Line[];
  readonly waitMinMin?: number;
  readonly waitMaxMin?: number | null;
  readonly minutes?: number;
  readonly isLater?: boolean;
}

/** What lays out the operations of one part: its lines by route, its vessels, and operations with stable names. */
export interface Cook {
  readonly part: Part;
  readonly routed: readonly RoutedLine[];
  readonly waits: Waits;
  readonly by: (...routes: readonly Route[]) => readonly RoutedLine[];
  readonly in: (kind: VesselKind) => Vessel;
  readonly op: (op: OpKind, saying: Saying, vessel: Vessel, more?: OpMore) => Operation;
  /** One weighing a line. */
  readonly weigh: (lines: readonly Line[], vessel: Vessel, isLater?: boolean) => Operation[];
}

const NEEDS: Readonly<Partial<Record<OpKind, Need>>> = {
  melt: 'heat',
  warm: 'heat',
  infuse: 'heat',
  mix: 'mixer',
  fill: 'press',
  dry: 'tray',
  tray: 'tray',
};

/** Names that records of earlier releases know. */
const KNOWN_AS: Readonly<Partial<Record<Saying, string>>> = {
  fill: 'press',
  squeeze: 'squeeze-before',
  part: 'split',
};

/** @param isMain operations of the main mix keep short names: records of earlier releases know them
 * @param twins lines of another part that are weighed together with one of this part, by the id of the latter */
export function cookOf(
  part: Part,
  isMain: boolean,
  facts: WorkFacts,
  twins: ReadonlyMap<string, Line> = new Map(),
): Cook {
  const routed = routesOf(part, facts.catalog);
  const vessel = (kind: VesselKind): Vessel => ({ kind, partId: part.id });
  const suffix = isMain ? '' : `:${part.id}`;
  /** What was weighed together is put on together. */
  const withTwins = (lines: readonly Line[]) =>
    lines.flatMap((line) => [line, ...[twins.get(line.id) ?? []].flat()]);
  const op: Cook['op'] = (kind, saying, at, more = {}) => ({
    id: `${KNOWN_AS[saying] ?? saying}${more.mark === undefined ? suffix : `:${more.mark}`}`,
    op: kind,
    saying,
    partId: part.id,
    vessel: at,
    from: more.from ?? null,
    lineIds: (kind === 'top' || kind === 'lay' || kind === 'spray'
      ? withTwins(more.lines ?? [])
      : (more.lines ?? [])
    ).map(({ id }) => id),
    minutes: more.minutes ?? usualMinutes(saying, facts.pieces, facts.isSmall),
    waitMinMin: more.waitMinMin ?? 0,
    waitMaxMin: more.waitMaxMin === undefined ? null : more.waitMaxMin,
    needs: NEEDS[kind] ?? null,
    isLater: more.isLater ?? false,
    said: '',
  });
  return {
    part,
    routed,
    waits: facts.waits ?? {},
    by: (...routes) => routed.filter(({ route }) => routes.includes(route)),
    in: vessel,
    op,
    weigh: (lines, at, isLater = false) =>
      lines.map((line) => {
        const twin = twins.get(line.id);
        const together = twin ? [line, twin] : [line];
        return op('weigh', 'weigh', at, { mark: line.id, lines: together, isLater });
      }),
  };
}

/** How long it waits: as the maker says, else as is usual. */
export function waiting(
  saidMin: number | undefined,
  usualMin: number,
  usualMaxMin: number,
): Required<Pick<OpMore, 'waitMinMin' | 'waitMaxMin'>> {
  return saidMin === undefined
    ? { waitMinMin: usualMin, waitMaxMin: usualMaxMin }
    : { waitMinMin: saidMin, waitMaxMin: Math.max(saidMin, usualMaxMin) };
}

export function linesOf(routed: readonly RoutedLine[]): readonly Line[] {
  return routed.map(({ line }) => line);
}
