/** How a person writes: which units come first, and how they read a clock. */
export interface Habits {
  units: 'metric' | 'us';
  isTwelveHour: boolean;
}

export const METRIC_HABITS: Readonly<Habits> = { units: 'metric', isTwelveHour: false };

let inUse: Readonly<Habits> = METRIC_HABITS;

/** What the formatters go by. */
export function habits(): Readonly<Habits> {
  return inUse;
}

/** @param of kept as it is: a screen hands in an object that it watches, and what it shows follows */
export function useHabits(of: Readonly<Habits>): void {
  inUse = of;
}

/** The regions that cook and weigh in ounces. Source: CIA World Factbook, appendix on weights and measures; not looked up. */
const US_REGIONS = ['US', 'LR', 'MM'];

/** A person's habits by the language of their system, as in `en-US`; metric where it names no region. */
export function guessHabits(language: string): Habits {
  try {
    const region = new Intl.Locale(language).region;
    const { hour12 } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
    return {
      units: region !== undefined && US_REGIONS.includes(region) ? 'us' : 'metric',
      isTwelveHour: hour12 === true,
    };
  } catch {
    return { ...METRIC_HABITS };
  }
}
