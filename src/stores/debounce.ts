/** News are over when none came for so long, ms, or for so many times the longest wait between two: a busy machine is slower. */
const QUIET_MS = 2000;
const TIMES_LONGEST = 3;

export interface Quiet {
  /** Something came. */
  readonly heard: () => void;
  /** Is something still to be done? */
  readonly isWaiting: () => boolean;
}

/** Does something once nothing more comes. */
export function debounced(act: () => void): Quiet {
  let timer: ReturnType<typeof setTimeout> | null = null;
  let heardMs = 0;
  let longestMs = 0;
  return {
    heard: () => {
      const nowMs = performance.now();
      longestMs = timer === null ? 0 : Math.max(longestMs, nowMs - heardMs);
      heardMs = nowMs;
      if (timer !== null) clearTimeout(timer);
      timer = setTimeout(
        () => {
          timer = null;
          act();
        },
        Math.max(QUIET_MS, TIMES_LONGEST * longestMs),
      );
    },
    isWaiting: () => timer !== null,
  };
}
