/** Resolves once what was just changed is painted; at once where nothing is. */
export function afterPaint(): Promise<void> {
  return new Promise((resolve) => {
    const isSeen = typeof document !== 'undefined' && !document.hidden;
    if (isSeen) requestAnimationFrame(() => setTimeout(resolve));
    else setTimeout(resolve);
  });
}
