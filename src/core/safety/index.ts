export { FUELS, isOxidizer, isWetting, mayHold, vetoOf } from './mayHold';
export type { Veto, VetoCode } from './mayHold';
export { sayVeto } from './words';
