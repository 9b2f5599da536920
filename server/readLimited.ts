import { InvalidError } from '@/store/errors';

/** For how long a body may take before it must keep up, ms, and how fast it must come then, bytes per ms. */
const GRACE_MS = 30_000;
const LEAST_PACE = 32;

/**
 * The bytes of a request, of which no more are taken in than may be: one that says that it is larger is refused before it is
 * read, one that turns out to be while it comes. What comes too slowly is not waited for.
 *
 * @param limit bytes
 * @param tooLarge what a person is told
 * @throws InvalidError
 */
export async function readLimited(request: Request, limit: number, tooLarge: string): Promise<Uint8Array> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw new InvalidError([tooLarge]);
  const reader = request.body?.getReader();
  if (reader === undefined) return new Uint8Array();
  const pieces: Uint8Array[] = [];
  let length = 0;
  const begun = Date.now();
  const stop = async (fault: string): Promise<never> => {
    await reader.cancel().catch(() => undefined);
    throw new InvalidError([fault]);
  };
  for (;;) {
    const left = begun + GRACE_MS + length / LEAST_PACE - Date.now();
    const piece = await inTime(reader.read(), left);
    if (piece === null) return stop('The data came too slowly. Check the connection, then try again.');
    if (piece.done) return Buffer.concat(pieces, length);
    length += piece.value.length;
    if (length > limit) return stop(tooLarge);
    pieces.push(piece.value);
  }
}

/** What comes within a time; null: it did not. @param ms until then */
async function inTime<T>(coming: Promise<T>, ms: number): Promise<T | null> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), ms);
  });
  try {
    return await Promise.race([coming, late]);
  } finally {
    clearTimeout(timer);
  }
}
