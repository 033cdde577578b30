import type { Settings } from './settingsSchema';

/**
 * Which scale weighs. The simulated one is for practice: it weighs what comes of the sample workshop, and nothing of the
 * maker's own. There the weights are typed until a scale is on the cable.
 * @param isSample does what is weighed belong to the sample?
 */
export function scaleFor(
  { scaleSource }: Pick<Settings, 'scaleSource'>,
  isSample: boolean,
): Settings['scaleSource'] {
  return scaleSource === 'simulated' && !isSample ? 'typed' : scaleSource;
}
