/** A hand that has not moved for so long lets heavy work begin, ms. */
const STILL_MS = 2000;
/** Longer than this the work does not wait, ms. */
const MOST_WAIT_MS = 30_000;
const HANDS = ['pointermove', 'pointerdown', 'keydown', 'wheel'] as const;

/** Resolves once no hand has moved for two seconds, and after half a minute at the latest. @param hands where they are heard */
export function whenUserIdle(hands: EventTarget = window): Promise<void> {
  return new Promise((resolve) => {
    const latest = setTimeout(go, MOST_WAIT_MS);
    let still = setTimeout(go, STILL_MS);
    function heard(): void {
      clearTimeout(still);
      still = setTimeout(go, STILL_MS);
    }
    function go(): void {
      clearTimeout(latest);
      clearTimeout(still);
      for (const type of HANDS) hands.removeEventListener(type, heard, true);
      resolve();
    }
    for (const type of HANDS) hands.addEventListener(type, heard, { capture: true, passive: true });
  });
}
