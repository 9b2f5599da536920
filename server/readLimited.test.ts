import { afterEach, describe, expect, it, vi } from 'vitest';
import { readLimited } from './readLimited';

afterEach(() => vi.useRealTimers());

/** A request whose body comes piece by piece, and how many pieces were asked for. */
function streamed(pieces: readonly Uint8Array[], headers: Record<string, string> = {}) {
  let asked = 0;
  const body = new ReadableStream<Uint8Array>(
    {
      pull(controller) {
        const piece = pieces[asked];
        asked += 1;
        if (piece === undefined) controller.close();
        else controller.enqueue(piece);
      },
    },
    { highWaterMark: 0 },
  );
  const request = new Request('http://127.0.0.1/', {
    ...{ method: 'POST', body, headers, duplex: 'half' },
  });
  return { request, asked: () => asked };
}
const kilobyte = new Uint8Array(1000).fill(7);

describe('readLimited', () => {
  it('reads what is as large as may be, in any pieces', async () => {
    const bytes = await readLimited(
      streamed([kilobyte, kilobyte.subarray(0, 500)]).request,
      1500,
      'Too large.',
    );
    expect([bytes.length, bytes[0], bytes[1499]]).toEqual([1500, 7, 7]);
    const empty = new Request('http://127.0.0.1/', { method: 'POST' });
    expect(await readLimited(empty, 10, 'Too large.')).toHaveLength(0);
  });

  it('refuses what says that it is larger before a byte of it is read', async () => {
    const { request, asked } = streamed([kilobyte], { 'content-length': '1501' });
    await expect(readLimited(request, 1500, 'Too large.')).rejects.toMatchObject({ faults: ['Too large.'] });
    expect(asked()).toBe(0);
  });

  it('stops reading once more has come than may', async () => {
    const { request, asked } = streamed(Array.from({ length: 100 }, () => kilobyte));
    await expect(readLimited(request, 1500, 'Too large.')).rejects.toMatchObject({ faults: ['Too large.'] });
    expect(asked()).toBe(2);
  });

  it('does not wait for what never comes', async () => {
    vi.useFakeTimers();
    const body = new ReadableStream<Uint8Array>();
    const request = new Request('http://127.0.0.1/', {
      ...{ method: 'POST', body, duplex: 'half' },
    });
    const read = readLimited(request, 10, 'Too large.').catch((error: unknown) => error);
    await vi.advanceTimersByTimeAsync(31_000);
    expect(await read).toMatchObject({ faults: [expect.stringMatching(/too slowly/)] });
  });
});
