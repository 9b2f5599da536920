'use client';
import { lowerFirst } from '@/core/units/firstLetter';
import type { Need } from '@/core/prepare/shopping';
import { listCost } from '@/core/prepare/shopping';
import { formatPieces } from '../fields/formatPieces';
import type { Words } from '../fields/wordsFor';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import table from '../frame/FigureTable.module.css';
import styles from './Prepare.module.css';

/** What the plan takes from the shelf, what is missing, and what that costs. */
export function ShoppingPart({ needs }: { needs: readonly Need[] }) {
  const words = useWords();
  const { known, unpriced } = listCost(needs);
  return (
    <section aria-label="Shopping list" className={styles.part}>
      <h2 className="title">Shopping list</h2>
      {needs.length === 0 ? (
        <p className="quiet">You need nothing more than what is in the filter.</p>
      ) : (
        <table className={`${table.table} ${styles.needs}`}>
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Needed</th>
              <th scope="col">On the shelf</th>
              <th scope="col">To buy</th>
              <th scope="col">Price</th>
            </tr>
          </thead>
          <tbody>
            {needs.map((need) => (
              <tr key={need.key} data-buy={need.buy !== null}>
                <th scope="row">{nameOf(need, words)}</th>
                <td>{amount(need.needed, need, words)}</td>
                <td>{amount(need.onHand, need, words)}</td>
                <td>{need.buy === null ? 'nothing' : bought(need, need.buy, words)}</td>
                <td>
                  {need.buy === null ? '' : need.buy.cost === null ? 'no price' : words.money(need.buy.cost)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {needs.some(({ buy }) => buy !== null) ? (
        <p>
          {known > 0 || unpriced === 0 ? `To buy: ${words.money(known)}` : 'To buy: no prices entered'}
          {unpriced > 0 && known > 0 ? `, and ${unpriced} without a price` : ''}.{' '}
          <AppLink href="/shelf">Enter stock and prices on Shelf</AppLink>
        </p>
      ) : null}
    </section>
  );
}

function nameOf({ kind, medium, part, size }: Need, words: Words): string {
  const length = (si: number): string => words.show({ kind: 'length', si });
  if (kind === 'spare') return part ?? '';
  if (kind === 'bag')
    return `Bag of ${words.show({ kind: 'volume', si: typeof size === 'number' ? size : 0 })} or more, for the ${lowerFirst(medium?.name ?? 'media')}`;
  if (kind === 'sheet' && size !== null && typeof size === 'object')
    return `${medium?.name ?? ''}, sheet ${words.parts({ kind: 'length', si: size.length }).number} × ${length(size.width)}, ${length(size.thickness)} thick`;
  return medium?.name ?? '';
}

const amount = (value: number, { kind, medium }: Need, words: Words): string =>
  kind === 'loose' ? litres(value, medium, words) : words.number(value);

/** What keepers count, they buy by the piece. */
function litres(volume: number, medium: Need['medium'], words: Words): string {
  const shown = words.show({ kind: 'volume', si: volume });
  const pieces = medium === null ? null : formatPieces(words, medium, volume);
  return pieces === null ? shown : `${shown} (${pieces})`;
}

function bought(need: Need, { packs, pack, label }: NonNullable<Need['buy']>, words: Words): string {
  if (packs === null) return litres(need.needed - need.onHand, need.medium, words);
  const name = label === '' ? '' : ` “${label}”`;
  return need.kind === 'loose' && pack !== null
    ? `${packs} × ${words.show({ kind: 'volume', si: pack })}${name}`
    : `${packs}${name}`;
}
