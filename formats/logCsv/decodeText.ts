/** A text and how it was written. */
export interface Decoded {
  readonly text: string;
  readonly encoding: 'UTF-8' | 'UTF-16' | 'Windows-1252';
}

/** Share of zero bytes above which a file without a mark is UTF-16: Latin letters have one in two. */
const ZEROES = 0.2;
/** Bytes that are looked at for it. */
const LOOKED_AT = 4096;

/** The text of a file of a spreadsheet, whatever it was written in: with a mark, in UTF-8, or else in Windows-1252. */
export function decodeText(bytes: Uint8Array): Decoded {
  const [first, second] = bytes;
  if ((first === 0xff && second === 0xfe) || zeroesAt(bytes, 1))
    return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' };
  if ((first === 0xfe && second === 0xff) || zeroesAt(bytes, 0))
    return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}

/** Whether every other byte, from `from` on, is often zero. */
function zeroesAt(bytes: Uint8Array, from: 0 | 1): boolean {
  const some = bytes.subarray(0, LOOKED_AT);
  if (some.length < 4) return false;
  let zeroes = 0;
  for (let place = from; place < some.length; place += 2) if (some[place] === 0) zeroes += 1;
  return zeroes / (some.length / 2) > ZEROES;
}
