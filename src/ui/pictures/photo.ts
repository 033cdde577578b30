import type { Result } from '@/core/basics/result';
import { formatFixed } from '@/core/basics/format/numbers';
import { PHOTO_MAX_CHARS, PHOTO_MAX_PX } from '@/core/batches/records/photoSize';

export type PhotoResult = Result<string>;

/** A file of this size is no photo of a tray. */
const MAX_FILE_MB = 30;
const QUALITIES = [0.82, 0.65, 0.45] as const;

/** Makes a photo small enough for the browser's store: at most 1280 pixels a side, as JPEG. Nothing else of the file is kept. */
export async function smallPhoto(file: File): Promise<PhotoResult> {
  if (!file.type.startsWith('image/'))
    return { ok: false, problem: `“${file.name}” is not a picture. Choose a photo.` };
  if (file.size > MAX_FILE_MB * 1024 * 1024)
    return {
      ok: false,
      problem: `The picture has ${formatFixed(file.size / 1024 / 1024, 0)} MB. Choose one of up to ${MAX_FILE_MB} MB.`,
    };
  try {
    const image = await createImageBitmap(file);
    const by = Math.min(1, PHOTO_MAX_PX / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(image.width * by));
    canvas.height = Math.max(1, Math.round(image.height * by));
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    image.close();
    for (const quality of QUALITIES) {
      const dataUrl = canvas.toDataURL('image/jpeg', quality);
      if (dataUrl.length <= PHOTO_MAX_CHARS) return { ok: true, value: dataUrl };
    }
    return { ok: false, problem: 'Couldn’t make the picture small enough. Choose another one.' };
  } catch {
    return { ok: false, problem: `Couldn’t read “${file.name}” as a picture. Choose another one.` };
  }
}
