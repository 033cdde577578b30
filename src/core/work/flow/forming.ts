import type { FormulaBody, Method } from '@/core/formula/model/schema';
import { linesOf, type Cook } from './cook';
import type { Operation } from './types';

/** Hours until a piece is hard, by how it is formed. Common practice: pressed 12 to 24, hand-molded 24 to 48. */
const DRY_H: Readonly<Record<Method, readonly [low: number, high: number]>> = {
  press: [12, 24],
  hand: [24, 48],
  silicone: [24, 48],
  detail: [24, 48],
  'in-pack': [24, 48],
  loose: [4, 12],
};
/** A hand-shut shell stands this long before it is opened. Common practice. */
const REST_MIN: Readonly<Partial<Record<Method, number>>> = { hand: 5, detail: 5 };
/** The mix dries and works while it waits for the press. Common practice: test again every few minutes. */
const FILL_WITHIN_MIN = 15;

/** What is laid in, filled, shut, opened and set on the tray, and the days after up to what is put on them. */
export function forming(
  body: FormulaBody,
  cook: Cook,
  {
    floors,
    tops,
    besides,
    fillMin,
  }: {
    readonly floors: readonly Cook[];
    readonly tops: readonly Cook[];
    /** Mixes of their own that lie loose beside the main one. */
    readonly besides: readonly Cook[];
    /** Minutes to fill and form them all. */
    readonly fillMin: number;
  },
): readonly Operation[] {
  const { method } = body;
  const mold = cook.in('mold');
  const tray = cook.in('tray');
  const bowl = cook.in('bowl');
  if (method === 'loose')
    return [
      cook.op('tray', 'spread', tray, { from: bowl }),
      ...besides.map((part) => part.op('tray', 'spread', tray, { from: part.in('dish') })),
      drying(cook, method),
    ];
  const ownFloor = linesOf(cook.by('floor'));
  const ownTop = linesOf(cook.by('top'));
  const rest = REST_MIN[method] ?? 0;
  const staysIn = method === 'in-pack' || method === 'silicone';
  return [
    ...(ownFloor.length > 0 ? [cook.op('lay', 'lay', mold, { lines: ownFloor })] : []),
    ...floors.map((floor) => floor.op('lay', 'lay', mold, { lines: floor.part.lines })),
    cook.op('fill', 'fill', mold, {
      from: bowl,
      waitMaxMin: FILL_WITHIN_MIN,
      minutes: fillMin,
    }),
    ...(ownTop.length > 0 ? [cook.op('top', 'top', mold, { lines: ownTop })] : []),
    ...tops.map((top) => top.op('top', 'top', mold, { lines: top.part.lines })),
    ...(rest > 0 ? [cook.op('rest', 'rest', mold, { waitMinMin: rest })] : []),
    ...(staysIn
      ? []
      : [cook.op('unmold', 'unmold', mold), cook.op('tray', 'tray', tray, { from: mold })]),
    cook.op('count', 'count', staysIn ? mold : tray),
    ...(staysIn ? [] : [cook.op('turn', 'turn', tray, { isLater: true })]),
    drying(cook, method),
    ...(method === 'silicone' ? [cook.op('unmold', 'unmold', mold, { isLater: true })] : []),
  ];
}

/** What lies under and on the pieces, weighed while nothing waits for it yet. */
export function laidReady(cook: Cook): readonly Operation[] {
  return cook.weigh(linesOf(cook.by('floor', 'top')), cook.in('dish'));
}

function drying(cook: Cook, method: Method): Operation {
  const [low, high] = DRY_H[method];
  return cook.op('dry', 'dry', cook.in('tray'), {
    waitMinMin: low * 60,
    waitMaxMin: method === 'loose' ? high * 60 : null,
    isLater: true,
  });
}

/** The end of it: wrapped, or filled into jars and only then counted. */
export function finishing({ method }: FormulaBody, cook: Cook): readonly Operation[] {
  return method === 'loose'
    ? [
        cook.op('jar', 'jar', cook.in('jar'), { from: cook.in('tray'), isLater: true }),
        cook.op('count', 'count', cook.in('jar'), { isLater: true }),
      ]
    : [cook.op('wrap', 'wrap', cook.in('tray'), { isLater: true })];
}
