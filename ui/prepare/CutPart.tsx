'use client';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { USUAL_SHEET, type CutGroup, type PlannedSheet } from '@/core/cut/cutPlan';
import { boxOf } from '@/core/cut/outline';
import type { Job } from '@/core/job/job';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { Swatch } from '../drawing/Swatch';
import { SheetDrawing } from './SheetDrawing';
import styles from './Prepare.module.css';

interface Props {
  readonly groups: readonly CutGroup[];
  readonly cut: Job['cut'];
  /** Other filters that a pack is planned for, and which of them are cut as well. */
  readonly others: readonly { readonly id: string; readonly name: string; readonly taken: boolean }[];
  readonly onTake: (filterId: string, taken: boolean) => void;
  readonly onCut: () => void;
}

const FROM_WORDS: Readonly<Record<PlannedSheet['from'], string>> = {
  'off-cut': 'off-cut from the shelf',
  shelf: 'sheet from the shelf',
  'to buy': 'sheet to buy',
};

/** How foam and pads are cut from the sheets there are and those to buy. */
export function CutPart({ groups, cut, others, onTake, onCut }: Props) {
  const words = useWords();
  const largest = Math.max(
    0.01,
    ...groups.flatMap(({ sheets }) => sheets.flatMap(({ length, width }) => [length, width])),
  );
  const several = others.some(({ taken }) => taken);
  const labelOf = (layerNumber: number, filterName: string): string =>
    several ? `${filterName.slice(0, 1)}${layerNumber}` : `${layerNumber}`;
  return (
    <section aria-label="Cut plan" className={styles.part}>
      <h2 className="title">Cut plan</h2>
      {others.map(({ id, name, taken }) => (
        <FormControlLabel
          key={id}
          label={`Cut the pieces for ${name} from the same sheets`}
          control={<Checkbox checked={taken} onChange={(_, on) => onTake(id, on)} />}
        />
      ))}
      {groups.length > 0 ? null : (
        <p className="quiet">
          {cut === null
            ? 'This plan needs no new pieces.'
            : `All pieces are cut, on ${words.date(cut.at, { day: 'numeric', month: 'long' })}.`}
        </p>
      )}
      <div className={styles.groups}>
        {groups.map((group) => (
          <div key={`${group.medium.id} ${group.thickness}`} className={styles.group}>
            <h3 className={styles.groupHead}>
              <Swatch medium={group.medium} width={30} height={22} />
              <span>
                {group.medium.name}, {words.show({ kind: 'length', si: group.thickness })} thick
              </span>
            </h3>
            <p>
              <Bought group={group} />
            </p>
            {group.tooLarge.length === 0 ? null : (
              <p className={styles.fault}>
                {group.tooLarge
                  .map(({ layerNumber, outline }) => {
                    const { length, width } = boxOf(outline);
                    return `Layer ${layerNumber} needs ${words.show({ kind: 'length', si: length })} × ${words.show({ kind: 'length', si: width })}`;
                  })
                  .join('; ')}
                . No sheet is large enough. Enter a larger one on Shelf, or make the piece smaller on Plan.
              </p>
            )}
            <div className={styles.sheets}>
              {group.sheets.map((sheet, index) => (
                <figure key={`${index}-${sheet.itemId ?? ''}`}>
                  <SheetDrawing sheet={sheet} medium={group.medium} largest={largest} labelOf={labelOf} />
                  <figcaption className="caption">
                    {FROM_WORDS[sheet.from]}, {words.parts({ kind: 'length', si: sheet.length }).number} ×{' '}
                    {words.show({ kind: 'length', si: sheet.width })}; {sheet.cuts.count} straight{' '}
                    {sheet.cuts.count === 1 ? 'cut' : 'cuts'},{' '}
                    {words.show({ kind: 'run', si: sheet.cuts.length })} in all
                  </figcaption>
                </figure>
              ))}
            </div>
            <PieceList group={group} several={several} />
          </div>
        ))}
      </div>
      {groups.length === 0 ? null : (
        <div className={styles.tools}>
          <Button onClick={onCut}>Mark as cut</Button>
          <span className="quiet">Takes the sheets off the shelf and adds the off-cuts.</span>
        </div>
      )}
    </section>
  );
}

/** How many sheets are bought, and how sure that is the least. */
function Bought({ group }: { group: CutGroup }) {
  const words = useWords();
  const { bought, leastBought, buy, waste } = group;
  const share = words.show({ kind: 'share', si: waste });
  if (buy === null || bought === 0)
    return <>Nothing to buy. You have enough on the shelf. {share} of the sheets is waste.</>;
  const size = `${words.parts({ kind: 'length', si: buy.length }).number} × ${words.show({ kind: 'length', si: buy.width })}`;
  return (
    <>
      Buy {bought} {bought === 1 ? 'sheet' : 'sheets'} of {size}
      {bought === leastBought
        ? ', the fewest possible'
        : `: the fewest found; going by area alone, ${leastBought} might be enough`}
      . {share} of the sheets is waste
      {buy.itemId === null ? (
        <>
          . {words.show({ kind: 'length', si: USUAL_SHEET.length })} square is assumed. You can{' '}
          <AppLink href="/shelf">enter the sheets you can buy</AppLink>
        </>
      ) : null}
      .
    </>
  );
}

function PieceList({ group, several }: { group: CutGroup; several: boolean }) {
  const words = useWords();
  const pieces = group.sheets.flatMap(({ placed }) => placed.map(({ piece }) => piece));
  return (
    <ul className={styles.pieces}>
      {pieces.map(({ id, layerNumber, filterName, outline, part, bevel }) => (
        <li key={id}>
          <strong>
            {several ? filterName : 'Layer'} {layerNumber}
          </strong>
          :{' '}
          {outline.form === 'disc'
            ? `disc of ${words.show({ kind: 'length', si: outline.diameter })}${outline.bore > 0 ? `, hole of ${words.show({ kind: 'length', si: outline.bore })}` : ''}`
            : `${words.parts({ kind: 'length', si: outline.length }).number} × ${words.show({ kind: 'length', si: outline.width })}${outline.corner > 0 ? `, corners rounded to ${words.show({ kind: 'gap', si: outline.corner })}` : ''}${outline.notch === null ? '' : `, notch of ${words.show({ kind: 'length', si: outline.notch.width })}`}`}
          {bevel > 0 ? `, bottom ${words.show({ kind: 'gap', si: bevel })} narrower` : ''}
          {part === '' ? '' : `, ${part}`}
        </li>
      ))}
    </ul>
  );
}
