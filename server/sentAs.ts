/** "neat-layer-2026-11-27.sqlite": a file of all there is, by the day it was made. */
export const fileName = (ending: string, now: Date): string =>
  `neat-layer-${now.toISOString().slice(0, 10)}.${ending}`;

/** A file that the browser saves; a stream as it comes. */
export const sentAs = (bytes: ReadableStream<Uint8Array> | string, type: string, name: string): Response =>
  new Response(bytes, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });

/** What answers whoever asks for the head of such a file alone: no copy is made, or a page could fill the disk by asking. */
export const headAlone = (): Response => new Response(null, { headers: { 'cache-control': 'no-store' } });
