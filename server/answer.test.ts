import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newTank } from '@/core/tank/newTank';
import { SCHEMA_HEADER, SCHEMA_VERSION } from '@/formats/documents/kinds';
import { MAX_FILE_BYTES } from '@/formats/fileLimits';
import { ConflictError, InvalidError, NotFoundError, UnreadableError } from '@/store/errors';
import { openDatabase, type Db } from '@/store/openDatabase';
import { tanks } from '@/store/tanks';
import { answer, change, CHANGE_ID, docOf, noBody, readBody, versionOf, type RequestRefusal } from './answer';

let db: Db;
vi.mock('./database', () => ({ database: () => db, databaseFile: () => db.name }));
const noted = vi.hoisted(() => ({ requests: [] as unknown[], failures: [] as unknown[] }));
vi.mock('./requestLog', () => ({
  noteRequest: (note: unknown) => noted.requests.push(note),
  noteFailure: (note: unknown, error: unknown) => noted.failures.push([note, error]),
}));
beforeEach(() => {
  db = openDatabase(':memory:');
  noted.requests.length = 0;
  noted.failures.length = 0;
});
afterEach(() => {
  db.close();
  vi.restoreAllMocks();
});

const request = (
  body?: string,
  id: string | null = 'change-0001',
  url = 'http://localhost/api/tanks/t',
): Request =>
  new Request(url, {
    method: 'PUT',
    ...(body === undefined ? {} : { body }),
    headers: id === null ? {} : { [CHANGE_ID]: id },
  });
const failing = async (error: Error): Promise<{ status: number; said: RequestRefusal }> => {
  const response = await answer(() => {
    throw error;
  });
  return { status: response.status, said: (await response.json()) as RequestRefusal };
};
const faultsOf = async (act: () => unknown): Promise<readonly string[]> => {
  try {
    await act();
  } catch (error) {
    if (error instanceof InvalidError) return error.faults;
    throw error;
  }
  return [];
};

describe('answer', () => {
  it('gives what was found, a response as it is, and something even for nothing', async () => {
    expect(await (await answer(() => ({ a: 1 }))).json()).toEqual({ a: 1 });
    expect(await (await answer(() => undefined)).json()).toEqual({});
    const own = new Response('picture');
    expect(await answer(() => own)).toBe(own);
  });

  it('says what is wrong in a way that a person and a page can use', async () => {
    expect(await failing(new InvalidError(['Too thick.', 'Too wide.']))).toEqual({
      status: 422,
      said: { message: 'Too thick. Too wide.', faults: ['Too thick.', 'Too wide.'] },
    });
    expect(await failing(new NotFoundError('pack'))).toMatchObject({ status: 404 });
    const current = { doc: { id: 'p' }, version: 4 };
    expect(await failing(new ConflictError('pack', current))).toMatchObject({
      status: 409,
      said: { current },
    });
  });

  it('leads from a document that cannot be read to where it can be repaired', async () => {
    const torn = { kind: 'pack', id: 'p', text: '{', schemaVersion: 2, faults: ['It is torn.'] } as const;
    const { status, said } = await failing(new UnreadableError(torn));
    expect(status).toBe(422);
    expect(said.faults?.[0]).toContain('repair or remove');
  });

  it('hides what failed inside, and writes it down for whoever runs the app', async () => {
    const error = new Error('SQLITE_BUSY at /home');
    const { status, said } = await failing(error);
    expect(status).toBe(500);
    expect(said.message).not.toContain('SQLITE');
    expect(said.fault).toBeUndefined();
    // The page shows by which id the log has it.
    expect(said.errorId).toMatch(/^[0-9a-f]{8}$/);
    expect(noted.failures).toEqual([
      [expect.objectContaining({ outcome: 'failed', errorId: said.errorId }), error],
    ]);
  });
});

describe('change', () => {
  it('is made once for every id, and answered the same again', async () => {
    const handle = vi.fn((_: Db, body: unknown) => ({ got: body }));
    const first = await change(request('{"a":1}'), readBody, handle);
    const again = await change(request('{"a":1}'), readBody, handle);
    expect(await again.json()).toEqual(await first.json());
    expect(handle).toHaveBeenCalledTimes(1);
    await change(request('{"a":1}', 'change-0002'), readBody, handle);
    expect(handle).toHaveBeenCalledTimes(2);
    // Noted by route, outcome and id, and nothing of what was sent.
    expect(noted.requests).toHaveLength(3);
    expect(noted.requests[0]).toEqual({
      route: 'PUT /api/tanks/t',
      changeId: 'change-0001',
      outcome: 'done',
      ms: expect.any(Number) as number,
    });
  });

  it('refuses an id that was used for another change, and a change without one', async () => {
    const handle = vi.fn(() => ({}));
    await change(request(), noBody, handle);
    const other = await change(
      request(undefined, 'change-0001', 'http://localhost/api/tanks/u'),
      noBody,
      handle,
    );
    expect(other.status).toBe(422);
    expect((await change(request(undefined, null), noBody, handle)).status).toBe(422);
    expect((await change(request(undefined, 'x'), noBody, handle)).status).toBe(422);
    expect(handle).toHaveBeenCalledTimes(1);
  });

  it('is refused from a page of before an update, which writes in another version', async () => {
    const handle = vi.fn(() => ({}));
    const old = request('{}');
    old.headers.set(SCHEMA_HEADER, `${SCHEMA_VERSION - 1}`);
    const refused = await change(old, readBody, handle);
    expect([refused.status, await refused.json()]).toEqual([
      503,
      expect.objectContaining({ fault: 'updated' }),
    ]);
    const same = request('{}');
    same.headers.set(SCHEMA_HEADER, `${SCHEMA_VERSION}`);
    expect((await change(same, readBody, handle)).status).toBe(200);
    expect(handle).toHaveBeenCalledTimes(1);
  });

  it('leaves nothing half done, and what failed may be tried again with the same id', async () => {
    let works = false;
    const handle = (database: Db): object => {
      tanks.insert(database, newTank('t', 'Tank', 0.1));
      if (!works) throw new InvalidError(['Not now.']);
      return {};
    };
    expect((await change(request(), noBody, handle)).status).toBe(422);
    expect(tanks.find(db, 't')).toBeNull();
    works = true;
    expect((await change(request(), noBody, handle)).status).toBe(200);
    expect(tanks.find(db, 't')).not.toBeNull();
  });
});

describe('what was sent', () => {
  it.each(['', 'words', '[]', 'null', '3', '"text"'])(
    'is refused when it is %j and no object',
    async (text) => {
      expect(await faultsOf(() => readBody(request(text)))).toEqual(['The request is not a JSON object.']);
    },
  );

  it('may be as large as a file may be, and no larger', async () => {
    const padded = (bytes: number): string => `{}${' '.repeat(bytes - 2)}`;
    expect(await readBody(request(padded(MAX_FILE_BYTES)))).toEqual({});
    expect((await faultsOf(() => readBody(request(padded(MAX_FILE_BYTES + 1)))))[0]).toContain('Send less');
  });

  it('names its version and the document of its address', async () => {
    expect(versionOf({ version: 3 })).toBe(3);
    for (const version of [undefined, '3', 1.5, Number.NaN])
      expect(await faultsOf(() => versionOf({ version }))).toHaveLength(1);
    expect(docOf({ doc: { id: 'a' } }, 'a')).toEqual({ id: 'a' });
    for (const doc of [undefined, null, 'a', {}, { id: 'b' }])
      expect(await faultsOf(() => docOf({ doc }, 'a'))).toHaveLength(1);
  });
});
