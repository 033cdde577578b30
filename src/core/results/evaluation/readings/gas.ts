import { OPEN, type Judge } from './judge';

/** Gas from each 100 g, liters: nothing is right or wrong about it, and what it does to a closed pack is the damp's. */
export const judgeGas: Judge = ({ measured: { totalG, fizz } }) => ({
  value: totalG > 0 ? (100 * fizz.co2L) / totalG : 0,
  spread: null,
  window: OPEN,
  findings: [],
});
