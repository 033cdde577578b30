export { probeBatch, probeFormula } from './probe';
