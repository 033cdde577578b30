import { carbonicPks } from './temperature';

/** An acid that gives up protons one after the other. */
export interface AcidSystem {
  readonly id: string;
  /** Charge with every proton on. */
  readonly fullCharge: number;
  /** At 25°C and no ionic strength, first proton first. */
  readonly pKas: readonly number[];
  /** Enthalpy of each step in kJ/mol, for van 't Hoff; 0 where it is not on file. */
  readonly enthalpiesKJMol: readonly number[];
  /** In place of van 't Hoff, where the constants are published over temperature. */
  readonly pKasAt?: (tempC: number) => readonly number[];
  readonly source: string;
}

const crc =
  'pKa: CRC Handbook / NIST; enthalpies: Goldberg et al. 2002, J. Phys. Chem. Ref. Data 31; not looked up';

export const ACID_SYSTEMS = [
  {
    id: 'citric',
    fullCharge: 0,
    pKas: [3.128, 4.761, 6.396],
    enthalpiesKJMol: [4.07, 2.23, -3.38],
    source: crc,
  },
  {
    id: 'tartaric',
    fullCharge: 0,
    pKas: [3.036, 4.366],
    enthalpiesKJMol: [3.19, 0.93],
    source: crc,
  },
  { id: 'malic', fullCharge: 0, pKas: [3.459, 5.097], enthalpiesKJMol: [2.92, -1.36], source: crc },
  { id: 'lactic', fullCharge: 0, pKas: [3.86], enthalpiesKJMol: [-0.33], source: crc },
  { id: 'acetic', fullCharge: 0, pKas: [4.756], enthalpiesKJMol: [-0.41], source: crc },
  {
    id: 'ascorbic',
    fullCharge: 0,
    pKas: [4.1],
    enthalpiesKJMol: [0],
    source: 'pKa: CRC Handbook; no enthalpy on file',
  },
  {
    id: 'carbonic',
    fullCharge: 0,
    pKas: [6.352, 10.329],
    enthalpiesKJMol: [9.15, 14.7],
    pKasAt: carbonicPks,
    source: 'Plummer and Busenberg 1982, Geochim. Cosmochim. Acta 46, 0–90°C; not looked up',
  },
  { id: 'bisulfate', fullCharge: -1, pKas: [1.987], enthalpiesKJMol: [-22.4], source: crc },
  {
    id: 'sulfamic',
    fullCharge: 0,
    pKas: [1.05],
    enthalpiesKJMol: [1.9],
    source: 'pKa: CRC Handbook; enthalpy not looked up',
  },
  {
    id: 'peroxide',
    fullCharge: 0,
    pKas: [11.65],
    enthalpiesKJMol: [34.3],
    source: 'pKa: CRC Handbook; enthalpy not looked up',
  },
  { id: 'boric', fullCharge: 0, pKas: [9.237], enthalpiesKJMol: [13.8], source: crc },
] as const satisfies readonly AcidSystem[];

export type AcidSystemId = (typeof ACID_SYSTEMS)[number]['id'];

/** @throws RangeError when the id is not in the table */
export function acidSystemById(id: AcidSystemId): AcidSystem {
  const system = ACID_SYSTEMS.find((candidate) => candidate.id === id);
  if (!system) throw new RangeError(`acid system ${id} is not in the table`);
  return system;
}
