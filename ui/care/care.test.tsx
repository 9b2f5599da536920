// @vitest-environment happy-dom
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { LogEntry } from '@/core/log/logEntry';
import { plainLayer } from '@/core/layers/plainLayer';
import { UnitsProvider } from '../fields/UnitsProvider';
import { wordsFor } from '../fields/wordsFor';
import { describeLogEntry } from '../job/describeLogEntry';
import { CareForms } from './CareForms';
import { LogList } from './LogList';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const HABITS = { system: 'metric', locale: 'en-GB', currency: 'EUR' } as const;
const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Window');
const layers = [
  plainLayer('pad', 'foam-15', 'basket', 0.03),
  plainLayer('floss', 'floss-bonded', 'basket', 0.02),
];
const common = { id: 'e', filterId: 'f', jobId: null, at: '2026-11-27T10:00:00.000Z', note: '' };
const entry = (change: object): LogEntry => ({ ...common, ...change }) as LogEntry;
const show = (part: ReactNode) => render(<UnitsProvider habits={HABITS}>{part}</UnitsProvider>);

describe('an entry in words', () => {
  const said = (change: object): string =>
    describeLogEntry(entry(change), wordsFor(HABITS), (id) =>
      id === 'pad' ? 'Coarse foam, 15 ppi' : null,
    ).replaceAll('\u00a0', ' ');

  it.each<[string, object]>([
    ['Seen: only a trickle and noise', { kind: 'look', seen: ['only a trickle', 'noise'] }],
    ['Level: 12 mm below the rim', { kind: 'level', headroom: 0.012 }],
    [
      'Service: Coarse foam, 15 ppi squeezed, a former layer replaced and hoses brushed; flow before the service low',
      {
        kind: 'service',
        works: [
          { layerId: 'pad', work: 'squeezed' },
          { layerId: 'gone', work: 'replaced' },
          { layerId: null, work: 'hoses brushed' },
        ],
        flowWas: 'low',
      },
    ],
    ['Topped up: 1.50 L', { kind: 'top-up', volume: 1.5e-3 }],
    ['Changed: feeding', { kind: 'change', what: 'feeding' }],
    [
      'Fault: weak flow; The floss is full',
      { kind: 'fault', symptom: 'weak flow', causes: ['The floss is full'] },
    ],
    // By hand: two litres in twenty seconds are 360 litres an hour.
    ['Flow: 360 L/h, between services', { kind: 'flow', moment: 'between', jugVolume: 2e-3, seconds: [20] }],
    ['Repacked', { kind: 'repacked' }],
  ])('reads %s', (words, change) => {
    expect(said(change)).toBe(words);
  });
});

describe('a service', () => {
  it('offers first what the medium is cleaned by, and saves what was chosen', async () => {
    const sent: unknown[] = [];
    vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
      sent.push(JSON.parse(body));
      return Promise.resolve(Response.json(JSON.parse(body)));
    });
    const user = userEvent.setup();
    show(
      <CareForms
        {...{ filter, layers }}
        airFilters={0}
        onSaved={() => undefined}
        onPhotos={() => undefined}
      />,
    );
    await user.click(screen.getByText('Service'));
    const floss = await screen.findByLabelText('2: Bonded floss pad');
    expect([...floss.querySelectorAll('option')].map(({ value }) => value).slice(0, 2)).toEqual([
      'untouched',
      'replaced',
    ]);
    await user.selectOptions(screen.getByLabelText('1: Coarse foam, 15 ppi'), 'squeezed');
    await user.click(screen.getByLabelText('intake cleaned'));
    expect(screen.queryByLabelText('hoses brushed')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Save service' }));
    expect(sent[0]).toMatchObject({
      kind: 'service',
      works: [
        { layerId: 'pad', work: 'squeezed' },
        { layerId: null, work: 'intake cleaned' },
      ],
      flowWas: 'not known',
    });
  });
});

describe('the log', () => {
  const first = {
    entries: [entry({ kind: 'note', note: 'Fed twice.' }), entry({ id: 'r', kind: 'repacked' })],
    photos: [],
    total: 90,
  };

  it('is paged, and asks for what is searched', async () => {
    const asked: string[] = [];
    vi.stubGlobal('fetch', (url: string) => {
      asked.push(url);
      return Promise.resolve(Response.json({ entries: [], photos: [], total: 0 }));
    });
    show(<LogList filterId="f" first={first} added={0} nameOf={() => null} />);
    expect(screen.getByText('1 to 2 of 90, newest first')).toBeTruthy();
    // A repack is the record of a job: it is neither edited nor deleted here.
    const rows = within(screen.getByRole('region', { name: 'Log' })).getAllByRole('listitem');
    expect(rows.map((row) => within(row).queryAllByRole('button').length)).toEqual([2, 0]);
    await userEvent.type(screen.getByLabelText('Search the log'), 'fed');
    expect(await screen.findByText('No entries match.')).toBeTruthy();
    expect(asked.at(-1)).toBe('/api/filters/f/log?text=fed&from=0');
  });

  it('takes an entry out and brings it back, and asks for its page anew each time', async () => {
    const sent: string[] = [];
    vi.stubGlobal('fetch', (url: string, { method = 'GET' }: RequestInit = {}) => {
      sent.push(`${method} ${url.split('?')[0]}`);
      return Promise.resolve(Response.json(first));
    });
    show(<LogList filterId="f" first={first} added={0} nameOf={() => null} />);
    const read = () => vi.waitFor(() => expect(sent.at(-1)).toBe('GET /api/filters/f/log'));
    await userEvent.click(screen.getByRole('button', { name: /^Delete Note/ }));
    await screen.findByText(/Entry deleted/);
    await read();
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await read();
    expect(sent.filter((line) => !line.startsWith('GET'))).toEqual(['DELETE /api/log/e', 'POST /api/log']);
  });

  it('says so and stays as it was where the app is not responding', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new Error('no answer')));
    show(<LogList filterId="f" first={first} added={0} nameOf={() => null} />);
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'notes');
    expect(await screen.findByText('The app is not responding, so the list was not updated.')).toBeTruthy();
    expect(screen.getByText(/Fed twice\./)).toBeTruthy();
  });
});
