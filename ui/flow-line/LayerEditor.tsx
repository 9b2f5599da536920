'use client';
import Button from '@mui/material/Button';
import type { RefObject } from 'react';
import { faceSides, isInward } from '@/core/filter/chamberGeometry';
import type { Holder, Layer } from '@/core/layers/layer';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { mediumOf } from '@/core/layers/mediumOf';
import { canBeMixed } from '@/core/media/mixedMedium';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import { pouredVolume } from '@/core/layers/pouredVolume';
import { thicknessOfPieces } from '@/core/layers/thicknessOfPieces';
import type { PackEdit } from '@/core/pack/packEdit';
import { ChoiceField } from '../fields/ChoiceField';
import { PiecesField } from '../fields/PiecesField';
import { QuantityField } from '../fields/QuantityField';
import { useFlowLine } from './FlowLineContext';
import { moveBy } from './layerEdits';
import { mediumChoices, pickMedium } from './mediumChoices';
import { SurfaceLine } from './SurfaceLine';
import { mergeEdit, sandwichEdit, splitEdit } from './layerTools';
import styles from './LayerEditor.module.css';

/** How much smaller than its chamber a piece starts out when it is marked as short, m on each side. */
const FIRST_GAP = 0.005;

interface Props {
  readonly layer: Layer;
  /** Its first field, for a key that leads there. */
  readonly firstField: RefObject<HTMLSelectElement | null>;
}

/** Exact entry for the chosen layer. */
export function LayerEditor({ layer, firstField }: Props) {
  const { filter, editing, select, ownMedia } = useFlowLine();
  const { layers, edit: onEdit } = editing;
  const medium = mediumOf(layer);
  const chamber = filter.chambers.find((item) => item.id === layer.chamber);
  const set = (change: Partial<Omit<Layer, 'id'>>) =>
    onEdit({ type: 'set', layerId: layer.id, change }, `type ${layer.id} ${Object.keys(change).join(' ')}`);
  const edit = (change: PackEdit | null) => change !== null && onEdit(change);
  const inChamber = layers.filter((candidate) => candidate.chamber === layer.chamber);
  const cut = layer.cut;
  const face = chamber === undefined ? null : faceSides(chamber.shape);
  return (
    <form
      className={styles.editor}
      aria-label={`Layer: ${medium.name}`}
      key={layer.id}
      onSubmit={(event) => event.preventDefault()}
    >
      <ChoiceField
        label="Medium"
        inputRef={firstField}
        value={layer.medium}
        choices={mediumChoices(ownMedia)}
        onChange={(value) => {
          const made = madeOnlyOf(pickMedium(ownMedia, value));
          set(canBeMixed(mediumOf(made)) ? { ...made, mix: layer.mix } : made);
        }}
      />
      {filter.chambers.length > 1 ? (
        <ChoiceField
          label="Chamber"
          value={layer.chamber}
          choices={filter.chambers.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(value) => onEdit({ type: 'move', layerId: layer.id, chamberId: value, index: Infinity })}
        />
      ) : null}
      <QuantityField
        label="Thickness"
        bounds={LAYER_BOUNDS.thickness}
        value={layer.thickness}
        onChange={(value) => value !== null && set({ thickness: value })}
        className={styles.number}
      />
      {chamber === undefined || isInward(chamber.shape) ? null : (
        <PiecesField
          medium={medium}
          volume={pouredVolume(chamber, layer, 0)}
          most={pouredVolume(chamber, { ...layer, thickness: LAYER_BOUNDS.thickness.max }, 0)}
          onPieces={(pieces) => {
            const thickness = thicknessOfPieces(chamber, layer, pieces);
            if (thickness !== null) set({ thickness });
          }}
        />
      )}
      {chamber !== undefined && face !== null && !isInward(chamber.shape) ? (
        <ChoiceField
          label="Reaches the walls"
          value={cut === null ? 'yes' : 'no'}
          choices={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no, cut smaller' },
          ]}
          onChange={(value) =>
            set({
              cut:
                value === 'yes'
                  ? null
                  : {
                      length: Math.max(LAYER_BOUNDS.cutLength.min, face.shown - 2 * FIRST_GAP),
                      width: Math.max(LAYER_BOUNDS.cutWidth.min, face.into - 2 * FIRST_GAP),
                    },
            })
          }
        />
      ) : null}
      {cut === null ? null : (
        <>
          <QuantityField
            label="Cut length"
            bounds={LAYER_BOUNDS.cutLength}
            value={cut.length}
            onChange={(value) => value !== null && set({ cut: { ...cut, length: value } })}
            className={styles.number}
          />
          <QuantityField
            label="Cut width"
            bounds={LAYER_BOUNDS.cutWidth}
            value={cut.width}
            onChange={(value) => value !== null && set({ cut: { ...cut, width: value } })}
            className={styles.number}
          />
        </>
      )}
      {cut === null ? null : (
        <ChoiceField
          label="The gap is"
          value={layer.gapFill}
          choices={[
            { value: 'open', label: 'open' },
            { value: 'floss', label: 'filled with floss' },
          ]}
          onChange={(gapFill) => set({ gapFill })}
        />
      )}
      {medium.compressible ? (
        <QuantityField
          label="Compressed to"
          bounds={LAYER_BOUNDS.compressionRatio}
          value={layer.compressionRatio}
          onChange={(compressionRatio) => compressionRatio !== null && set({ compressionRatio })}
          className={styles.number}
        />
      ) : null}
      {medium.supply === 'sheet' ? null : (
        <ChoiceField<Holder>
          label="Bag or wrapper"
          value={layer.holder}
          choices={[
            { value: 'none', label: 'loose' },
            { value: 'bag', label: 'one bag' },
            { value: 'small bags', label: 'small bags' },
            { value: 'wrapper', label: 'its plastic wrapper' },
          ]}
          onChange={(value) => set({ holder: value })}
        />
      )}
      {medium.supply === 'loose' && layer.holder === 'none' ? (
        <ChoiceField
          label="Poured or placed"
          value={layer.placed ? 'placed' : 'poured'}
          choices={[
            { value: 'poured', label: 'poured' },
            { value: 'placed', label: 'placed by hand' },
          ]}
          onChange={(value) => set({ placed: value === 'placed' })}
        />
      ) : null}
      <SurfaceLine medium={medium} />
      <div className={styles.buttons}>
        {([-1, 1] as const).map((step) => {
          const move = moveBy(filter, layers, layer, step);
          return (
            <Button key={step} disabled={move === null} onClick={() => move !== null && onEdit(move)}>
              {step === -1 ? '← Earlier' : 'Later →'}
            </Button>
          );
        })}
        {splitEdit(layer, inChamber) === null ? null : (
          <Button onClick={() => edit(splitEdit(layer, inChamber))}>Split</Button>
        )}
        {mergeEdit(layer, inChamber) === null ? null : (
          <Button onClick={() => edit(mergeEdit(layer, inChamber))}>Merge with next layer</Button>
        )}
        {medium.supply === 'loose' ? (
          <Button onClick={() => edit(sandwichEdit(layer, inChamber))}>Put between two pads</Button>
        ) : null}
        <Button
          onClick={() => {
            const copy = { ...layer, id: crypto.randomUUID() };
            onEdit({ type: 'add', layer: copy, index: inChamber.indexOf(layer) + 1 });
            select(copy.id);
          }}
        >
          Duplicate layer
        </Button>
        <Button
          onClick={() => {
            onEdit({ type: 'remove', layerId: layer.id });
            select(null);
          }}
        >
          Remove layer
        </Button>
        <Button onClick={() => select(null)}>Close</Button>
      </div>
    </form>
  );
}
