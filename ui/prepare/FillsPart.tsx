'use client';
import Button from '@mui/material/Button';
import { BAG_FILL, type Fill } from '@/core/prepare/bags';
import type { Fitting } from '@/core/prepare/fittings';
import { formatPieces } from '../fields/formatPieces';
import { useWords } from '../fields/UnitsProvider';
import { Swatch } from '../drawing/Swatch';
import styles from './Prepare.module.css';

interface Props {
  readonly fills: readonly Fill[];
  /** Ids of layers that were in the filter before. */
  readonly there: ReadonlySet<string>;
  readonly fittings: readonly Fitting[];
  /** Takes what goes in new from the shelf; null: it was taken, or nothing is new. */
  readonly onTaken: (() => void) | null;
}

/** How much loose media goes in, in which bags, and how heavy it is. */
export function FillsPart({ fills, there, fittings, onTaken }: Props) {
  const words = useWords();
  const litres = (si: number): string => words.show({ kind: 'volume', si });
  const pieces = (medium: Fill['medium'], volume: number): string => {
    const counted = formatPieces(words, medium, volume);
    return counted === null ? '' : ` (${counted})`;
  };
  return (
    <section aria-label="Bags and loose media" className={styles.part}>
      <h2 className="title">Bags and loose media</h2>
      {fills.length === 0 ? <p className="quiet">This plan has no loose media.</p> : null}
      <ul>
        {fills.map(
          ({ layerId, layerNumber, medium, poured, dryMass, drainedMass, placed, bags, poursOut }) => (
            <li key={layerId} className={styles.fill}>
              <Swatch medium={medium} width={30} height={22} />
              <div>
                <p>
                  <strong>{layerNumber}</strong> {medium.name}: {litres(poured)}
                  {pieces(medium, poured)}, {words.show({ kind: 'mass', si: dryMass })} dry,{' '}
                  {words.show({ kind: 'mass', si: drainedMass })} wet
                  {placed ? ', placed by hand' : ''}
                  {there.has(layerId) ? ', in the filter already' : ''}
                </p>
                {bags === null ? null : (
                  <p className="quiet">
                    {bags.count === 1 ? 'One bag' : `${bags.count} bags`} of {litres(bags.size)} or more,{' '}
                    {litres(bags.fill)} in each: filled to {words.show({ kind: 'share', si: BAG_FILL })}, so
                    that {bags.count === 1 ? 'the bag spreads' : 'they spread'} into the corners.
                  </p>
                )}
                {poursOut ? (
                  <p className={styles.caution}>
                    Without a bag it falls out when you lift the basket. Choose a bag on Plan.
                  </p>
                ) : null}
              </div>
            </li>
          ),
        )}
      </ul>
      {onTaken === null ? null : (
        <div className={styles.tools}>
          <Button onClick={onTaken}>Take these from the shelf</Button>
        </div>
      )}
      {fittings.length === 0 ? null : (
        <>
          <h3 className="caption">Hoses and fittings</h3>
          <ul>
            {fittings.map(({ what, length, count }) => (
              <li key={what}>
                {what}: {count > 1 && length !== null ? `${count} × ` : ''}
                {length === null ? count : words.show({ kind: 'run', si: length })}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
