import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { outcomeFaults } from './outcomeFaults';
import { send, sendText } from './send';

interface Sent {
  readonly url: string;
  readonly method: string;
  readonly keepalive: boolean;
  readonly body: string | undefined;
  readonly id: string;
}

const sent: Sent[] = [];
let respond: () => Response | Promise<Response>;

beforeEach(() => {
  sent.length = 0;
  respond = () => Response.json({ ok: true });
  vi.stubGlobal(
    'fetch',
    (url: string, init: RequestInit & { headers: Record<string, string>; body?: string }) => {
      sent.push({
        url,
        method: init.method ?? '',
        keepalive: init.keepalive ?? false,
        body: init.body,
        id: init.headers['x-change-id'] ?? '',
      });
      return Promise.resolve(respond());
    },
  );
});
afterEach(() => vi.unstubAllGlobals());

describe('send', () => {
  it('sends JSON with an id of its own, and gives what was answered', async () => {
    expect(await send('POST', '/api/log', { note: 'a' })).toEqual({ kind: 'saved', value: { ok: true } });
    await send('POST', '/api/log', { note: 'a' });
    expect(sent[0]).toMatchObject({ url: '/api/log', method: 'POST', body: '{"note":"a"}' });
    expect(sent[0]?.id).toMatch(/^[A-Za-z0-9-]{8,64}$/);
    // Answered: the same press again is another change.
    expect(sent[1]?.id).not.toBe(sent[0]?.id);
  });

  it('is the same change when its answer was lost, whatever else is sent between', async () => {
    respond = () => Promise.reject(new Error('lost'));
    expect(await send('POST', '/api/log', { note: 'a' })).toEqual({ kind: 'unreachable' });
    respond = () => Response.json({});
    await send('POST', '/api/log', { note: 'b' });
    await send('POST', '/api/log', { note: 'a' });
    const [lost, other, again] = sent;
    expect(again?.id).toBe(lost?.id);
    expect(other?.id).not.toBe(lost?.id);
  });

  it('tells a server that failed from one that is absent, with the id that its log has', async () => {
    respond = () => Response.json({ message: 'It failed.', errorId: '3f2a91c0' }, { status: 500 });
    const failed = await send('DELETE', '/api/log/e');
    expect(failed).toEqual({
      kind: 'failed',
      message: 'It failed.',
      errorId: '3f2a91c0',
      fault: null,
    });
    expect(outcomeFaults(failed)).toEqual(['It failed. Nothing was changed. (Error 3f2a91c0)']);
    respond = () => new Response('<html>', { status: 502 });
    expect(await send('DELETE', '/api/log/e')).toEqual({
      kind: 'failed',
      message: 'The app failed.',
      errorId: null,
      fault: null,
    });
    // It may be sent again as the same change.
    expect(sent[1]?.id).toBe(sent[0]?.id);
    expect(sent[0]?.body).toBeUndefined();
  });

  it('says why nothing can be written, without an id: the message says what to do', async () => {
    respond = () => Response.json({ message: 'The disk is full.', fault: 'full' }, { status: 503 });
    const failed = await send('DELETE', '/api/log/e');
    expect(failed).toMatchObject({ kind: 'failed', fault: 'full', errorId: null });
    expect(outcomeFaults(failed)).toEqual(['The disk is full. Nothing was changed.']);
  });

  it.each([
    [422, { message: 'a b', faults: ['a', 'b'] }, ['a', 'b']],
    [404, { message: 'This pack no longer exists.' }, ['This pack no longer exists.']],
  ])('says every fault of what was refused with %s', async (status, said, faults) => {
    respond = () => Response.json(said, { status });
    expect(await send('PUT', '/api/packs/p', {})).toEqual({ kind: 'refused', faults });
  });

  it('gives what is stored when somebody saved first', async () => {
    respond = () => Response.json({ message: 'x', current: { version: 4 } }, { status: 409 });
    expect(await send('PUT', '/api/packs/p', {})).toEqual({ kind: 'conflict', current: { version: 4 } });
  });

  it('lets a small change outlive its page; a large one would be refused by the browser', async () => {
    await sendText('POST', '/api/files', 'a'.repeat(1000), 'application/json');
    await sendText('POST', '/api/files', 'ä'.repeat(40_000), 'application/json');
    expect(sent.map(({ keepalive }) => keepalive)).toEqual([true, false]);
  });
});
