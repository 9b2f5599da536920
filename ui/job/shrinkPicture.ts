'use client';
import { LONGEST_SIDE, MAX_CHOSEN_BYTES } from '@/core/log/photoLimits';

/** What came of a chosen file: a small JPEG, or a sentence that says what is wrong with it. */
export type Shrunk =
  { readonly ok: true; readonly jpeg: Blob } | { readonly ok: false; readonly fault: string };

const QUALITY = 0.85;
const MEGABYTE = 2 ** 20;

/** Draws a chosen picture anew, upright and small. What the camera wrote beside it, its place too, does not come along. */
export async function shrinkPicture(file: File): Promise<Shrunk> {
  if (file.size > MAX_CHOSEN_BYTES)
    return {
      ok: false,
      fault: `${file.name} has ${Math.round(file.size / MEGABYTE)} MB; the limit is ${MAX_CHOSEN_BYTES / MEGABYTE}. Take it again at a smaller size.`,
    };
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return {
      ok: false,
      fault: `This browser cannot read ${file.name}. Choose a JPEG, PNG or WebP.`,
    };
  }
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  return jpeg === null
    ? { ok: false, fault: 'The browser could not make the photo smaller. Try another one.' }
    : { ok: true, jpeg };
}
