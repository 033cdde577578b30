/** `rovack-1a2b3c4d.rovack.json`: everything, as one device has it. */
export const wholeName = (device: string): string => `rovack-${device}.rovack.json`;

/** `rovack-1a2b3c4d-since.rovack.json`: what that device has written since its whole file. */
export const sinceName = (device: string): string => `rovack-${device}-since.rovack.json`;

/** The folder in the folder with dated copies. */
export const COPIES = 'copies';

/** `rovack-1a2b3c4d-2026-04-18.rovack.json` */
export const copyName = (device: string, day: string): string =>
  `rovack-${device}-${day}.rovack.json`;

/** The day of a copy of this device; null for every other file. */
export function dayOfCopy(device: string, name: string): string | null {
  const day = /-(\d{4}-\d{2}-\d{2})\.rovack\.json$/.exec(name)?.[1];
  return day && name === copyName(device, day) ? day : null;
}
