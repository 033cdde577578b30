import { toBatch, toLot } from '@/shared/addresses';
import type { RouteLocationRaw } from 'vue-router';
import { sayReminder } from '@/core/goods/quality/messages';
import type { Reminder } from '@/core/goods/quality/reminders';
import { useWorkshopStore } from '@/stores/workshop';
import { useMaterials } from '@/ui/fields/materials';

export interface ReminderLine {
  readonly id: string;
  readonly about: string;
  readonly said: string;
  readonly to: RouteLocationRaw;
}

/** Reminders as lines that lead where they are done. */
export function useReminders() {
  const workshop = useWorkshopStore();
  const { nameOf } = useMaterials();
  const names = {
    codeOfBatch: (id: string) => workshop.codeOfBatch(id) ?? 'Removed batch',
    codeOfLot: (id: string) => workshop.lots.find((lot) => lot.id === id)?.code ?? 'Removed lot',
    nameOf,
  };
  const reminderLine = (of: Reminder): ReminderLine => ({
    id: of.id,
    ...sayReminder(of, names),
    to: whereOf(of),
  });
  return { reminderLine };
}

function whereOf(of: Reminder): RouteLocationRaw {
  const shelf = (side: string) => ({ name: 'shelf', params: { side } });
  switch (of.kind) {
    case 'retained-sample':
    case 'stability':
      return { name: 'try', params: { view: 'retained' } };
    case 'lot':
      return toLot(of.lotId);
    case 'document':
      return of.document.lotId === null ? shelf('materials') : toLot(of.document.lotId);
    case 'scale-check':
    case 'cleaning':
      return shelf('log');
    case 'complaint':
      return toBatch(of.batchId);
  }
}
