import { powderHexOf } from '@/shared/formulaColor';
import { useWorkshopStore } from '@/stores/workshop';

/** The color of a formula’s powder, for what stands for it in the plan; paper for what has none. */
export function useBarColor(): (formulaId: string | null) => string {
  const workshop = useWorkshopStore();
  return (formulaId) => {
    const formula = workshop.formulas.find(({ id }) => id === formulaId);
    return formula ? powderHexOf(formula.body, workshop.catalog) : 'var(--paper)';
  };
}
