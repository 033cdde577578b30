import { capital, listed } from '@/core/basics/format/names';
import type { Veto, VetoCode } from './mayHold';

const SAY: { readonly [C in VetoCode]: (name: string, meets: string) => string } = {
  'dangerous-substance': (name) => `${name} must not be in a fizzing product.`,
  'not-for-skin': (name) => `${name} does not belong on skin.`,
  'barred-here': (name) => `${name} does not belong in this kind of product.`,
  'oxidizer-with-fuel': (name, meets) =>
    `${name} and ${meets} may not meet: an oxidizer feeds a fire in oil, alcohol, starch and scent.`,
  'oxidizer-with-acid': (name, meets) =>
    `${name} and ${meets} may not meet: acid frees the oxygen, and a closed pack can burst.`,
  'oxidizer-wet': (name, meets) =>
    `${name} and ${meets} may not meet: a wet oxidizer warms up and gives its oxygen off.`,
  'sulfide-with-acid': (name, meets) =>
    `${name} and ${meets} may not meet: the acid frees hydrogen sulfide, which is poisonous.`,
};

/** Why it is not proposed, in a sentence. @param name of the material */
export function sayVeto({ code, meets }: Veto, name: string): string {
  return SAY[code](capital(name), listed(meets));
}
