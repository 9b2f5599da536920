// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ShelfItemSchema, type LooseItem, type Shelf, type ShelfItem } from '@/core/shelf/shelf';
import { formatSentence } from '@/core/units/sentence';
import { UnitsProvider } from '../fields/UnitsProvider';
import { ItemRow } from './ItemRow';
import { newItem } from './newItem';
import { ShelfFile } from './ShelfFile';
import { shelfVerdict } from './shelfVerdict';

afterEach(cleanup);

const KINDS: readonly ShelfItem['kind'][] = ['sheet', 'loose', 'piece', 'bag', 'spare'];

/** A row as the sheet holds it: what leaves it comes back into it. */
function Row({ first, onStored }: { first: ShelfItem; onStored: (item: ShelfItem) => void }) {
  const [item, setItem] = useState(first);
  return (
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>
      <ul>
        <ItemRow
          item={item}
          perLitre={3.2}
          isNew
          onChange={(next) => {
            setItem(next);
            onStored(next);
          }}
          onRemove={() => undefined}
        />
      </ul>
    </UnitsProvider>
  );
}

describe('a new thing on the shelf', () => {
  it.each(KINDS)('of the kind %s can be stored as it is', (kind) => {
    expect(ShelfItemSchema.safeParse(newItem(kind)).success).toBe(true);
  });

  it('takes the hand at once, so that it can be typed over', () => {
    render(<Row first={newItem('bag')} onStored={() => undefined} />);
    expect(document.activeElement).toBe(screen.getByLabelText('Holds'));
  });
});

describe('a row of the shelf', () => {
  it('stores sizes in metres whatever unit is typed', async () => {
    const onStored = vi.fn();
    render(<Row first={newItem('sheet')} onStored={onStored} />);
    const width = screen.getByLabelText('Width');
    await userEvent.clear(width);
    await userEvent.type(width, '10 in');
    expect((onStored.mock.lastCall as [{ width: number }])[0].width).toBeCloseTo(0.254, 9);
  });

  it('takes scrubbers by the piece too, and counts no stone', async () => {
    const onStored = vi.fn();
    const loose = newItem('loose') as LooseItem;
    render(<Row first={{ ...loose, medium: 'scrubbers', volume: 2e-3 }} onStored={onStored} />);
    const pieces = screen.getByLabelText('Pieces, about');
    expect(pieces).toHaveProperty('value', '10');
    await userEvent.clear(pieces);
    await userEvent.type(pieces, '15');
    expect((onStored.mock.lastCall as [LooseItem])[0].volume).toBeCloseTo(3e-3, 9);
    cleanup();
    render(<Row first={{ ...loose, medium: 'lava' }} onStored={onStored} />);
    expect(screen.queryByLabelText('Pieces, about')).toBeNull();
  });

  it('never stores a count below zero, half a sheet, or a price of nothing', async () => {
    const stored: ShelfItem[] = [];
    render(<Row first={newItem('sheet')} onStored={(item) => stored.push(item)} />);
    for (const [label, text] of [
      ['On hand', '-1'],
      ['On hand', '1.5'],
      ['Price of one', '0'],
      ['Length', 'wide'],
    ] as const) {
      const field = screen.getByLabelText(label);
      await userEvent.clear(field);
      await userEvent.type(field, text);
    }
    for (const item of stored) expect(ShelfItemSchema.safeParse(item).success).toBe(true);
    expect(screen.getByText(/Price must be more than 0/)).toBeTruthy();
  });

  it('drops the price of an off-cut, which nobody sells', async () => {
    const onStored = vi.fn();
    render(<Row first={{ ...newItem('sheet'), price: 9 }} onStored={onStored} />);
    await userEvent.click(screen.getByRole('checkbox', { name: 'Off-cut' }));
    expect(onStored).toHaveBeenLastCalledWith(expect.objectContaining({ offcut: true, price: null }));
    expect(screen.queryByLabelText('Price of one')).toBeNull();
  });

  // Out of flow for an hour 95 % of the bacteria live, after four 60 % (calibrated in the core).
  it('says of a wet spare how long it stays mature, then how much lives in it, until it is dry', async () => {
    vi.useFakeTimers({ now: new Date('2026-12-02T14:00:00Z'), toFake: ['Date'] });
    const onStored = vi.fn();
    const wet = (wetSince: string) => ({ ...newItem('loose'), wetSince }) as ShelfItem;
    render(<Row first={wet('2026-12-02T13:00:00Z')} onStored={onStored} />);
    expect(await screen.findByText(/Mature if kept wet: for up to 2 hours more/)).toBeTruthy();
    cleanup();
    render(<Row first={wet('2026-12-02T10:00:00Z')} onStored={onStored} />);
    expect(await screen.findByText(/About 60 % of its bacteria are alive/)).toBeTruthy();
    vi.useRealTimers();
    await userEvent.click(screen.getByRole('button', { name: 'Mark as dry' }));
    expect(onStored).toHaveBeenLastCalledWith(expect.objectContaining({ wetSince: null }));
    expect(screen.queryByText(/alive/)).toBeNull();
  });

  it('offers only media that come in this way', () => {
    render(<Row first={newItem('loose')} onStored={() => undefined} />);
    const names = [...screen.getByLabelText('Medium').querySelectorAll('option')].map(
      (option) => option.textContent,
    );
    expect(names).toContain('Lava rock, 15 mm');
    expect(names.join()).not.toMatch(/foam|cartridge|Unknown/);
    expect(screen.getByText('€3.20 a litre')).toBeTruthy();
  });
});

describe('the shelf in one line', () => {
  const said = (items: ShelfItem[]): string => {
    const { state, next } = shelfVerdict({ id: 'shelf', items });
    return `${formatSentence(state)} ${formatSentence(next)}`;
  };
  it('says what is there, what is used up, and what has no price', () => {
    expect(said([])).toMatch(/The shelf is empty/);
    expect(said([newItem('bag')])).toBe(
      '1 item on the shelf, all on hand. 1 without a price, so costs leave them out.',
    );
    const spent = { ...newItem('piece'), count: 0, price: 4 } as ShelfItem;
    expect(said([spent, { ...newItem('spare'), price: 2 }])).toBe(
      '2 items on the shelf, 1 used up. All prices are entered.',
    );
    // An off-cut needs no price.
    expect(said([{ ...newItem('sheet'), offcut: true } as ShelfItem])).toMatch(/All prices are entered/);
  });
});

describe('a CSV file', () => {
  const shelf: Shelf = { id: 'shelf', items: [] };
  const file = (text: string): File => new File([text], 'shelf.csv', { type: 'text/csv' });
  const choose = async (text: string, onAdd = vi.fn()) => {
    render(<ShelfFile shelf={shelf} onAdd={onAdd} />);
    await userEvent.upload(screen.getByLabelText('CSV file'), file(text));
    return onAdd;
  };

  it('says what it would add before it adds it', async () => {
    const onAdd = await choose('kind,part,count\nspare,lid seal,2\nspare,lid seal,1\n');
    expect(await screen.findByText(/The file adds 2 items\. Items already on the shelf stay/)).toBeTruthy();
    expect(onAdd).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Add to the shelf' }));
    expect((onAdd.mock.lastCall as [ShelfItem[]])[0]).toMatchObject([{ count: 2 }, { count: 1 }]);
  });

  it('adds nothing of a file without good rows, and can be put away', async () => {
    await choose('kind,part,count\nspare,moon,2\n');
    expect(await screen.findByText('Nothing can be added.')).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add to the shelf' }).disabled).toBe(true);
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(screen.queryByText('Nothing can be added.')).toBeNull();
  });
});
