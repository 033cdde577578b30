import { comparableName } from './comparable';
import { editDistance, slipsAllowed } from './editDistance';

/** What must not be in a fizzing product, by the names people write, and what it does there. */
export interface DangerousSubstance {
  readonly id: string;
  /** What it is, inside a sentence. */
  readonly name: string;
  readonly why: string;
  readonly names: readonly string[];
}

const chlorine = 'with acid it frees chlorine, a gas that burns the lungs';
const sulfurDioxide = 'with acid it frees sulfur dioxide, which chokes and sets off asthma';
const burns = 'it burns skin and eyes, and boils up with the other side of the fizz';
const ammonia = 'with soda it frees ammonia, and with bleach chloramines';
const poison = 'it is poisonous through skin and breath, and its vapor burns';

/**
 * Substances known by name, so that they are a stop and never taken for a harmless neighbor in the alphabet.
 * Source: the reactions of any inorganic chemistry text, from memory; hazard classes of EU Regulation 1272/2008, from memory.
 */
export const DANGEROUS: readonly DangerousSubstance[] = [
  {
    id: 'hypochlorite',
    name: 'chlorine bleach',
    why: chlorine,
    names: [
      'bleach',
      'chlorine bleach',
      'household bleach',
      'liquid bleach',
      'laundry bleach',
      'bleach powder',
      'bleaching powder',
      'bleach tablet',
      'sodium hypochlorite',
      'calcium hypochlorite',
      'potassium hypochlorite',
      'hypochlorite',
      'chlorine',
      'pool chlorine',
      'pool shock',
      'chlorine tablet',
      'chlorine granule',
      'chlorinated lime',
      'chloride of lime',
      'javel water',
      'dichlor',
      'trichlor',
      'sodium dichloroisocyanurate',
      'sodium dichlor',
      'trichloroisocyanuric acid',
      'symclosene',
      'chloramine t',
      'hypochlorous acid',
    ],
  },
  {
    id: 'chlorite',
    name: 'a chlorite',
    why: 'with acid it frees chlorine dioxide, a poisonous gas that can explode',
    names: [
      'sodium chlorite',
      'chlorite',
      'calcium chlorite',
      'potassium chlorite',
      'chlorine dioxide',
    ],
  },
  {
    id: 'chlorate',
    name: 'a chlorate',
    why: 'with acid, oil, starch or sugar it can catch fire or explode',
    names: [
      'sodium chlorate',
      'potassium chlorate',
      'chlorate',
      'perchlorate',
      'sodium perchlorate',
      'potassium perchlorate',
      'ammonium perchlorate',
    ],
  },
  {
    id: 'nitrite',
    name: 'a nitrite',
    why: 'with acid it frees nitrogen oxides, brown gases that burn the lungs',
    names: [
      'sodium nitrite',
      'potassium nitrite',
      'nitrite',
      'curing salt',
      'pink curing salt',
      'pickling salt with nitrite',
      'nitrite salt',
    ],
  },
  {
    id: 'nitrate',
    name: 'a nitrate',
    why: 'it feeds fire with oil, starch and sugar, and with acid frees nitric acid',
    names: [
      'sodium nitrate',
      'potassium nitrate',
      'ammonium nitrate',
      'calcium nitrate',
      'nitrate',
      'saltpeter',
      'saltpetre',
      'niter',
      'nitre',
    ],
  },
  {
    id: 'sulfite',
    name: 'a sulfite',
    why: sulfurDioxide,
    names: [
      'sodium bisulfite',
      'bisulfite',
      'sodium hydrogen sulfite',
      'sodium sulfite',
      'potassium sulfite',
      'sulfite',
      'sodium metabisulfite',
      'potassium metabisulfite',
      'metabisulfite',
      'campden tablet',
      'sodium hydrosulfite',
      'sodium dithionite',
      'dithionite',
      'sodium thiosulfate',
      'thiosulfate',
    ],
  },
  {
    id: 'sulfide',
    name: 'a sulfide',
    why: 'with acid it frees hydrogen sulfide, which is deadly in a closed room',
    names: [
      'sodium sulfide',
      'potassium sulfide',
      'calcium sulfide',
      'liver of sulfur',
      'lime sulfur',
      'sulfide',
    ],
  },
  {
    id: 'peroxide',
    name: 'a peroxide solution',
    why: 'it frees oxygen with soda, bursts closed packs and burns skin',
    names: [
      'hydrogen peroxide',
      'peroxide',
      'peroxide solution',
      'carbamide peroxide',
      'urea peroxide',
      'benzoyl peroxide',
      'calcium peroxide',
      'magnesium peroxide',
      'sodium peroxide',
      'peracetic acid',
      'peroxyacetic acid',
    ],
  },
  {
    id: 'persulfate',
    name: 'a persulfate',
    why: 'it feeds fire, and its dust sets off asthma',
    names: [
      'sodium persulfate',
      'potassium persulfate',
      'ammonium persulfate',
      'potassium monopersulfate',
      'monopersulfate',
      'persulfate',
      'non chlorine shock',
    ],
  },
  {
    id: 'permanganate',
    name: 'a permanganate',
    why: 'with glycerin, sugar or oil it catches fire by itself',
    names: ['potassium permanganate', 'sodium permanganate', 'permanganate', 'condy crystal'],
  },
  {
    id: 'chromate',
    name: 'a chromate',
    why: 'it is a poison that causes cancer and feeds fire',
    names: [
      'potassium dichromate',
      'sodium dichromate',
      'potassium chromate',
      'chromic acid',
      'dichromate',
      'chromate',
    ],
  },
  {
    id: 'ammonia',
    name: 'ammonia',
    why: ammonia,
    names: [
      'ammonia',
      'ammonia water',
      'household ammonia',
      'ammonium hydroxide',
      'ammonium chloride',
      'sal ammoniac',
      'ammonium carbonate',
      'ammonium bicarbonate',
      'baker ammonia',
      'bakers ammonia',
      'baking ammonia',
      'hartshorn',
      'salt of hartshorn',
      'ammonium sulfate',
      'smelling salt',
    ],
  },
  {
    id: 'methanol',
    name: 'methanol',
    why: poison,
    names: [
      'methanol',
      'methyl alcohol',
      'wood alcohol',
      'wood spirit',
      'methylated spirit',
      'meths',
      'windshield washer fluid',
      'antifreeze',
      'ethylene glycol',
    ],
  },
  {
    id: 'solvent',
    name: 'a solvent',
    why: poison,
    names: [
      'acetone',
      'nail polish remover',
      'turpentine',
      'white spirit',
      'mineral spirit',
      'paint thinner',
      'lacquer thinner',
      'gasoline',
      'petrol',
      'kerosene',
      'lighter fluid',
      'benzene',
      'toluene',
      'xylene',
      'naphtha',
      'chloroform',
      'dichloromethane',
      'methylene chloride',
      'ether',
      'formaldehyde',
      'formalin',
    ],
  },
  {
    id: 'strong-acid',
    name: 'a strong mineral acid',
    why: burns,
    names: [
      'hydrochloric acid',
      'muriatic acid',
      'spirits of salt',
      'hydrogen chloride',
      'sulfuric acid',
      'battery acid',
      'oil of vitriol',
      'nitric acid',
      'aqua fortis',
      'phosphoric acid',
      'orthophosphoric acid',
      'hydrofluoric acid',
      'ammonium bifluoride',
      'sodium fluoride',
      'perchloric acid',
      'hydrobromic acid',
      'chloroacetic acid',
      'trichloroacetic acid',
      'formic acid',
      'glacial acetic acid',
      'acetic acid glacial',
      'toilet bowl cleaner',
      'rust remover',
      'concrete cleaner',
    ],
  },
  {
    id: 'oxalic-acid',
    name: 'oxalic acid',
    why: 'it is a poison that goes through the skin to the kidneys, and burns',
    names: [
      'oxalic acid',
      'oxalic',
      'wood bleach',
      'potassium oxalate',
      'sodium oxalate',
      'salt of sorrel',
    ],
  },
  {
    id: 'lye',
    name: 'lye',
    why: burns,
    names: [
      'lye',
      'soda lye',
      'sodium hydroxide',
      'caustic soda',
      'caustic',
      'potassium hydroxide',
      'caustic potash',
      'potash lye',
      'lithium hydroxide',
      'calcium hydroxide',
      'slaked lime',
      'hydrated lime',
      'pickling lime',
      'calcium oxide',
      'quicklime',
      'burnt lime',
      'drain cleaner',
      'drain opener',
      'oven cleaner',
      'trisodium phosphate',
      'sodium metasilicate',
    ],
  },
  {
    id: 'metal',
    name: 'a metal powder or carbide',
    why: 'with acid or soda it frees a gas that burns or explodes',
    names: [
      'aluminum powder',
      'zinc powder',
      'magnesium powder',
      'iron filing',
      'calcium carbide',
      'carbide',
      'sodium metal',
      'sodium borohydride',
    ],
  },
  {
    id: 'cyanide',
    name: 'a cyanide or azide',
    why: 'with acid it frees a gas that kills',
    names: [
      'sodium cyanide',
      'potassium cyanide',
      'cyanide',
      'sodium azide',
      'azide',
      'zinc phosphide',
    ],
  },
  {
    id: 'dry-ice',
    name: 'dry ice',
    why: 'it burns by cold and fills a room with gas',
    names: ['dry ice', 'solid carbon dioxide', 'liquid nitrogen'],
  },
];

const BY_NAME: ReadonlyMap<string, DangerousSubstance> = new Map(
  DANGEROUS.flatMap((row) => row.names.map((name) => [comparableName(name), row] as const)),
);
const LONGEST_WORDS = Math.max(...[...BY_NAME.keys()].map((name) => name.split(' ').length));

/** Harmless names that hold a dangerous word. */
const HARMLESS = /\b(?:oxygen bleach|sodium carbonate peroxide)\b/g;

/** Words before it that say it is not in there; `free` right after it says so too. */
const DENYING = new Set(['no', 'not', 'never', 'without', 'avoid', 'non', 'instead', 'away']);

/** What is written holds one of these by name, in these words and no other. @param name a comparable name */
export function dangerousIn(name: string): DangerousSubstance | null {
  const words = name.replace(HARMLESS, '').split(' ');
  for (let length = Math.min(words.length, LONGEST_WORDS); length >= 1; length--)
    for (let start = 0; start + length <= words.length; start++) {
      const found = BY_NAME.get(words.slice(start, start + length).join(' '));
      const isDenied =
        words[start + length] === 'free' || words.slice(0, start).some((word) => DENYING.has(word));
      if (found && !isDenied) return found;
    }
  return null;
}

/** The nearest of these names, by typing slips. @param limit most slips @returns null where none is so near */
export function dangerousNear(
  name: string,
  limit: number,
): { readonly substance: DangerousSubstance; readonly slips: number } | null {
  let best: { substance: DangerousSubstance; slips: number } | null = null;
  for (const [key, substance] of BY_NAME) {
    const slips = editDistance(name, key, limit);
    if (slips <= limit && slips < (best?.slips ?? Infinity)) best = { substance, slips };
  }
  return best;
}

/** What a name says in so many words; a near spelling is none, as it may be a harmless neighbor. @param written any text */
export function dangerousNamed(written: string): DangerousSubstance | null {
  return dangerousIn(comparableName(written));
}

/** What a name that was read as a danger means, spelled right or nearly so. @param written any text */
export function dangerousMeant(written: string): DangerousSubstance | null {
  const name = comparableName(written);
  return dangerousIn(name) ?? dangerousNear(name, slipsAllowed(name))?.substance ?? null;
}
