/** `07:42`, `11:59:30`; past the end `+00:15`. */
export function countdown(seconds: number): string {
  const size = Math.abs(Math.ceil(seconds));
  const two = (number: number) => String(number).padStart(2, '0');
  const short = `${two(Math.floor(size / 60) % 60)}:${two(size % 60)}`;
  const text = size >= 3600 ? `${String(Math.floor(size / 3600))}:${short}` : short;
  return seconds < 0 ? `+${text}` : text;
}
