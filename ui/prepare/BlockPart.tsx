'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { mediumById } from '@/core/media/catalogue';
import { blockMedium } from '@/core/prepare/blockMedium';
import { BLOCK_BOUNDS } from '@/core/prepare/blockBounds';
import { blockFaults, type Block } from '@/core/prepare/block';
import {
  blockFigures,
  blockMass,
  blockFor,
  PRINT_MATERIALS,
  type PrintMaterial,
} from '@/core/prepare/printedBlock';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { useWords } from '../fields/UnitsProvider';
import { saveText } from '../state/saveText';
import styles from './Prepare.module.css';

interface Props {
  readonly filter: Filter;
  /** Head that the printed blocks of the plan take, m of water; null: there is none in it. */
  readonly head: number | null;
  /** Adds layers to the plan, in flow order, at the end of their chamber. */
  readonly onUse: (layers: readonly Layer[]) => void;
}

const FIELDS = [
  ['length', 'Length'],
  ['width', 'Width'],
  ['height', 'Height'],
  ['wall', 'Wall'],
  ['rib', 'Rib'],
  ['gap', 'Gap between ribs'],
  ['notch', 'Side notch'],
  ['feet', 'Spacer feet'],
] as const satisfies readonly (readonly [keyof Block, string])[];

/** A ribbed block for a compartment, for those who print: its figures, its file, and its place in the plan. */
export function BlockPart({ filter, head, onUse }: Props) {
  const words = useWords();
  const boxes = filter.chambers.filter((chamber) => blockFor(chamber) !== null);
  const [chamberId, setChamberId] = useState(boxes[0]?.id ?? '');
  const chamber = boxes.find(({ id }) => id === chamberId) ?? boxes[0];
  const first = chamber === undefined ? null : blockFor(chamber);
  const [changed, setChanged] = useState<Partial<Block>>({});
  const [material, setMaterial] = useState<PrintMaterial>('PETG');
  if (chamber === undefined || first === null)
    return (
      <p className="quiet">
        You can print blocks only for chambers with straight walls. This filter has none.
      </p>
    );
  const block: Block = { ...first, ...changed };
  const faults = blockFaults(block);
  const save = async () => {
    // Loaded when it is wanted: few keepers print.
    const { blockStl } = await import('@/formats/blockStl');
    saveText('block.stl', blockStl(block), 'model/stl');
  };
  const figures = faults.length === 0 ? blockFigures(block) : null;
  const { density, note } = PRINT_MATERIALS[material];
  return (
    <div className={styles.part}>
      <ChoiceField
        label="For the chamber"
        value={chamber.id}
        choices={boxes.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(id) => {
          setChamberId(id);
          setChanged({});
        }}
      />
      <div className={styles.blockFields}>
        {FIELDS.map(([key, label]) => (
          <QuantityField
            key={`${chamber.id} ${key}`}
            label={label}
            bounds={BLOCK_BOUNDS[key]}
            value={block[key]}
            digits={1}
            onChange={(si) => si !== null && setChanged({ ...changed, [key]: si })}
          />
        ))}
        <ChoiceField<PrintMaterial>
          label="Material"
          value={material}
          choices={(Object.keys(PRINT_MATERIALS) as PrintMaterial[]).map((value) => ({
            value,
            label: value,
          }))}
          onChange={setMaterial}
        />
      </div>
      {figures === null ? (
        <p className={styles.fault}>{faults.join(' ')}</p>
      ) : (
        <>
          <p data-testid="block-figures">
            {figures.ribs} {figures.ribs === 1 ? 'rib' : 'ribs'},{' '}
            {words.show({ kind: 'gap', si: figures.spacing }, 1)} apart;{' '}
            {words.show({ kind: 'surface', si: figures.surface })} of surface,{' '}
            {words.show({ kind: 'share', si: figures.openShare })} of its face open;{' '}
            {words.show({ kind: 'mass', si: blockMass(figures, material) })} of {material}, about{' '}
            {words.number(figures.hours.low, 1)} to {words.number(figures.hours.high, 1)} hours of printing.
          </p>
          <p className="quiet">
            {material} {note}. Use filament without fillers, metal or glow pigment. This is an estimate: trust
            your printer’s slicer.
          </p>
          <div className={styles.tools}>
            <Button onClick={() => void save()}>Save as STL</Button>
            <Button
              onClick={() => {
                const { layer } = blockMedium(block, density, chamber.id, `block-${crypto.randomUUID()}`);
                onUse([
                  ...(block.feet > 0
                    ? [
                        plainLayer(
                          `feet-${crypto.randomUUID()}`,
                          mediumById('spacer').id,
                          chamber.id,
                          block.feet,
                        ),
                      ]
                    : []),
                  layer,
                ]);
              }}
            >
              Add to the plan
            </Button>
          </div>
        </>
      )}
      {head === null ? null : (
        <p>
          Check it once it runs. The water must be a little higher in front of the block than behind it, here
          by about {words.show({ kind: 'gap', si: head }, 1)}. If it is level on both sides, water is going
          around the block.
        </p>
      )}
    </div>
  );
}
