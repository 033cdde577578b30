/** The order of two things that happened; what happened at one moment stays in the order it was written in. */
export function byTime(a: { readonly at: string }, b: { readonly at: string }): number {
  return Date.parse(a.at) - Date.parse(b.at);
}
