// @vitest-environment happy-dom
import { act, cleanup, render, renderHook, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { cutPieces } from '@/core/cut/cutPieces';
import { cutPlan, thicknessesOn } from '@/core/cut/cutPlan';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { fills } from '@/core/prepare/bags';
import { fittings } from '@/core/prepare/fittings';
import { planProgramme } from '@/core/prepare/planProgramme';
import { pieceTemplates } from '@/core/prepare/templates';
import { shoppingList, type Need } from '@/core/prepare/shopping';
import { looseItem, sheetItem } from '@/core/shelf/itemsForTests';
import { EMPTY_SHELF, type SheetItem, type Shelf, type ShelfItem } from '@/core/shelf/shelf';
import { UnitsProvider } from '../fields/UnitsProvider';
import { BlockPart } from './BlockPart';
import { CutPart } from './CutPart';
import { FillsPart } from './FillsPart';
import { FirstPackPart } from './FirstPackPart';
import { ProgrammePart } from './ProgrammePart';
import { ShoppingPart } from './ShoppingPart';
import { SoakTimer } from './SoakTimer';
import { TemplatesPart } from './TemplatesPart';
import { useCutsAlong } from './useCutsAlong';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Cellar');
const hang = presetFilter('hang-on-back-basket', { id: 'h', tankId: 't' }, 'Window');
const pad = plainLayer('p', 'foam-30', 'tray-4', 0.03);
const stone: Layer = { ...plainLayer('s', 'lava', 'tray-2', 0.05), holder: 'bag' };
const sheet = (change: Partial<SheetItem> = {}) => sheetItem('foam-30', 0.03, { id: 'sheet', ...change });
const shelf = (...items: ShelfItem[]): Shelf => ({ ...EMPTY_SHELF, items });
const show = (part: ReactNode, system: 'metric' | 'us' = 'metric') =>
  render(<UnitsProvider habits={{ system, locale: 'en-GB', currency: 'GBP' }}>{part}</UnitsProvider>);
const groupsOf = (layers: readonly Layer[], on: Shelf, of = filter) =>
  cutPlan(cutPieces(of, layers, thicknessesOn(on)), on);
const cutPart = (layers: readonly Layer[], on: Shelf, change: object = {}, of = filter) => (
  <CutPart
    groups={groupsOf(layers, on, of)}
    cut={null}
    others={[]}
    onTake={() => undefined}
    onCut={() => undefined}
    {...change}
  />
);

describe('the cut plan', () => {
  it('draws each sheet with its pieces, and says what is bought and why no fewer', () => {
    show(cutPart([pad], shelf(sheet())));
    expect(screen.getByRole('img', { name: /^Sheet of 50\.0 × 50\.0.cm: 1$/ })).toBeTruthy();
    expect(screen.getByText(/Buy 1 sheet of 50\.0 × 50\.0.cm, the fewest possible/)).toBeTruthy();
    expect(screen.getByText(/sheet to buy, 50\.0 × 50\.0.cm; \d straight cuts/)).toBeTruthy();
  });

  it('says where more are bought than the area asks for', () => {
    const two = [pad, plainLayer('q', 'foam-30', 'tray-3', 0.03)];
    show(cutPart(two, shelf(sheet({ length: 0.3, width: 0.3 }))));
    expect(
      screen.getByText(/Buy 2 sheets .*: the fewest found; going by area alone, 1 might be enough/),
    ).toBeTruthy();
  });

  it('says that the shelf is enough, where an off-cut is used', () => {
    show(cutPart([pad], shelf(sheet({ count: 1, offcut: true, length: 0.22, width: 0.22 }))));
    expect(screen.getByText(/Nothing to buy\. You have enough on the shelf/)).toBeTruthy();
    expect(screen.getByText(/^off-cut from the shelf/)).toBeTruthy();
  });

  it('says that a usual sheet is assumed, and what No sheet is large enough for', () => {
    show(cutPart([pad], EMPTY_SHELF));
    expect(screen.getByText(/square is assumed/)).toBeTruthy();
    cleanup();
    const round = presetFilter('canister-centre-pipe', { id: 'r', tankId: 't' }, 'Round');
    const disc = plainLayer('d', 'foam-30', 'tray-1', 0.03);
    show(cutPart([disc], shelf(sheet({ length: 0.1, width: 0.1 })), {}, round));
    expect(screen.getByText(/Layer 1 needs .* No sheet is large enough/)).toBeTruthy();
  });

  it('says that all is cut, and reads in inches where the keeper does', () => {
    show(cutPart([], EMPTY_SHELF, { cut: { at: '2026-11-20T10:00:00Z', pieces: [] } }));
    expect(screen.getByText('All pieces are cut, on 20 November.')).toBeTruthy();
    cleanup();
    show(cutPart([pad], shelf(sheet())), 'us');
    expect(screen.getByText(/Buy 1 sheet of 19\.\d+ × 19\.\d+.in/)).toBeTruthy();
  });

  it('offers other filters to be cut along, and labels their pieces apart', async () => {
    const onTake = vi.fn();
    show(cutPart([pad], shelf(sheet()), { others: [{ id: 'h', name: 'Window', taken: false }], onTake }));
    await userEvent.click(
      screen.getByRole('checkbox', { name: 'Cut the pieces for Window from the same sheets' }),
    );
    expect(onTake).toHaveBeenCalledWith('h', true);
    cleanup();
    show(cutPart([pad], shelf(sheet()), { others: [{ id: 'h', name: 'Window', taken: true }] }));
    expect(screen.getByRole('img', { name: /: C1$/ })).toBeTruthy();
    expect(screen.getByText('Cellar 1')).toBeTruthy();
  });
});

describe('the preparations', () => {
  const job = { repackOn: '2026-12-10', prepared: [{ key: 'lava/break', at: '2026-12-02T09:00:00Z' }] };
  const steps = planProgramme(filter, [pad, stone], [], job);
  const part = (now: string, change: object = {}) => (
    <ProgrammePart
      steps={steps}
      repackOn="2026-12-10"
      now={now}
      onDay={() => undefined}
      onTick={() => undefined}
      {...change}
    />
  );

  it('stand under their days, with what is overdue, what is done, and the cautions', () => {
    show(part('2026-12-04T08:00:00Z'));
    expect(screen.getByText(/Friday, 4 December, today|Friday 4 December, today/)).toBeTruthy();
    expect(screen.getByText(/2 December.*, overdue$/)).toBeTruthy();
    const broken = screen.getByRole('checkbox', { name: /^Lava rock.*break it/ });
    expect((broken as HTMLInputElement).checked).toBe(true);
    expect(screen.getByText(/splinters fly/)).toBeTruthy();
    expect(screen.getAllByText(/then leave it for 24.hours/).length).toBeGreaterThan(0);
  });

  it('are ticked by key, and the day is cleared with the field', async () => {
    const [onTick, onDay] = [vi.fn(), vi.fn()];
    show(part('2026-12-04T08:00:00Z', { onTick, onDay }));
    await userEvent.click(screen.getByRole('checkbox', { name: /vinegar/ }));
    expect(onTick).toHaveBeenCalledWith('lava/vinegar', true);
    await userEvent.clear(screen.getByLabelText('Day of the repack'));
    expect(onDay).toHaveBeenCalledWith(null);
  });

  it('count the days before while no day is chosen, and say when nothing is new', () => {
    const open = planProgramme(filter, [stone], [], { repackOn: null, prepared: [] });
    show(part('2026-12-04T08:00:00Z', { steps: open, repackOn: null }));
    expect(screen.getByText('8 days before')).toBeTruthy();
    expect(screen.getByText('1 day before')).toBeTruthy();
    cleanup();
    show(part('2026-12-04T08:00:00Z', { steps: [] }));
    expect(screen.getByText(/No new media/)).toBeTruthy();
  });
});

describe('the shopping list', () => {
  const needs = (layers: readonly Layer[], on: Shelf): Need[] =>
    shoppingList(
      {
        filter,
        layers,
        found: [],
        cuts: groupsOf(layers, on),
        fills: fills(filter, layers),
        parts: { seal: 'worn' },
      },
      on,
    );

  it('says what is needed, there and bought, with what is known of the price', () => {
    const sack = looseItem('lava', 0.1e-3, { label: 'Sack', packVolume: 5e-3, price: 7 });
    show(<ShoppingPart needs={needs([pad, stone], shelf(sheet(), sack))} />);
    const row = (name: RegExp) => within(screen.getByRole('row', { name })).getAllByRole('cell');
    expect(row(/^Medium foam/).map((cell) => cell.textContent)).toEqual(['1', '0', '1', '£9.00']);
    expect(row(/^Lava rock/).map((cell) => cell.textContent)[2]).toMatch(/^1 × 5\.00.L “Sack”$/);
    expect(row(/^lid seal/).map((cell) => cell.textContent)).toEqual(['1', '0', '1', 'no price']);
    expect(screen.getByText(/To buy: £16\.00, and 2 without a price/)).toBeTruthy();
  });

  it('tells what is counted by the piece as well, to be bought too', () => {
    const balls = plainLayer('b', 'balls', 'tray-2', 0.04);
    show(<ShoppingPart needs={needs([balls], EMPTY_SHELF)} />);
    const cells = within(screen.getByRole('row', { name: /balls/i })).getAllByRole('cell');
    // 9 to 40 to the litre.
    expect(cells[0]!.textContent).toMatch(/^1\.44.L \(about 12 to 58 pieces\)$/);
    expect(cells[2]!.textContent).toBe(cells[0]!.textContent);
    expect(cells[1]!.textContent).toMatch(/^0\.00.L$/);
  });

  it('says that nothing is needed, and where no price is known at all', () => {
    show(<ShoppingPart needs={[]} />);
    expect(screen.getByText(/You need nothing more/)).toBeTruthy();
    cleanup();
    show(<ShoppingPart needs={needs([stone], EMPTY_SHELF)} />);
    expect(screen.getByText(/To buy: no prices entered/)).toBeTruthy();
  });
});

describe('bags and loose media', () => {
  it('say litres, weight, bags, what pours out, and hoses', async () => {
    const onTaken = vi.fn();
    const loose = { ...plainLayer('l', 'lava', hang.chambers[0]!.id, 0.04) };
    show(
      <FillsPart
        fills={[...fills(filter, [stone]), ...fills(hang, [loose])]}
        there={new Set(['l'])}
        fittings={fittings(filter)}
        onTaken={onTaken}
      />,
    );
    expect(screen.getByText(/One bag of .* or more, .* in each: filled to 80.%/)).toBeTruthy();
    expect(screen.getByText(/Without a bag it falls out/)).toBeTruthy();
    expect(screen.getByText(/in the filter already/)).toBeTruthy();
    expect(screen.getByText(/Hose back to the tank: 1\.40.m/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Take these from the shelf' }));
    expect(onTaken).toHaveBeenCalledOnce();
  });

  it('say when nothing is poured', () => {
    show(<FillsPart fills={[]} there={new Set()} fittings={[]} onTaken={null} />);
    expect(screen.getByText('This plan has no loose media.')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('templates', () => {
  it('link to their files', () => {
    show(<TemplatesPart filterId="f" templates={pieceTemplates(cutPieces(filter, [pad], () => []))} />);
    const link = (name: RegExp): string | null => screen.getByRole('link', { name }).getAttribute('href');
    expect(link(/PDF, Letter/)).toBe('/api/filters/f/templates?paper=letter');
    expect(link(/^1 Medium foam/)).toBe('/api/filters/f/templates?shape=0');
  });
});

describe('a printed block', () => {
  it('says its figures, refuses what cannot be printed, and goes into the plan with its feet', async () => {
    const onUse = vi.fn();
    show(<BlockPart filter={filter} head={0.0012} onUse={onUse} />);
    expect(screen.getByTestId('block-figures').textContent).toMatch(
      /ribs, 2\.\d.mm apart; .*of its face open/,
    );
    expect(
      screen.getByText(/a little higher in front of the block than behind it, here by about 1\.2.mm/),
    ).toBeTruthy();
    const rib = screen.getByLabelText('Rib');
    await userEvent.clear(rib);
    await userEvent.type(rib, '9');
    expect(screen.getByText(/Rib must be/)).toBeTruthy();
    await userEvent.clear(rib);
    await userEvent.type(rib, '1,0');
    await userEvent.click(screen.getByRole('button', { name: 'Add to the plan' }));
    const [[layers]] = onUse.mock.calls as [[readonly Layer[]]];
    expect(layers.map(({ medium }) => medium)[0]).toBe('spacer');
    expect(layers[1]?.own).toMatchObject({ name: 'Printed block, 1 mm ribs', like: 'printed-block' });
  });

  it('is not offered where no chamber has straight walls', () => {
    const round = presetFilter('canister-centre-pipe', { id: 'r', tankId: 't' }, 'Round');
    show(<BlockPart filter={round} head={null} onUse={() => undefined} />);
    expect(screen.getByText(/This filter has none/)).toBeTruthy();
  });
});

describe('a soak that stands', () => {
  it('counts down by itself, and says when it has stood long enough', () => {
    vi.useFakeTimers({ now: new Date('2026-03-01T10:00:00Z') });
    try {
      show(<SoakTimer stands={1} doneAt="2026-03-01T09:30:00Z" />);
      act(() => void vi.advanceTimersByTime(1000));
      expect(screen.getByRole('timer').textContent).toBe('29:59');
      act(() => void vi.advanceTimersByTime(30 * 60_000));
      expect(screen.getByText(/Ready since/)).toBeTruthy();
    } finally {
      vi.useRealTimers();
    }
  });
});

describe('a new filter', () => {
  const boxed = [
    plainLayer('fine', 'foam-45', 'basket', 0.02),
    plainLayer('coarse', 'foam-15', 'basket', 0.02),
  ];

  it('has its leaflet’s order set against the right one, piece by piece', () => {
    show(<FirstPackPart filter={hang} boxed={boxed} planned={[boxed[1]!]} />);
    expect(screen.getByText(/put 2 of 2 pieces in the wrong place/)).toBeTruthy();
    const row = screen.getByRole('row', { name: /Fine foam/ });
    expect(
      within(row)
        .getAllByRole('cell')
        .map(({ textContent }) => textContent),
    ).toEqual(['1', '2', 'not used']);
  });

  it('asks for what came in the box where nothing is entered', () => {
    show(<FirstPackPart filter={hang} boxed={[]} planned={[]} />);
    expect(screen.getByRole('link', { name: 'Enter the media from the box' })).toBeTruthy();
  });
});

describe('pieces cut for another filter', () => {
  it('are recorded with the repack of that filter, and taken back by undo', async () => {
    const sent: unknown[] = [];
    vi.stubGlobal('fetch', (url: string, { body }: { body: string }) => {
      sent.push([url, (JSON.parse(body) as { doc: Job }).doc.cut]);
      return Promise.resolve(Response.json({ doc: {}, version: 2, updatedAt: '' }));
    });
    try {
      const job = { doc: { id: 'other-job', cut: null } as unknown as Job, version: 1, updatedAt: '' };
      const { result } = renderHook(() => useCutsAlong([{ filter: hang, job, layers: [], found: [] }]));
      const cut = { at: '2026-03-01T09:30:00Z', pieces: [] };
      act(() => result.current.put({ 'other-job': cut }));
      await vi.waitFor(() => expect(sent).toEqual([['/api/jobs/other-job', cut]]));
      expect(result.current.cuts).toEqual({ 'other-job': cut });
      act(() => result.current.put({ 'other-job': null }));
      await vi.waitFor(() => expect(sent.at(-1)).toEqual(['/api/jobs/other-job', null]));
    } finally {
      vi.unstubAllGlobals();
    }
  });
});
