import sharp from 'sharp';
import { LONGEST_SIDE } from '@/core/log/photoLimits';
import { MAX_PHOTO_BYTES } from '@/core/log/photo';
import { InvalidError } from '@/store/errors';
import type { Picture } from '@/store/photos';
import { oneAtATime } from './oneAtATime';
import { readLimited } from './readLimited';
import { pictureFormat } from './pictureFormat';

/** Quality of the stored JPEG, of 100: pores stay sharp. */
const QUALITY = 82;
/** Most pixels of a picture: more than any phone’s camera takes. */
const MOST_PIXELS = 60e6;
/** Longest that a picture is worked on, s. */
const LONGEST_S = 10;

const inTurn = oneAtATime();

/**
 * The picture in a request’s body, turned upright and written anew as JPEG, so that nothing stays of what the camera
 * wrote beside it: place, time, device. The browser has made it small already; this holds for any other sender too.
 *
 * @throws InvalidError when the body is no picture, or too large
 */
export async function readPicture(request: Request): Promise<Picture> {
  const body = await readLimited(
    request,
    MAX_PHOTO_BYTES,
    'This photo is larger than 8 MB. Take it again at a smaller size.',
  );
  if (pictureFormat(body) === null) throw new InvalidError([NO_PICTURE]);
  return inTurn(() => madeSmall(body));
}

const NO_PICTURE = 'This file is not a picture the app can read. Choose a JPEG, PNG or WebP.';

async function madeSmall(body: Uint8Array): Promise<Picture> {
  try {
    const { width, height } = await sharp(body, { limitInputPixels: false }).metadata();
    if (width * height > MOST_PIXELS)
      throw new InvalidError(['This photo has more than 60 megapixels. Take it again at a smaller size.']);
    const { data, info } = await sharp(body, { limitInputPixels: MOST_PIXELS })
      .timeout({ seconds: LONGEST_S })
      .rotate()
      .resize(LONGEST_SIDE, LONGEST_SIDE, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch (error) {
    if (error instanceof InvalidError) throw error;
    throw new InvalidError([NO_PICTURE]);
  }
}
