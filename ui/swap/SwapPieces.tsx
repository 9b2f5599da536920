import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { successorKind } from '@/core/report/swapEdits';
import { lowerFirst } from '@/core/units/firstLetter';
import { Swatch } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import { SuccessorField } from './SuccessorField';
import styles from './SwapSheet.module.css';
import type { SwapOfFilter } from './useSwap';

/** The layers that can be replaced: which are, and with what. */
export function SwapPieces({ swap, begun, hasFood, retirable, surfaceOf, choose }: SwapOfFilter) {
  const words = useWords();
  return (
    <section aria-label="Media to replace" className={styles.choose}>
      <h2 className={`caption ${styles.heading}`}>Media to replace</h2>
      {begun ? (
        <p className="quiet">
          The swap has started, so you cannot change what it replaces. You can start a new repack at any time.
        </p>
      ) : null}
      <ul>
        {retirable.map(({ layer, medium, chamber }) => {
          const piece = swap?.pieces.find(({ key }) => key === layer.id);
          return (
            <li key={layer.id} className={styles.piece}>
              <Swatch medium={medium} />
              <div>
                <FormControlLabel
                  label={`${medium.name} (${lowerFirst(chamber.name)})`}
                  control={
                    <Checkbox
                      checked={piece !== undefined}
                      disabled={begun || !hasFood}
                      onChange={(_, on) => choose(layer.id, on ? 'same' : null)}
                    />
                  }
                />
                <span className="quiet">
                  {words.show({ kind: 'length', si: layer.thickness })} thick;{' '}
                  {words.show({ kind: 'surface', si: surfaceOf(layer.id) })} for bacteria
                </span>
                {piece === undefined || begun ? null : (
                  <SuccessorField
                    name={medium.name}
                    value={successorKind(piece, surfaceOf(layer.id))}
                    onChange={(successor) => choose(layer.id, successor)}
                  />
                )}
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
