/** Stays where a browser with a full disk does not clear away: it says that something was saved here once. */
const placeOf = (name: string) => `rovack saved ${name}`;

export function markSaved(name: string): void {
  try {
    if (localStorage.getItem(placeOf(name)) === null) localStorage.setItem(placeOf(name), '1');
  } catch {
    // No room or not allowed: then a loss is not told from a first visit.
  }
}

export function wasSaved(name: string): boolean {
  try {
    return localStorage.getItem(placeOf(name)) !== null;
  } catch {
    return false;
  }
}
