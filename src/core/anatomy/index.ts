export { anatomyOf, embedMassG } from './anatomy';
export type { Anatomy, AnatomyPart, ShellLayer } from './anatomy';
