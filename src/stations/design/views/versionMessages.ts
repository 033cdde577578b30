import type { Evaluation } from '@/core/results/evaluation/types';
import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

export interface ReadingRow {
  readonly name: string;
  readonly before: string;
  readonly after: string;
}

/** The readings of two versions side by side, as they are said. */
export function readingRows(before: Evaluation, after: Evaluation): readonly ReadingRow[] {
  const row = (name: string, say: (evaluation: Evaluation) => string) => ({
    name,
    before: say(before),
    after: say(after),
  });
  const or = (value: number | null | undefined, decimals: number) =>
    value === null || value === undefined ? '–' : formatFixed(value, decimals);
  return [
    row('Total', ({ totalG }) => formatMass(totalG)),
    row('Soda to acid', ({ fizz }) => or(fizz.sodaToAcidByMass, 2)),
    row('Moisture', ({ binder }) => or(binder.dampIndexPct, 1)),
    row('Loose water', ({ binder }) => formatPercent(binder.freeWaterPct, 1)),
    row('Scent', ({ scent }) => formatPercent(scent.loadPct, 2)),
    row('Water, fresh pH', ({ water }) => or(water?.phFresh, 1)),
    row('Lasts', ({ lasting }) => {
      if (!lasting) return '–';
      return lasting.kind === 'showered'
        ? `${formatFixed(lasting.showers.best, 1)} showers`
        : `${formatFixed(lasting.goneS.best / 60, 1)} min`;
    }),
    row('Checks', ({ findings }) =>
      String(findings.filter(({ severity }) => severity !== 'info').length),
    ),
  ];
}
