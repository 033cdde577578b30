import { from, type Sourced } from '../sources';
import type { ProductUse, Restriction } from './restrictions';

const regulation = from('regulation');

/** Where a color may go: `external` keeps off mucous membranes, which bath water reaches. */
type Listing = 'general' | 'external' | 'unlisted';

interface ColorListing {
  readonly us: Listing;
  readonly eu: Listing;
  /** In the US only from a batch that the authority has certified. */
  readonly isCertified: boolean;
}

const dye = (us: Listing = 'general', eu: Listing = 'general'): ColorListing => ({
  us,
  eu,
  isCertified: true,
});
const mineral = (us: Listing = 'general', eu: Listing = 'general'): ColorListing => ({
  us,
  eu,
  isCertified: false,
});

/** By color index number. Source: US 21 CFR 73, 74, 82 and EU Regulation 1223/2009 annex IV, not looked up; local rules decide. */
const LISTINGS: Readonly<Record<string, ColorListing>> = {
  '42090': dye(),
  '42053': dye(),
  '61570': dye(),
  '19140': dye(),
  '15985': dye(),
  '16035': dye(),
  '17200': dye(),
  '45410': dye(),
  '45380': dye(),
  '15850': dye(),
  '73360': dye(),
  '60725': dye('external'),
  '60730': dye('external', 'external'),
  '15510': dye('external', 'external'),
  '77007': mineral('external'),
  '77288': mineral('external'),
  '77510': mineral('external'),
  '77742': mineral(),
  '77491': mineral(),
  '77492': mineral(),
  '77499': mineral(),
  '77891': mineral(),
  '75470': mineral(),
};

/** INCI names of colors that have no number. */
const BY_NAME: Readonly<Record<string, ColorListing>> = {
  'Charcoal Powder': mineral('unlisted'),
};

const TUB: readonly ProductUse[] = ['tub'];
const SKIN: readonly ProductUse[] = ['tub', 'shower'];
const CARMINE = '75470';

function listingsIn(inci: string): readonly ColorListing[] {
  const numbers = [...inci.matchAll(/CI (\d{5})/g)].map(([, number = '']) => number);
  return [
    ...numbers.flatMap((number) => LISTINGS[number] ?? []),
    ...inci.split(', ').flatMap((name) => BY_NAME[name] ?? []),
  ];
}

/** The strictest of the listings of every color in it; null where all are free. */
export function colorRestriction(inci: string): Sourced<Restriction> | null {
  const listings = listingsIn(inci);
  if (listings.some(({ us, eu }) => us === 'unlisted' || eu === 'unlisted'))
    return regulation({
      uses: SKIN,
      why: 'it is not listed as a color for cosmetics in the US',
    });
  if (listings.some(({ us, eu }) => us === 'external' || eu === 'external'))
    return regulation({
      uses: TUB,
      why: 'it is listed for external use only, and bath water reaches mucous membranes',
      isDivided: true,
    });
  return null;
}

/**
 * Do the lists of a market hold every color in it for this use? A color that is for external use does not go into a tub,
 * though lawful practice is divided; one that Rovack has no listing of is on none.
 */
export function isListedColor(inci: string, use: ProductUse, market: 'us' | 'eu'): boolean {
  if (use === 'household') return true;
  const listings = listingsIn(inci);
  const numbers = inci.match(/CI \d{5}/g) ?? [];
  return (
    listings.length > 0 &&
    listings.length >= numbers.length &&
    listings.every(
      (one) => one[market] === 'general' || (one[market] === 'external' && use !== 'tub'),
    )
  );
}

/** Does the US want it from a certified batch? */
export function needsCertifiedBatch(inci: string): boolean {
  return listingsIn(inci).some(({ isCertified }) => isCertified);
}

/** Carmine is made of insects. */
export function holdsCarmine(inci: string): boolean {
  return inci.includes(CARMINE);
}
