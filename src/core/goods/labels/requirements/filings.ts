import type { LabelKind } from '../soldAs';
import type { Market } from '../market';

export const FILINGS = ['cpnp', 'scpn', 'us-facility', 'us-listing', 'poison-center'] as const;
/** What a maker has told an authority before a thing is sold. */
export type Filing = (typeof FILINGS)[number];

export interface FilingRow {
  readonly market: Market;
  readonly isFor: (kind: LabelKind) => boolean;
  /** Only of what is classified as hazardous to health or by its physics. */
  readonly onlyHazardous: boolean;
  /** Small businesses may be free of it. */
  readonly isMaybe: boolean;
  readonly title: string;
  readonly rule: string;
}

const isCosmetic = (kind: LabelKind) => kind === 'cosmetic';
const isHousehold = (kind: LabelKind) => kind !== 'cosmetic';
const plain = { onlyHazardous: false, isMaybe: false } as const;

/** Not checked against the current rules. */
export const FILING_ROWS: Readonly<Record<Filing, FilingRow>> = {
  cpnp: {
    ...plain,
    market: 'eu',
    isFor: isCosmetic,
    title: 'Notified in the EU (CPNP)',
    rule: 'EU 1223/2009, article 13',
  },
  scpn: {
    ...plain,
    market: 'uk',
    isFor: isCosmetic,
    title: 'Notified in the UK (SCPN)',
    rule: 'UK Cosmetics Regulation (1223/2009 as kept), article 13',
  },
  'us-facility': {
    ...plain,
    market: 'us',
    isFor: isCosmetic,
    isMaybe: true,
    title: 'Workshop registered in the US',
    rule: 'US FD&C Act 607 (a)',
  },
  'us-listing': {
    ...plain,
    market: 'us',
    isFor: isCosmetic,
    isMaybe: true,
    title: 'Product listed in the US',
    rule: 'US FD&C Act 607 (c)',
  },
  'poison-center': {
    market: 'eu',
    isFor: isHousehold,
    onlyHazardous: true,
    isMaybe: false,
    title: 'Notified to the poison centers',
    rule: 'EU 1272/2008, article 45 and annex VIII',
  },
};

/** What is to be filed for these kinds of product in these markets. */
export function filingsFor(
  markets: readonly Market[],
  kinds: readonly LabelKind[],
  isHazardous: boolean,
): readonly Filing[] {
  return FILINGS.filter((one) => {
    const { market, isFor, onlyHazardous } = FILING_ROWS[one];
    return markets.includes(market) && kinds.some(isFor) && (isHazardous || !onlyHazardous);
  });
}
