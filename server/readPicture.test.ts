import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { readPicture } from './readPicture';

const request = (body: Uint8Array): Request =>
  new Request('http://127.0.0.1/', { method: 'POST', body: Uint8Array.from(body) });

describe('readPicture', () => {
  it('makes it upright and small, and keeps nothing of what the camera wrote', async () => {
    const photo = await sharp({ create: { width: 3000, height: 1000, channels: 3, background: '#468' } })
      .jpeg()
      .withExif({ IFD0: { Model: 'A camera' }, IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' } })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    expect((await sharp(photo).metadata()).exif).toBeDefined();
    const { jpeg, width, height } = await readPicture(request(photo));
    const after = await sharp(jpeg).metadata();
    expect([width, height]).toEqual([533, 1600]);
    expect([after.format, after.exif, after.orientation, after.xmp]).toEqual([
      'jpeg',
      undefined,
      undefined,
      undefined,
    ]);
  });

  it('refuses more than sixty megapixels by what its head says', async () => {
    const large = await sharp({ create: { width: 9000, height: 7000, channels: 3, background: '#468' } })
      .png({ compressionLevel: 1 })
      .toBuffer();
    await expect(readPicture(request(large))).rejects.toMatchObject({
      faults: [expect.stringMatching(/60 megapixels/)],
    });
  });

  it.each([
    ['not a picture', new TextEncoder().encode('These are words.'), /not a picture/],
    ['nothing', new Uint8Array(), /not a picture/],
    [
      'a drawing in text',
      new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg"/>'),
      /not a picture/,
    ],
    ['a picture by its beginning alone', Uint8Array.of(0xff, 0xd8, 0xff, 0xe0), /not a picture/],
    ['too large', new Uint8Array(8 * 2 ** 20 + 1), /larger than 8 MB/],
  ])('refuses what is %s', async (_, body, message) => {
    await expect(readPicture(request(body))).rejects.toMatchObject({
      faults: [expect.stringMatching(message)],
    });
  });
});
