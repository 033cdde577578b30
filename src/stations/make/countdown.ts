/** `07:42`; past the end `+00:15`. */
export function countdown(seconds: number): string {
  const size = Math.abs(Math.ceil(seconds));
  const text = `${String(Math.floor(size / 60)).padStart(2, '0')}:${String(size % 60).padStart(2, '0')}`;
  return seconds < 0 ? `+${text}` : text;
}
