const made = new Map<string, Intl.DateTimeFormat>();

/** Made once, as that is slow; anew where the workshop has moved to another zone since. */
function format(options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${new Date().getTimezoneOffset()} ${JSON.stringify(options)}`;
  const one = made.get(key) ?? new Intl.DateTimeFormat('en-US', options);
  made.set(key, one);
  return one;
}

const CLOCK = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const;

/** `18 Apr, 14:05` in the workshop's own zone. */
export function shortTime(iso: string): string {
  return format({ day: 'numeric', month: 'short', ...CLOCK }).format(new Date(iso));
}

/** `Apr 18, 2026`. */
export function shortDate(iso: string): string {
  return format({ day: 'numeric', month: 'short', year: 'numeric' }).format(new Date(iso));
}

/** `April 18, 2026`. */
export function longDate(iso: string): string {
  return format({ day: 'numeric', month: 'long', year: 'numeric' }).format(new Date(iso));
}

/** `14:05`. */
export function clockTime(iso: string): string {
  return format(CLOCK).format(new Date(iso));
}
