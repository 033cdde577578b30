import { catalogWith } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';
import {
  workshopRows,
  type TaughtQuestion,
  type WorkshopRows,
} from '@/core/workshop/taught/workshopRows';

/** What the worker answers: the core's function. */
export const taughtApi = {
  taught(question: TaughtQuestion, own: readonly OwnMaterial[]): WorkshopRows {
    return workshopRows(question, catalogWith(own));
  },
};
export type TaughtApi = typeof taughtApi;
