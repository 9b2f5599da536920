// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { IncomingSaid } from '@/server/incomingFile';
import { UnitsProvider } from '../fields/UnitsProvider';
import { DataPart } from './DataPart';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const SAID: IncomingSaid = {
  kind: 'backup',
  holdings: {
    filters: ['Long run', 'Sill'],
    counts: { tank: 2, filter: 2, pack: 4, job: 2, log_entry: 1234, photo: 1, settings: 1, shelf: 1 },
    unreadable: 0,
  },
  news: { added: ['Sill'], known: ['Long run'], entries: 3 },
  faults: [],
};
/** The app as the page sees it: what it answers to each request. */
function app(said: (method: string, body: string) => unknown) {
  const asked: string[] = [];
  vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
    const body = typeof init.body === 'string' ? init.body : '';
    asked.push(`${init.method} ${url} ${body}`);
    const answer = said(init.method ?? '', body);
    return Promise.resolve(Response.json(answer, { status: (answer as { status?: number }).status ?? 200 }));
  });
  return asked;
}
const good = (said: IncomingSaid) => (method: string, body: string) =>
  body.includes('size')
    ? { id: 'i' }
    : method === 'PUT'
      ? { arrived: 1 }
      : body.includes('look')
        ? said
        : { news: body.includes('add') ? said.news : null, before: 'data/own.before-restore.sqlite' };
async function choose() {
  render(
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>
      <DataPart />
    </UnitsProvider>,
  );
  await userEvent.upload(screen.getByLabelText('Backup or export'), new File(['abc'], 'all.json'));
}
const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

describe('the data as one file', () => {
  it('says what a file holds and would add, and adds it', async () => {
    const asked = app(good(SAID));
    await choose();
    await screen.findByText(
      'The backup contains 2 filters (Long run and Sill), 1,234 log entries and 1 photo.',
    );
    screen.getByText(/^This would add 1 filter \(Sill\) and 3 log entries for filters you already have\./);
    await press('Add new items only');
    await screen.findByText(/^Added 1 filter \(Sill\) and 3 log entries\./);
    expect(asked.at(-1)).toBe('POST /api/incoming/i {"how":"add"}');
  });

  it('asks before it replaces everything, and says where the copy is kept', async () => {
    const asked = app(good(SAID));
    await choose();
    await screen.findByText(/The backup contains/);
    await press('Replace everything…');
    expect(asked.some((request) => request.includes('replace'))).toBe(false);
    await press('Replace everything');
    await screen.findByText(/Your previous data is kept in data\/own\.before-restore\.sqlite\./);
  });

  it('recognises a file whose content is here already', async () => {
    app(good({ ...SAID, news: { added: [], known: ['Long run', 'Sill'], entries: 0 } }));
    await choose();
    await screen.findByText(/You already have everything in this file/);
    expect(screen.queryByRole('button', { name: 'Add new items only' })).toBeNull();
  });

  it('lists what is wrong, up to a dozen, and says so where the file cannot be used at all', async () => {
    const faults = Array.from({ length: 40 }, (_, index) => `log, item ${index + 1}: wrong`);
    app(good({ ...SAID, kind: 'export', faults }));
    await choose();
    await screen.findByText('And 28 more.');
    expect(screen.getAllByText(/^log, item/)).toHaveLength(12);
    cleanup();
    app(() => ({ status: 422, message: 'x', faults: ['The file is damaged or cut short.'] }));
    await choose();
    expect((await screen.findByRole('alert')).textContent).toBe('The file is damaged or cut short.');
  });
});
