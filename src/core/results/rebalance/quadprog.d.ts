declare module 'quadprog' {
  /** Goldfarb and Idnani's dual method; every array counts from 1. An empty message is success. */
  export function solveQP(
    dmat: number[][],
    dvec: number[],
    amat: number[][],
    bvec: number[],
    meq: number,
  ): { solution: number[]; value: number[]; message: string };
}
