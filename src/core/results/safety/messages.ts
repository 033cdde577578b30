import { listed } from '@/core/basics/format/names';
import { capital, subject } from '@/core/basics/format/phrases';
import type { Veto, VetoCode } from './mayHold';

const SAY: { readonly [C in VetoCode]: (name: string, meets: string) => string } = {
  'dangerous-substance': (name) => `${capital(name)} must not be in a fizzing product.`,
  'not-for-skin': (name) => `${subject([name], 'does', 'do')} not belong on skin.`,
  'barred-here': (name) => `${subject([name], 'does', 'do')} not belong in this kind of product.`,
  'oxidizer-with-fuel': (name, meets) =>
    `Keep ${name} and ${meets} apart. An oxidizer feeds a fire in oil, alcohol, starch and scent.`,
  'oxidizer-with-acid': (name, meets) =>
    `Keep ${name} and ${meets} apart. Acid frees the oxygen, and a closed pack can burst.`,
  'oxidizer-wet': (name, meets) =>
    `Keep ${name} and ${meets} apart. A wet oxidizer warms up and gives off oxygen.`,
  'sulfide-with-acid': (name, meets) =>
    `Keep ${name} and ${meets} apart. The acid frees hydrogen sulfide, which is poisonous.`,
};

/** Why it is not proposed, in a sentence. @param name of the material, as a sentence says it */
export function sayVeto({ code, meets }: Veto, name: string): string {
  return SAY[code](name, listed(meets));
}
