import { useWorkshopStore } from '@/stores/workshop';
import { findBySlug, slugOf } from './addresses';
import { useAddress } from './useAddress';

/** The formula in hand and the address of a screen that shows it. @param to route that bears it, where the bare one does not */
export function useFormulaAddress(names: readonly [string, ...string[]], to?: string): void {
  const workshop = useWorkshopStore();
  useAddress({
    names,
    param: 'formula',
    ...(to !== undefined && { to }),
    current: () => workshop.formulaInHand?.id ?? null,
    keyOf: (id) => {
      const formula = workshop.formulas.find((one) => one.id === id);
      return formula ? slugOf(formula) : null;
    },
    find: (slug) => findBySlug(slug, workshop.formulas)?.id ?? null,
    choose: (id) => workshop.changeSettings({ formulaInHandId: id }),
  });
}
