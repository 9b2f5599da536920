'use client';
import { LITRE } from '@/core/units/siFactors';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { comparedLabels, pricePerVolume } from '@/core/shelf/pricePerLitre';
import { MAX_ITEMS } from '@/core/shelf/shelfBounds';
import type { Shelf, ShelfItem } from '@/core/shelf/shelf';
import { mediumById } from '@/core/media/catalogue';
import type { Stored } from '@/store/documentTable';
import { useWords } from '../fields/UnitsProvider';
import { FIELD_KEYS } from '../fields/fieldKeys';
import { VerdictBanner } from '../frame/VerdictBanner';
import { PageLayout } from '../frame/PageLayout';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { SaveStatus } from '../frame/SaveStatus';
import { UndoButtons } from '../frame/UndoButtons';
import { undoShortcuts } from '../state/undoShortcuts';
import { useAutosave } from '../state/useAutosave';
import { useUndo } from '../state/useUndo';
import { ItemRow } from './ItemRow';
import { newItem } from './newItem';
import { ShelfFile } from './ShelfFile';
import { shelfVerdict } from './shelfVerdict';
import styles from './ShelfSheet.module.css';

const KINDS: readonly { readonly kind: ShelfItem['kind']; readonly title: string; readonly add: string }[] = [
  { kind: 'sheet', title: 'Sheets and off-cuts', add: 'Add a sheet' },
  { kind: 'loose', title: 'Loose media', add: 'Add loose media' },
  { kind: 'piece', title: 'Cartridges and other pieces', add: 'Add a piece' },
  { kind: 'bag', title: 'Bags', add: 'Add a bag' },
  { kind: 'spare', title: 'Seals, grease and spares', add: 'Add a spare' },
];

/** What is on hand and what it costs: one shelf for all filters. */
export function ShelfSheet({ shelf }: { shelf: Stored<Shelf> }) {
  const words = useWords();
  const save = useAutosave('shelf', shelf);
  const undo = useUndo<Shelf>();
  const [added, setAdded] = useState<string | null>(null);
  const { items } = save.doc;
  const change = (next: readonly ShelfItem[], mark?: string) => {
    undo.remember(save.doc, mark);
    save.change((doc) => ({ ...doc, items: [...next] }));
  };
  const step = (to: 'undo' | 'redo') => () => {
    const past = undo[to](save.doc);
    if (past !== null) save.change(() => past);
  };
  const editing = { undo: step('undo'), redo: step('redo'), canUndo: undo.canUndo, canRedo: undo.canRedo };
  const end = useRef<HTMLDivElement>(null);
  return (
    <PageLayout
      page="Shelf"
      title="Shelf"
      nav={<TabRow label="Main" links={mainLinks('/shelf')} />}
      shortcuts={[...undoShortcuts(editing.undo, editing.redo), ...FIELD_KEYS]}
      status={
        <>
          <UndoButtons editing={editing} />
          <SaveStatus saves={[save]} />
        </>
      }
    >
      <VerdictBanner verdict={shelfVerdict(save.doc)} />
      <div className={styles.sheet} ref={end}>
        {KINDS.map(({ kind, title, add }) => {
          const own = items.filter((item) => item.kind === kind);
          return (
            <section key={kind} aria-label={title} className={styles.kind}>
              <div className={styles.head}>
                <h2 className="title">{title}</h2>
                <Button
                  disabled={items.length >= MAX_ITEMS}
                  onClick={() => {
                    const item = newItem(kind);
                    setAdded(item.id);
                    change([...items, item]);
                  }}
                >
                  {add}
                </Button>
              </div>
              {own.length === 0 ? <p className="quiet">None entered.</p> : null}
              <ul>
                {own.map((item) => (
                  <ItemRow
                    key={item.id}
                    item={item}
                    perLitre={perLitre(item)}
                    isNew={item.id === added}
                    onChange={(next) =>
                      change(
                        items.map((known) => (known.id === item.id ? next : known)),
                        `item ${item.id}`,
                      )
                    }
                    onRemove={() => change(items.filter(({ id }) => id !== item.id))}
                  />
                ))}
              </ul>
            </section>
          );
        })}
        <Compared shelf={save.doc} />
        <ShelfFile shelf={save.doc} onAdd={(more) => change([...items, ...more])} />
        <p className="quiet">
          A count of 0 means you have none, but can buy it at this price. Prices are in {words.currency}. You
          can change the currency in Settings.
        </p>
      </div>
    </PageLayout>
  );
}

const perLitre = (item: ShelfItem): number | null => {
  const price = pricePerVolume(item);
  return price === null ? null : price * LITRE;
};

/** The same medium under several labels, per litre. */
function Compared({ shelf }: { shelf: Shelf }) {
  const words = useWords();
  const compared = comparedLabels(shelf);
  if (compared.length === 0) return null;
  return (
    <section aria-label="Price per litre" className={styles.kind}>
      <h2 className="title">Price per litre</h2>
      {compared.map(({ medium, offers }) => (
        <div key={medium}>
          <h3 className="caption">{mediumById(medium).name}</h3>
          <ul>
            {offers.map(({ id, perVolume, times }) => (
              <li key={id} className={styles.offer}>
                <span>
                  {labelOf(
                    shelf.items.find((item) => item.id === id),
                    words,
                  )}
                </span>
                <span className="figure">{words.money(perVolume * LITRE)} a litre</span>
                <span className="quiet">
                  {times > 1.005 ? `${words.number(times, 1)} times the cheapest` : 'the cheapest'}
                </span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

function labelOf(item: ShelfItem | undefined, words: ReturnType<typeof useWords>): string {
  if (item === undefined) return '';
  if (item.label !== '') return item.label;
  if (item.kind === 'sheet')
    return `sheet ${words.parts({ kind: 'length', si: item.length }).number} × ${words.show({ kind: 'length', si: item.width })}`;
  return item.kind === 'loose' && item.packVolume !== null
    ? `packet of ${words.show({ kind: 'volume', si: item.packVolume })}`
    : 'without a label';
}
