/** A page that is laid aside is not painted: then nobody waits longer than this, ms. */
const MOST_WAIT_MS = 1000;

/** Resolves once what was just changed is painted; soon where nothing is. */
export function afterPaint(): Promise<void> {
  return new Promise((resolve) => {
    const isSeen = typeof document !== 'undefined' && !document.hidden;
    if (isSeen) requestAnimationFrame(() => setTimeout(resolve));
    setTimeout(resolve, isSeen ? MOST_WAIT_MS : 0);
  });
}
