import type { FilmEvent, NoFilm } from './plan';
import type { VesselKind } from './vessel';

const NO_FILM: Readonly<Record<NoFilm, string>> = {
  'nothing-there': 'The formula is empty, so nothing moves. Add a material first.',
  'nothing-fizzes': 'Nothing fizzes here, so there is no film. A fizz needs soda and an acid.',
  'larger-than-the-water':
    'The piece is larger than the water it goes into. Make it smaller, or use more water.',
};

/** Why there is no film. */
export function sayNoFilm(problem: NoFilm): string {
  return NO_FILM[problem];
}

export const EVENT_WORDS: Readonly<Record<FilmEvent['what'], string>> = {
  touch: 'touch',
  floats: 'floats',
  half: 'half',
  'embed-opens': 'embed opens',
  gone: 'gone',
};

export const VESSEL_WORDS: Readonly<Record<VesselKind, string>> = {
  bath: 'Bathtub',
  sink: 'Sink',
  machine: 'Machine',
  tray: 'Shower tray',
};
