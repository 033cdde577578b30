import { guardSpare } from '@/storage/spare/guard';

/** What the worker at the spare copy does: it stands by as long as it lives. */
export const spareApi = { guard: guardSpare };
export type SpareApi = typeof spareApi;
