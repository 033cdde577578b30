/** Foam of plain foaming powder falls to half in so long. Rovack estimate. */
const FOAM_HALVES_S = 300;

/** Foam that stands, from what has been raised so far: each new part falls from when it came. @param raised never falls */
export function fallingFoam(raised: readonly number[], stepS: number): readonly number[] {
  const stays = 0.5 ** (stepS / FOAM_HALVES_S);
  let [stands, before] = [0, 0];
  return raised.map((now) => {
    stands = stands * stays + Math.max(0, now - before);
    before = now;
    return stands;
  });
}
