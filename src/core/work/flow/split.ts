import type { FormulaBody, Line, Part } from '@/core/formula/model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { needsBloom, routesOf, type Route } from './routes';
import type { WorkFacts } from './types';

/** How a bowl of two colors is weighed once and parted. */
export interface Split {
  readonly part: Part;
  /** The line of the split that is weighed together with a line of the main mix, by the id of the latter. */
  readonly twins: ReadonlyMap<string, Line>;
  /** Lines of the split alone: its color, and its acid when the bowl is parted before the acid. */
  readonly own: readonly Line[];
  /** What comes after the parting, weighed into the second bowl by itself: acid, foaming powder, what is sprayed. */
  readonly late: readonly Line[];
  /** Colors of the main mix alone, with the water a dye is bloomed in: they wait until the bowl is parted. */
  readonly ownOfMain: readonly Line[];
  /** Of what lies in the bowl when it is parted, what goes into the second one, 0 to 1. */
  readonly share: number;
  /** A dye that is bloomed must not meet the acid: such a bowl is parted first. */
  readonly isBeforeAcid: boolean;
}

/** What goes in once the mix is right: of a bowl that is parted before, each half gets its own. */
const AFTER_PARTING: readonly Route[] = ['foam', 'acid', 'spray'];

/** @param isBloomed is this color a powder dye?
 * @returns null for a formula of one color, or one whose split shares nothing with the main mix */
export function splitOf(
  main: Part,
  part: Part | undefined,
  { weighG, counted, catalog }: WorkFacts,
  isBloomed: (line: Line) => boolean,
): Split | null {
  if (!part) return null;
  const colorsOf = ({ lines }: Part) => lines.filter(({ phase }) => phase === 'color');
  const isShared = (line: Line, other: Part) =>
    other.lines.some(({ materialId }) => materialId === line.materialId);
  const isBeforeAcid =
    colorsOf(part).some((line) => !isShared(line, main) && isBloomed(line)) ||
    colorsOf(main).some((line) => !isShared(line, part) && isBloomed(line));
  /** Drops and spoons are counted for each bowl by itself. */
  const goesOverScale = ({ id }: Line) => !counted.has(id);
  /** A bowl that is parted before the acid has two of all that comes after. */
  const routes = new Map(
    [main, part].flatMap((one) =>
      routesOf(one, catalog).map(({ line, route }) => [line.id, route] as const),
    ),
  );
  const routeOf = ({ id }: Line): Route => routes.get(id) ?? 'powder';
  const isLate = (line: Line) => isBeforeAcid && AFTER_PARTING.includes(routeOf(line));
  const twins = new Map<string, Line>();
  for (const line of main.lines) {
    const taken = new Set([...twins.values()].map(({ id }) => id));
    const twin = part.lines.find(
      ({ id, materialId, phase }) =>
        materialId === line.materialId && phase === line.phase && !taken.has(id),
    );
    if (twin && !isLate(line) && !isLate(twin) && goesOverScale(line) && goesOverScale(twin))
      twins.set(line.id, twin);
  }
  if (twins.size === 0) return null;
  const joined = new Set([...twins.values()].map(({ id }) => id));
  const alone = part.lines.filter(({ id }) => !joined.has(id));
  const ownColors = colorsOf(main).filter(({ id }) => !twins.has(id));
  // A dye that waits keeps its water with it.
  const ownWater = ownColors.some(isBloomed)
    ? main.lines.filter((line) => routeOf(line) === 'bloom-water' && !twins.has(line.id))
    : [];
  const ownOfMain = [...ownColors, ...ownWater];
  const sum = (lines: Iterable<Line>) =>
    [...lines].reduce((total, { id, massG }) => total + (weighG.get(id) ?? massG), 0);
  const secondG = sum(twins.values());
  const bowlG =
    sum(main.lines.filter((line) => !ownOfMain.includes(line) && !isLate(line))) + secondG;
  return {
    part,
    twins,
    own: alone.filter((line) => !isLate(line)),
    late: alone.filter(isLate),
    ownOfMain,
    share: bowlG > 0 ? secondG / bowlG : 0.5,
    isBeforeAcid,
  };
}

/** How this formula's bowl is parted; null where nothing is. */
export function partedBowl(body: FormulaBody, facts: WorkFacts): Split | null {
  const [main] = body.parts;
  return main ? splitOf(main, secondColor(body), facts, bloomsIn(facts)) : null;
}

/** The part that shares its bowl with the main mix; loose salts are mixed color by color. */
export function secondColor({ parts, method }: FormulaBody): Part | undefined {
  return method === 'loose'
    ? undefined
    : parts.find(({ kind, lines }) => kind === 'split' && lines.length > 0);
}

/** Is this color a powder dye? */
export function bloomsIn({ catalog }: WorkFacts): (line: Line) => boolean {
  return ({ materialId }) => needsBloom(materialById(catalog, materialId));
}
