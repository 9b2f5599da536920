import fc from 'fast-check';
import sharp from 'sharp';
import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FilterKind } from '@/core/filter/filterKind';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import type { Pack } from '@/core/pack/pack';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { database } from '@/server/database';
import { loadFilterPage } from '@/server/loadFilterPage';
import { loadHome } from '@/server/loadHome';
import { readFilterContent } from '@/store/filterFiles';
import { openDatabase, type Db } from '@/store/openDatabase';
import { allTroubles } from '@/store/unreadable';
import { shelf } from '@/store/shelf';
import * as document from './documents/[kind]/[id]/route';
import * as files from './files/route';
import * as filterFile from './filters/[id]/file/route';
import * as templatesRoute from './filters/[id]/templates/route';
import * as filter from './filters/[id]/route';
import * as filters from './filters/route';
import * as alternative from './jobs/[id]/alternatives/[packId]/route';
import * as alternatives from './jobs/[id]/alternatives/route';
import * as jobPhotos from './jobs/[id]/photos/route';
import * as incoming from './incoming/route';
import * as job from './jobs/[id]/route';
import * as jobs from './jobs/route';
import * as logEntry from './log/[id]/route';
import * as log from './log/route';
import * as pack from './packs/[id]/route';
import * as photo from './photos/[id]/route';
import * as settings from './settings/route';
import * as shelfRoute from './shelf/route';
import * as tank from './tanks/[id]/route';

type Handler = (request: Request, context: never) => Promise<Response>;
interface Answer {
  readonly status: number;
  readonly body: Record<string, unknown>;
}

const shelfOf = (db: Db) => shelf.get(db);

let changes = 0;
const nextId = (): string => `change-${(changes += 1)}-0000`;

/** Calls a route as the browser does. */
async function call(
  handler: unknown,
  method: string,
  params: Record<string, string> = {},
  body?: unknown,
  changeId: string | null = nextId(),
  address = `/${Object.values(params).join('/')}`,
): Promise<Answer> {
  const request = new Request(`http://127.0.0.1${encodeURI(address)}`, {
    method,
    headers: {
      'content-type': 'application/json',
      ...(changeId === null ? {} : { 'x-change-id': changeId }),
    },
    ...(method === 'GET' || body === undefined
      ? {}
      : {
          body:
            typeof body === 'string' || body instanceof Uint8Array
              ? (body as BodyInit)
              : JSON.stringify(body),
        }),
  });
  const response = await (handler as Handler)(request, { params: Promise.resolve(params) } as never);
  const text = await response.text();
  return {
    status: response.status,
    body: text.startsWith('{') ? (JSON.parse(text) as Answer['body']) : { text },
  };
}

let jpeg: Uint8Array;
let db: Db;
beforeAll(async () => {
  jpeg = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#468' } })
    .jpeg()
    .toBuffer();
});
beforeEach(() => {
  db = openDatabase(':memory:');
  (globalThis as { neatLayerDatabase?: Db }).neatLayerDatabase = db;
  expect(database()).toBe(db);
});

const addFilter = (id: string, kind: FilterKind = 'canister-centre-pipe', tankId = `tank-${id}`) =>
  call(
    filters.POST,
    'POST',
    {},
    { tank: newTank(tankId, id, 0.1), filter: presetFilter(kind, { id, tankId }, id) },
  );
const flow = (id: string, filterId: string, jobId: string | null) => ({
  kind: 'flow',
  id,
  filterId,
  jobId,
  at: '2026-11-25T10:00:00Z',
  moment: 'between',
  jugVolume: 1e-3,
  seconds: [5],
  note: '',
});

describe('changes', () => {
  it('need an id, and with the same id again are answered and not done twice', async () => {
    expect((await call(filters.POST, 'POST', {}, {}, null)).status).toBe(422);
    await addFilter('f');
    const once = await call(log.POST, 'POST', {}, flow('e', 'f', null), 'same-change');
    const again = await call(log.POST, 'POST', {}, flow('e', 'f', null), 'same-change');
    expect(again).toEqual(once);
    expect(loadFilterPage(db, 'f')).toMatchObject({ log: [{ id: 'e' }] });
    const other = await call(log.POST, 'POST', {}, flow('e', 'f', null), 'same-change', '/elsewhere');
    expect(other).toMatchObject({ status: 422, body: { faults: [expect.stringMatching(/Another change/)] } });
  });

  it('that were refused may be sent again with the same id once they are mended', async () => {
    const first = await call(log.POST, 'POST', {}, flow('e', 'f', null), 'lost-filter');
    expect(first.status).toBe(404);
    await addFilter('f');
    expect((await call(log.POST, 'POST', {}, flow('e', 'f', null), 'lost-filter')).status).toBe(200);
  });

  it('saving twice with one id is one version, with another id a conflict', async () => {
    await addFilter('f');
    const doc = { ...newTank('tank-f', 'Renamed', 0.1) };
    const save = (id: string) => call(tank.PUT, 'PUT', { id: 'tank-f' }, { version: 1, doc }, id);
    expect((await save('save-one')).body.version).toBe(2);
    expect((await save('save-one')).body.version).toBe(2);
    expect((await save('save-two')).status).toBe(409);
  });
});

describe('the shelf', () => {
  it('is saved as a whole, once a version, and refuses what cannot be on it', async () => {
    const { doc, version } = shelfOf(db);
    const spare = { kind: 'spare', id: 's', label: '', part: 'lid seal', count: 1, price: 6.5 };
    const put = (items: unknown[], from = version) =>
      call(shelfRoute.PUT, 'PUT', {}, { version: from, doc: { ...doc, items } });
    expect((await put([{ ...spare, count: -1 }])).status).toBe(422);
    expect((await put([{ ...spare, price: 0 }])).status).toBe(422);
    expect((await put([spare])).body.version).toBe(version + 1);
    expect((await put([])).status).toBe(409);
    expect(shelfOf(db).doc.items).toEqual([spare]);
  });
});

describe('templates', () => {
  it('come as PDF on a paper or one as SVG, and nothing else does', async () => {
    await addFilter('f', 'hang-on-back-basket');
    const get = (search: string, id = 'f') =>
      call(templatesRoute.GET, 'GET', { id }, undefined, null, `/templates${search}`);
    expect((await get('?paper=letter')).body.text).toMatch(/^%PDF-/);
    expect((await get('?shape=0')).body.text).toMatch(/^<svg /);
    expect((await get('?paper=papyrus')).status).toBe(404);
    expect((await get('?shape=99')).status).toBe(404);
    expect((await get('?paper=a4', 'nobody')).status).toBe(404);
  });
});

describe('references', () => {
  it('a log entry’s repack is one of its filter, its id is new', async () => {
    await addFilter('f');
    await addFilter('g');
    const started = await call(jobs.POST, 'POST', {}, { filterId: 'f', occasion: 'repack' });
    const jobId = (started.body.doc as { id: string }).id;
    expect((await call(log.POST, 'POST', {}, flow('e', 'g', jobId))).status).toBe(422);
    expect((await call(log.POST, 'POST', {}, flow('e', 'f', 'no-job'))).status).toBe(422);
    expect((await call(log.POST, 'POST', {}, flow('e', 'f', jobId))).status).toBe(200);
    expect((await call(log.POST, 'POST', {}, flow('e', 'f', jobId))).status).toBe(422);
  });

  it('ids that are taken are refused, and a tank that is not the filter’s', async () => {
    expect((await addFilter('f')).status).toBe(200);
    expect((await addFilter('f')).status).toBe(422);
    const strange = {
      tank: newTank('x', 'X', 0.1),
      filter: presetFilter('internal-sponge', { id: 'y', tankId: 'tank-f' }, 'Y'),
    };
    expect((await call(filters.POST, 'POST', {}, strange)).status).toBe(422);
    expect(loadHome(db, '2026-11-25T10:00:00Z').filters).toHaveLength(1);
  });

  it.each<[string, (file: ReturnType<typeof readFilterContent>) => void, RegExp]>([
    [
      'a pack in two jobs',
      ({ jobs: [one, two] }) => Object.assign(two!, { asFoundPackId: one!.asFoundPackId }),
      /names already/,
    ],
    [
      'the plan as an alternative too',
      ({ jobs: [one] }) => Object.assign(one!, { alternativePackIds: [one!.plannedPackId] }),
      /names already|takes the pack/,
    ],
    [
      'a pack in a role it does not have',
      ({ jobs: [one] }) => Object.assign(one!, { plannedPackId: one!.asPackedPackId }),
      /takes the pack .* as planned/,
    ],
    [
      'a job done that is not',
      ({ jobs: [one] }) => Object.assign(one!, { finishedAt: null }),
      /finished when it is done/,
    ],
  ])('an import with %s is refused whole', async (_, spoil, message) => {
    await addFilter('f');
    for (let round = 0; round < 2; round += 1) {
      const started = await call(jobs.POST, 'POST', {}, { filterId: 'f', occasion: 'repack' });
      const { id, plannedPackId } = started.body.doc as { id: string; plannedPackId: string };
      const plan = {
        id: plannedPackId,
        filterId: 'f',
        role: 'planned',
        name: 'Plan',
        visits: [],
        layers: [plainLayer('a', 'lava', 'tray-1', 0.02)],
      };
      await call(pack.PUT, 'PUT', { id: plannedPackId }, { version: 1, doc: plan });
      const packed = [{ layerId: 'a', at: '2026-11-25T10:00:00Z', thickness: null, mass: null, note: '' }];
      const { doc, version } = (
        await call(job.PUT, 'PUT', { id }, { version: 1, doc: { ...(started.body.doc as object), packed } })
      ).body;
      expect(doc).toMatchObject({ packed });
      expect((await call(job.PATCH, 'PATCH', { id }, { version, stage: 'done' })).status).toBe(200);
    }
    const content = structuredClone(readFilterContent(db, 'f'));
    expect((await call(files.POST, 'POST', {}, writeNeatLayerFile(content))).status).toBe(200);
    spoil(content);
    const refused = await call(files.POST, 'POST', {}, writeNeatLayerFile(content));
    expect(refused).toMatchObject({
      status: 422,
      body: { message: expect.stringMatching(message) as unknown },
    });
    expect(loadHome(db, '2026-11-25T10:00:00Z').filters).toHaveLength(2);
  });
});

/** A step of a random session: what to do, with three numbers that choose on what. */
const stepArbitrary = fc.record({
  what: fc.constantFrom(
    'add',
    'add',
    'addOnTank',
    'remove',
    'saveFilter',
    'saveTank',
    'start',
    'start',
    'plan',
    'plan',
    'plan',
    'tick',
    'stage',
    'stage',
    'finish',
    'dropJob',
    'duplicate',
    'dropAlternative',
    'log',
    'log',
    'unlog',
    'import',
    'photo',
    'dropPhoto',
    'settings',
    'nonsense',
    'repair',
  ),
  a: fc.nat(1000),
  b: fc.nat(1000),
  c: fc.nat(1000),
});
type Step = typeof stepArbitrary extends fc.Arbitrary<infer S> ? S : never;

const KINDS: FilterKind[] = [
  'canister-centre-pipe',
  'hang-on-back-basket',
  'canister-outside-in',
  'internal-compartments',
];
const pick = <T>(list: readonly T[], index: number): T | undefined => list[index % Math.max(1, list.length)];
const rows = (table: string): { id: string; version: number; doc: Record<string, unknown> }[] =>
  (
    db.prepare(`SELECT * FROM ${table} ORDER BY rowid`).all() as {
      id: string;
      version: number;
      doc: string;
    }[]
  ).map((row) => ({ ...row, doc: JSON.parse(row.doc) as Record<string, unknown> }));

/** Something to work on: two filters, each with a repack begun. */
const BEGINNING: readonly Step[] = [
  { what: 'add', a: 0, b: 0, c: 1 },
  { what: 'add', a: 0, b: 1, c: 1 },
  { what: 'start', a: 0, b: 0, c: 0 },
  { what: 'start', a: 1, b: 0, c: 0 },
];

/** Does one step as a browser, or somebody who knows the routes, might. */
async function take({ what, a, b, c }: Step, number: number): Promise<Answer> {
  const all = rows('filter');
  const chosen = pick(all, a);
  const id = chosen?.id ?? 'nobody';
  const anyJob = pick(rows('job'), b);
  const anyPack = pick(rows('pack'), b);
  // Now and then a version that is not the stored one, or an id of something else.
  const version = (stored: number | undefined): number => (c % 11 === 0 ? 1 : (stored ?? 1));
  const chambers = (chosen?.doc.chambers ?? []) as { id: string }[];
  const layers = (count: number): Pack['layers'] =>
    Array.from({ length: count }, (_, index) =>
      plainLayer(
        c % 13 === 0 ? 'same' : `l${index}`,
        pick(['lava', 'foam-30', 'floss-bonded', c % 17 === 0 ? 'moon-rock' : 'rings-dense'], b + index) ??
          'lava',
        pick(chambers, c + index)?.id ?? 'attic',
        0.01 * (1 + ((a + index) % 9)),
      ),
    );
  switch (what) {
    case 'add':
      return addFilter(c % 7 === 0 ? id : `f${number}`, pick(KINDS, b));
    case 'addOnTank':
      return call(
        filters.POST,
        'POST',
        {},
        {
          filter: presetFilter(
            pick(KINDS, b) ?? 'composed',
            { id: `f${number}`, tankId: (chosen?.doc.tankId ?? 'none') as string },
            'Second',
          ),
        },
      );
    case 'remove':
      return a % 3 === 0
        ? call(filter.DELETE, 'DELETE', { id })
        : call(filter.DELETE, 'DELETE', { id: 'nobody' });
    case 'saveFilter': {
      const doc = chosen?.doc ?? {};
      const shorter = { ...doc, chambers: chambers.slice(c % 3) };
      const renamed = {
        ...doc,
        chambers: chambers.map((chamber, place) => (place === c % 4 ? { ...chamber, id: 'other' } : chamber)),
      };
      const moved = { ...doc, tankId: pick(rows('tank'), b)?.id };
      return call(
        filter.PUT,
        'PUT',
        { id },
        {
          version: version(chosen?.version),
          doc: pick([shorter, renamed, moved, { ...doc, name: 'New' }], c),
        },
      );
    }
    case 'saveTank': {
      const own = pick(rows('tank'), b);
      return call(
        tank.PUT,
        'PUT',
        { id: own?.id ?? 'none' },
        { version: version(own?.version), doc: { ...own?.doc, temperature: 5 * (c % 9) } },
      );
    }
    case 'start':
      return call(jobs.POST, 'POST', {}, { filterId: id, occasion: c % 2 === 0 ? 'repack' : 'first pack' });
    case 'plan': {
      const doc = {
        ...anyPack?.doc,
        layers: layers(b % 4),
        ...(c % 5 === 0 ? { role: 'as packed' } : {}),
        ...(c % 19 === 0 ? { filterId: id } : {}),
      };
      return call(
        pack.PUT,
        'PUT',
        { id: anyPack?.id ?? 'none' },
        { version: version(anyPack?.version), doc },
      );
    }
    case 'tick': {
      const planned = rows('pack').find((row) => row.id === anyJob?.doc.plannedPackId)?.doc.layers;
      const packed = ((planned ?? layers(2)) as { id: string }[]).map((layer) => ({
        layerId: layer.id,
        at: '2026-11-25T10:00:00Z',
        thickness: c % 2 === 0 ? 0.02 : null,
        mass: null,
        note: 'x',
      }));
      return call(
        job.PUT,
        'PUT',
        { id: anyJob?.id ?? 'none' },
        { version: version(anyJob?.version), doc: { ...anyJob?.doc, packed } },
      );
    }
    case 'stage':
      return call(
        job.PATCH,
        'PATCH',
        { id: anyJob?.id ?? 'none' },
        { version: version(anyJob?.version), stage: pick(['strip', 'plan', 'repack', 'attic'], c) },
      );
    case 'finish':
      return finish(
        pick(
          rows('job').filter((row) => row.doc.stage !== 'done' || c % 9 === 0),
          b,
        ),
        c,
      );
    case 'dropJob':
      return call(job.DELETE, 'DELETE', { id: anyJob?.id ?? 'none' });
    case 'duplicate':
      return call(
        alternatives.POST,
        'POST',
        { id: anyJob?.id ?? 'none' },
        {
          version: version(anyJob?.version),
          name: c % 5 === 0 ? '' : 'Other',
          layers: layers(b % 3),
          visits: [],
        },
      );
    case 'dropAlternative':
      return call(
        alternative.DELETE,
        'DELETE',
        { id: anyJob?.id ?? 'none', packId: anyPack?.id ?? 'none' },
        { version: version(anyJob?.version) },
      );
    case 'log':
      return call(
        log.POST,
        'POST',
        {},
        flow(c % 5 === 0 ? 'same' : `e${number}`, id, c % 2 === 0 ? null : (anyJob?.id ?? 'none')),
      );
    case 'unlog':
      return call(logEntry.DELETE, 'DELETE', { id: pick(rows('log_entry'), b)?.id ?? 'none' });
    case 'import': {
      if (chosen === undefined) return call(files.POST, 'POST', {}, '{');
      const content = structuredClone(readFilterContent(db, id));
      const [first] = content.jobs;
      if (c % 3 === 0 && first !== undefined)
        first.asFoundPackId = content.packs[b % content.packs.length]?.id ?? 'none';
      if (c % 5 === 0 && content.packs[0] !== undefined) content.packs[0].role = 'alternative';
      return call(files.POST, 'POST', {}, writeNeatLayerFile(content));
    }
    case 'photo':
      return call(
        jobPhotos.POST,
        'POST',
        { id: anyJob?.id ?? 'none' },
        c % 3 === 0 ? 'no picture' : jpeg,
        nextId(),
        `/photos${c % 2 === 0 ? '?layer=l0' : '?layer=../x'}`,
      );
    case 'dropPhoto': {
      const stored = db.prepare('SELECT id FROM photo').pluck().get() as string | undefined;
      const got = await call(photo.GET, 'GET', { id: stored ?? 'none' });
      return got.status >= 500 ? got : call(photo.DELETE, 'DELETE', { id: stored ?? 'none' });
    }
    case 'settings': {
      const stored = pick(rows('settings'), 0);
      const doc = { ...stored?.doc, id: 'settings', units: pick(['metric', 'us', 'furlongs'], c) };
      return call(settings.PUT, 'PUT', {}, { version: version(stored?.version), doc });
    }
    case 'nonsense':
      return call(
        pick([pack.PUT, tank.PUT, filter.PUT, job.PUT, job.PATCH], a),
        pick(['PUT', 'PATCH'], c) ?? 'PUT',
        { id },
        pick(['', '[]', '{"version":1}', '{"version":1e99,"doc":{"id":null}}', 'null'], b),
      );
    case 'repair':
      return call(pick([document.POST, document.DELETE], c), 'POST', {
        kind: pick(['filter', 'pack', 'job', 'settings', 'attic'], b) ?? '',
        id,
      });
  }
}

/** Plans one layer, ticks it and finishes the job; now and then something is ignore. */
async function finish(row: ReturnType<typeof rows>[number] | undefined, leaveOut: number): Promise<Answer> {
  const id = row?.id ?? 'none';
  const plan = rows('pack').find((stored) => stored.id === row?.doc.plannedPackId);
  const chamber = rows('filter').find((stored) => stored.id === row?.doc.filterId)?.doc.chambers as {
    id: string;
  }[];
  const layer = plainLayer('only', 'lava', chamber?.[0]?.id ?? 'attic', 0.02);
  if (leaveOut % 4 !== 0)
    await call(
      pack.PUT,
      'PUT',
      { id: plan?.id ?? 'none' },
      {
        version: plan?.version ?? 1,
        doc: { ...plan?.doc, layers: [layer] },
      },
    );
  const packed = [{ layerId: 'only', at: '2026-11-25T10:00:00Z', thickness: null, mass: null, note: '' }];
  const ticked = await call(
    job.PUT,
    'PUT',
    { id },
    { version: row?.version ?? 1, doc: { ...row?.doc, packed } },
  );
  return call(job.PATCH, 'PATCH', { id }, { version: ticked.body.version ?? 1, stage: 'done' });
}

describe('any sequence of requests', () => {
  it('ends in no failure, and leaves what can be read, drawn, exported and taken in again', async () => {
    const failed = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    await fc.assert(
      fc.asyncProperty(
        fc.array(stepArbitrary, { minLength: 20, maxLength: 90, size: 'max' }),
        async (steps) => {
          db = openDatabase(':memory:');
          (globalThis as { neatLayerDatabase?: Db }).neatLayerDatabase = db;
          loadHome(db, '2026-11-25T10:00:00Z');
          for (const [number, step] of [...BEGINNING, ...steps].entries()) {
            const { status, body } = await take(step, number);
            if (status >= 500)
              throw new Error(`${step.what}: ${JSON.stringify(body)} ${String(failed.mock.lastCall?.[0])}`);
          }
          expect(db.pragma('foreign_key_check')).toEqual([]);
          expect(allTroubles(db)).toEqual([]);
          const home = loadHome(db, '2026-11-25T10:00:00Z');
          expect(home.troubles).toEqual([]);
          for (const { filter: doc, around, layers } of home.filters) {
            evaluatePack({ ...around, filter: doc, layers, flow: null });
            const page = loadFilterPage(db, doc.id);
            expect(page).toHaveProperty('open');
            if (page === null || !('open' in page)) continue;
            for (const shown of page.open === null
              ? []
              : [page.open.asFound, page.open.planned, ...page.open.alternatives])
              evaluatePack({
                ...page.around,
                filter: page.filter.doc,
                layers: shown.doc.layers,
                flow: null,
              });
            const file = await call(filterFile.GET, 'GET', { id: doc.id });
            const text = typeof file.body.text === 'string' ? file.body.text : JSON.stringify(file.body);
            expect(readNeatLayerFile(text)).toMatchObject({ ok: true });
            expect((await call(files.POST, 'POST', {}, text)).status).toBe(200);
          }
          db.close();
        },
      ),
      { numRuns: 40 },
    );
    failed.mockRestore();
  });

  it('takes in a backup on this machine alone', async () => {
    const begin = (headers: Record<string, string>) =>
      incoming.POST(
        new Request('http://127.0.0.1/api/incoming', { method: 'POST', headers, body: '{"size":10}' }),
      );
    expect((await begin({})).status).toBe(200);
    const refused = await begin({ 'x-neat-door': 'home network' });
    expect(refused.status).toBe(422);
    expect(await refused.text()).toMatch(/only on the computer/);
  });
});
