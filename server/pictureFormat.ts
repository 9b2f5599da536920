/** How the files of the kinds of pictures that are read begin. */
const STARTS = [
  ['jpeg', /^\xff\xd8\xff/],
  ['png', /^\x89PNG\r\n\x1a\n/],
  ['webp', /^RIFF[^]{4}WEBP/],
] as const;

export type PictureFormat = (typeof STARTS)[number][0];

/** Bytes that are looked at. */
const START_LENGTH = 12;

/** The kind of a picture by its first bytes, whatever it is called; null: none that is read, such as a drawing in text. */
export function pictureFormat(bytes: Uint8Array): PictureFormat | null {
  const start = Buffer.from(bytes.subarray(0, START_LENGTH)).toString('latin1');
  return STARTS.find(([, begins]) => begins.test(start))?.[0] ?? null;
}
