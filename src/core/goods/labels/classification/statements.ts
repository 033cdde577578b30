/** Hazard statements. Source: Regulation (EC) 1272/2008, annexes II and III. Not checked against the current rule. */
export const HAZARD_TEXT = {
  H272: 'May intensify fire; oxidiser.',
  H302: 'Harmful if swallowed.',
  H314: 'Causes severe skin burns and eye damage.',
  H315: 'Causes skin irritation.',
  H317: 'May cause an allergic skin reaction.',
  H318: 'Causes serious eye damage.',
  H319: 'Causes serious eye irritation.',
  H335: 'May cause respiratory irritation.',
  H360FD: 'May damage fertility. May damage the unborn child.',
  H400: 'Very toxic to aquatic life.',
  H410: 'Very toxic to aquatic life with long lasting effects.',
  H411: 'Toxic to aquatic life with long lasting effects.',
  H412: 'Harmful to aquatic life with long lasting effects.',
} as const;
export type HazardCode = keyof typeof HAZARD_TEXT;

/** Precautionary statements. Source: Regulation (EC) 1272/2008, annex IV. Not checked against the current rule. */
export const PRECAUTION_TEXT = {
  P102: 'Keep out of reach of children.',
  P201: 'Obtain special instructions before use.',
  P210: 'Keep away from heat, hot surfaces, sparks, open flames and other ignition sources. No smoking.',
  P220: 'Keep away from clothing and other combustible materials.',
  P260: 'Do not breathe dust.',
  P261: 'Avoid breathing dust.',
  P273: 'Avoid release to the environment.',
  P280: 'Wear protective gloves and eye protection.',
  'P301+P312': 'IF SWALLOWED: Call a POISON CENTER or a doctor if you feel unwell.',
  'P301+P330+P331': 'IF SWALLOWED: Rinse mouth. Do NOT induce vomiting.',
  'P302+P352': 'IF ON SKIN: Wash with plenty of water.',
  'P303+P361+P353':
    'IF ON SKIN (or hair): Take off immediately all contaminated clothing. Rinse skin with water.',
  'P305+P351+P338':
    'IF IN EYES: Rinse cautiously with water for several minutes. Remove contact lenses, if present and easy to do. Continue rinsing.',
  'P308+P313': 'IF exposed or concerned: Get medical advice.',
  P310: 'Immediately call a POISON CENTER or a doctor.',
  'P333+P313': 'If skin irritation or rash occurs: Get medical advice.',
  'P337+P313': 'If eye irritation persists: Get medical advice.',
  P501: 'Dispose of contents and container at a collection point for hazardous waste.',
} as const;
export type PrecautionCode = keyof typeof PRECAUTION_TEXT;

/** What each hazard asks for, the most telling first. */
export const PRECAUTIONS_OF: Readonly<Record<HazardCode, readonly PrecautionCode[]>> = {
  H314: ['P280', 'P305+P351+P338', 'P310', 'P303+P361+P353', 'P301+P330+P331', 'P260'],
  H318: ['P280', 'P305+P351+P338', 'P310'],
  H360FD: ['P201', 'P308+P313', 'P280', 'P501'],
  H272: ['P210', 'P220', 'P280'],
  H302: ['P301+P312'],
  H317: ['P280', 'P302+P352', 'P333+P313', 'P261'],
  H319: ['P280', 'P305+P351+P338', 'P337+P313'],
  H315: ['P280', 'P302+P352'],
  H335: ['P261'],
  H400: ['P273', 'P501'],
  H410: ['P273', 'P501'],
  H411: ['P273', 'P501'],
  H412: ['P273'],
};

/** Symbols, by their codes: flame over circle, corrosion, exclamation mark, health hazard, environment. */
export type Pictogram = 'GHS03' | 'GHS05' | 'GHS07' | 'GHS08' | 'GHS09';
export const PICTOGRAM_WORDS: Readonly<Record<Pictogram, string>> = {
  GHS03: 'flame over circle',
  GHS05: 'corrosion',
  GHS07: 'exclamation mark',
  GHS08: 'health hazard',
  GHS09: 'environment',
};
export const PICTOGRAM_OF: Readonly<Record<HazardCode, Pictogram | null>> = {
  H272: 'GHS03',
  H314: 'GHS05',
  H318: 'GHS05',
  H302: 'GHS07',
  H315: 'GHS07',
  H317: 'GHS07',
  H319: 'GHS07',
  H335: 'GHS07',
  H360FD: 'GHS08',
  H400: 'GHS09',
  H410: 'GHS09',
  H411: 'GHS09',
  H412: null,
};

/** Hazards whose signal word is “Danger”; the others warn, and the last one has none. */
export const DANGERS: ReadonlySet<HazardCode> = new Set(['H272', 'H314', 'H318', 'H360FD']);
export const WITHOUT_SIGNAL: ReadonlySet<HazardCode> = new Set(['H411', 'H412']);
