import type { Family } from '@/core/formula/model/schema';

/** Categories of a fragrance certificate that bear on what is made here. */
export const SCENT_CATEGORIES = ['9', '10A', '10B', '12'] as const;
export type ScentCategory = (typeof SCENT_CATEGORIES)[number];

/**
 * The category a family is judged by. A steamer could pass as something that scents the air, but feet stand in what it
 * leaves: it is judged as a bath. Common practice; not checked against the current standard.
 */
const CATEGORY_OF: Readonly<Record<Family, ScentCategory>> = {
  'bath-bomb': '9',
  'fizzing-salts': '9',
  'shower-steamer': '9',
  'cleaning-fizzy': '10A',
};

export function scentCategoryOf(family: Family): ScentCategory {
  return CATEGORY_OF[family];
}
