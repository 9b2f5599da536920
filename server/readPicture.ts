import sharp from 'sharp';
import { LONGEST_SIDE } from '@/core/log/photoLimits';
import { MAX_PHOTO_BYTES } from '@/core/log/photo';
import { InvalidError } from '@/store/errors';
import type { Picture } from '@/store/photos';

/** Quality of the stored JPEG, of 100: pores stay sharp. */
const QUALITY = 82;

/**
 * The picture in a request’s body, turned upright and written anew as JPEG, so that nothing stays of what the camera
 * wrote beside it: place, time, device. The browser has made it small already; this holds for any other sender too.
 *
 * @throws InvalidError when the body is no picture, or too large
 */
export async function readPicture(request: Request): Promise<Picture> {
  const body = new Uint8Array(await request.arrayBuffer());
  if (body.length > MAX_PHOTO_BYTES)
    throw new InvalidError(['This photo is larger than 8 MB. Take it again at a smaller size.']);
  try {
    const { data, info } = await sharp(body)
      .rotate()
      .resize(LONGEST_SIDE, LONGEST_SIDE, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch {
    throw new InvalidError(['This file is not a picture the app can read. Choose a JPEG, PNG or WebP.']);
  }
}
