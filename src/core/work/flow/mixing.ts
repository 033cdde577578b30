import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { cookOf, linesOf, type Cook } from './cook';
import { clumps, isWatery } from './routes';
import type { Operation, Vessel, WorkFacts } from './types';
import { wetting } from './wetting';
import type { Split } from './split';

const NONE: ReadonlySet<string> = new Set();

/** A small mix of its own. */
export interface Mixing {
  /** All but the acid. */
  readonly ahead: readonly Operation[];
  /** From the acid on. */
  readonly acid: readonly Operation[];
  /** Water lies in it: it must not stand with the acid in. */
  readonly isWet: boolean;
}

/**
 * The main mix: powders that clump through the sieve, coarse grains after it, color, the long mix, the pan and the
 * beaker, the squeeze, acid last. With the school "all dry first" the acid goes in after the dye, whose water it must not
 * meet, and the foaming powder ends the dry mix.
 */
export function mainMixing(
  body: FormulaBody,
  cook: Cook,
  split: Split | null,
  facts: WorkFacts,
  /** Acids of wet embeds, mixed in right before this mix begins to work. */
  wetAcids: readonly Operation[] = [],
): readonly Operation[] {
  const bowl = cook.in('bowl');
  const beaker = cook.in('beaker');
  // A bowl that is parted for the dye of one half gets its acid after that, whatever the school.
  const isAcidLast = body.school === 'acid-last' || split?.isBeforeAcid === true;
  const wet = wetting(cook, beaker);
  const acids = linesOf(cook.by('acid'));
  const foams = linesOf(cook.by('foam'));
  const waits = new Set(split?.ownOfMain.map(({ id }) => id));
  const powders = cook.by('powder');
  const coarse = linesOf(cook.by('coarse'));
  const dryAcid = isAcidLast ? [] : acids;
  const dryKinds = new Set(
    [...linesOf(powders), ...coarse, ...dryAcid].map(({ materialId }) => materialId),
  );
  const colored = coloring(cook, bowl, waits);
  const sieved = powders.filter(({ material }) => clumps(material));
  const parted = split ? parting(cook, split, facts) : [];
  const lateLines = isAcidLast ? [...foams, ...acids] : [];
  const isSqueezed = body.method !== 'loose';
  /** What comes into the second bowl once both are mixed. */
  const late = cookOf({ ...cook.part, lines: [...(split?.late ?? [])] }, true, facts);
  const second = cook.in('second-bowl');
  return [
    ...wet.infusing,
    ...cook.weigh(linesOf(powders), bowl),
    ...(sieved.length > 0 ? [cook.op('sieve', 'sieve', bowl, { lines: linesOf(sieved) })] : []),
    ...cook.weigh(coarse, bowl),
    ...colored,
    ...cook.weigh(dryAcid, bowl),
    ...(dryKinds.size > 1
      ? [cook.op('mix', 'mix-dry', bowl)]
      : colored.length > 0
        ? [cook.op('mix', 'mix-color', bowl)]
        : []),
    ...(isAcidLast ? [] : foaming(cook, bowl, foams)),
    ...wet.heating,
    ...wet.beaker,
    ...(isAcidLast ? [] : wetAcids),
    ...(wet.isAny
      ? [
          cook.op('mix', 'mix-wet', bowl, { from: beaker }),
          ...(facts.isSmall ? [] : [cook.op('scrape', 'scrape', bowl)]),
        ]
      : []),
    ...(split?.isBeforeAcid ? parted : []),
    ...(isSqueezed && (wet.isAny || !isAcidLast)
      ? [
          isAcidLast
            ? cook.op('squeeze', 'squeeze-before', bowl)
            : cook.op('squeeze', 'squeeze', bowl),
        ]
      : []),
    ...(isAcidLast ? wetAcids : []),
    ...(lateLines.length > 0
      ? [
          ...cook.weigh(lateLines, bowl),
          ...(split ? late.weigh(lateDry(late), second) : []),
          cook.op('mix', 'mix-acid', bowl),
          ...spraying(body, cook, bowl),
          ...sprayed(late, second),
          ...(isSqueezed ? [cook.op('squeeze', 'squeeze-after', bowl, { lines: acids })] : []),
        ]
      : spraying(body, cook, bowl, cook.by('spray').length > 0)),
    ...(split && !split.isBeforeAcid ? parted : []),
  ];
}

/** An embed or a topping is a small mix in its own dish, acid last in it too. Common practice. */
export function smallMixing(cook: Cook): Mixing {
  const dish = cook.in('dish');
  const cup = cook.in('beaker');
  const wet = wetting(cook, cup);
  const acids = linesOf(cook.by('acid'));
  const powders = cook.by('powder');
  const coarse = linesOf(cook.by('coarse', 'floor', 'top', 'foam'));
  const sieved = powders.filter(({ material }) => clumps(material));
  const sprayed = linesOf(cook.by('spray'));
  const isWetted = wet.isAny || sprayed.length > 0 || hasLooseWater(cook);
  return {
    isWet: cook.routed.some(({ material }) => isWatery(material)),
    ahead: [
      ...wet.infusing,
      ...wet.heating,
      ...cook.weigh(linesOf(powders), dish),
      ...(sieved.length > 0 ? [cook.op('sieve', 'sieve', dish, { lines: linesOf(sieved) })] : []),
      ...cook.weigh(coarse, dish),
      ...coloring(cook, dish, NONE),
      ...wet.beaker,
      ...cook.weigh(sprayed, cup),
      ...(isWetted || cook.routed.length - acids.length > 1
        ? [cook.op('mix', 'mix-part', dish, isWetted ? { from: cup } : {})]
        : []),
    ],
    acid: acids.length > 0 ? [...cook.weigh(acids, dish), cook.op('mix', 'mix-acid', dish)] : [],
  };
}

/** Dye is bloomed in its own water and poured into a furrow; mica is rubbed in. */
export function coloring(
  cook: Cook,
  bowl: Vessel,
  waits: ReadonlySet<string>,
): readonly Operation[] {
  const cup = cook.in('cup');
  const here = ({ line }: { readonly line: Line }) => !waits.has(line.id);
  const dyes = cook.by('bloom').filter(here);
  const rubbed = linesOf(cook.by('rub').filter(here));
  const water = linesOf(cook.by('bloom-water').filter(here));
  return [
    ...cook.weigh(rubbed, bowl),
    ...(rubbed.length > 0 ? [cook.op('mix', 'rub-in', bowl, { lines: rubbed })] : []),
    ...(dyes.length > 0
      ? [
          ...cook.weigh([...linesOf(dyes), ...water], cup),
          cook.op('bloom', 'bloom', cup, { lines: [...linesOf(dyes), ...water] }),
          cook.op('pour', 'furrow', bowl, { from: cup }),
        ]
      : cook.weigh(water, cook.in('beaker'))),
  ];
}

/** Foaming powder comes gently at the end of the dry mix, so that it does not fly. Common practice. */
function foaming(cook: Cook, bowl: Vessel, foams: readonly Line[]): readonly Operation[] {
  return foams.length === 0
    ? []
    : [...cook.weigh(foams, bowl), cook.op('mix', 'mix-foam', bowl, { lines: foams })];
}

/** What the recipe sprays, or short sprays of water where the mix asks for them. Common practice. */
function spraying(
  { method, family }: FormulaBody,
  cook: Cook,
  bowl: Vessel,
  isWanted = true,
): readonly Operation[] {
  const own = sprayed(cook, bowl);
  if (own.length > 0) return own;
  return !isWanted || method === 'loose' || family === 'cleaning-fizzy'
    ? []
    : [cook.op('spray', 'spray', bowl)];
}

/** Lines that are sprayed, or go in by the spoon. */
function sprayed(cook: Cook, vessel: Vessel): readonly Operation[] {
  return cook.by('spray').map(({ line }) =>
    cook.op('spray', line.how === 'by-the-spoon' ? 'by-spoon' : 'spray', vessel, {
      mark: line.id,
      lines: [line],
    }),
  );
}

const lateDry = (late: Cook) => linesOf(late.routed.filter(({ route }) => route !== 'spray'));

/** The bowl is parted, then each color goes into its own half, with what else is its own. */
function parting(cook: Cook, split: Split, facts: WorkFacts): readonly Operation[] {
  const bowl = cook.in('bowl');
  const second = cook.in('second-bowl');
  const own = cookOf({ ...split.part, lines: [...split.own] }, false, facts);
  const late = cookOf({ ...cook.part, lines: [...split.ownOfMain] }, false, facts);
  const beaker = own.in('beaker');
  const wet = wetting(own, beaker);
  const sprayed = linesOf(own.by('spray'));
  const isWetted = wet.isAny || sprayed.length > 0 || hasLooseWater(own);
  const mark = split.part.id;
  return [
    ...wet.infusing,
    ...wet.heating,
    cook.op('part', 'part', second, { mark, lines: [], from: bowl }),
    ...coloring(late, bowl, NONE),
    ...own.weigh(linesOf(own.by('powder', 'coarse', 'foam', 'floor', 'top')), second),
    ...coloring(own, second, NONE),
    ...own.weigh(linesOf(own.by('acid')), second),
    ...wet.beaker,
    ...own.weigh(sprayed, beaker),
    cook.op('mix', 'mix-second', second, { mark, ...(isWetted && { from: beaker }) }),
    ...(split.ownOfMain.length > 0 ? [cook.op('mix', 'mix-first', bowl)] : []),
  ];
}

/** Water that was meant for a dye which is not there goes into the beaker. */
function hasLooseWater(cook: Cook): boolean {
  return cook.by('bloom').length === 0 && cook.by('bloom-water').length > 0;
}
