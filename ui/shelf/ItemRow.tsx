'use client';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useEffect, useRef, type ReactNode } from 'react';
import { CATALOGUE, findMedium, UNKNOWN_MEDIUM } from '@/core/media/catalogue';
import type { Medium } from '@/core/media/medium';
import { volumeOfPieces } from '@/core/media/piecesInVolume';
import { LONGEST_LABEL, MAX_COUNT, SHELF_BOUNDS } from '@/core/shelf/shelfBounds';
import type { ShelfItem } from '@/core/shelf/shelf';
import { SPARES, type Spare } from '@/core/shelf/spares';
import { filmSurvival, MATURE_WET } from '@/core/job/outOfFlowClock';
import { HOUR } from '@/core/units/time';
import { useNow } from '../state/useNow';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { PiecesField } from '../fields/PiecesField';
import { QuantityField } from '../fields/QuantityField';
import { TextInput } from '../fields/TextInput';
import { useWords } from '../fields/UnitsProvider';
import { Swatch } from '../drawing/Swatch';
import styles from './ShelfSheet.module.css';

interface Props {
  readonly item: ShelfItem;
  /** Money a litre; null: not known. */
  readonly perLitre: number | null;
  readonly isNew: boolean;
  readonly onChange: (item: ShelfItem) => void;
  readonly onRemove: () => void;
}

/** How the media come that each kind of thing may be made of. */
const SUPPLY: Readonly<Partial<Record<ShelfItem['kind'], Medium['supply']>>> = {
  sheet: 'sheet',
  loose: 'loose',
  piece: 'piece',
};

/** One thing on the shelf: what, how large, how many, at what price. */
export function ItemRow({ item, perLitre, isNew, onChange, onRemove }: Props) {
  const words = useWords();
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isNew) row.current?.querySelector<HTMLElement>('select, input')?.focus();
  }, [isNew]);
  const medium = 'medium' in item ? findMedium(item.medium) : undefined;
  const name = 'medium' in item ? (medium?.name ?? item.medium) : item.kind === 'spare' ? item.part : 'bag';
  return (
    <li ref={row} className={styles.row} aria-label={item.label === '' ? name : `${name}, ${item.label}`}>
      <span className={styles.swatch}>
        {medium === undefined ? null : <Swatch medium={medium} width={30} height={26} />}
      </span>
      {'medium' in item ? (
        <ChoiceField
          label="Medium"
          value={item.medium}
          choices={CATALOGUE.filter(
            ({ supply, id }) => supply === SUPPLY[item.kind] && id !== UNKNOWN_MEDIUM,
          ).map(({ id, name: label }) => ({ value: id, label }))}
          onChange={(chosen) => onChange({ ...item, medium: chosen })}
        />
      ) : null}
      {item.kind === 'spare' ? (
        <ChoiceField<Spare>
          label="Part"
          value={item.part}
          choices={SPARES.map((part) => ({ value: part, label: part }))}
          onChange={(part) => onChange({ ...item, part })}
        />
      ) : null}
      {sizes(item, onChange)}
      {item.kind === 'loose' ? null : (
        <CountField
          label="On hand"
          value={item.count}
          max={MAX_COUNT}
          onChange={(count) => count !== null && onChange({ ...item, count })}
        />
      )}
      {item.kind === 'sheet' && item.offcut ? null : (
        <QuantityField
          label={item.kind === 'loose' ? 'Price of a packet' : 'Price of one'}
          bounds={SHELF_BOUNDS.price}
          value={item.price}
          digits={2}
          optional
          hint={perLitre === null ? undefined : `${words.money(perLitre)} a litre`}
          onChange={(price) => onChange({ ...item, price })}
        />
      )}
      {'wetSince' in item && item.wetSince != null ? (
        <WetNote since={item.wetSince} onDry={() => onChange({ ...item, wetSince: null })} />
      ) : null}
      <TextInput
        label="Label"
        value={item.label}
        maxLength={LONGEST_LABEL}
        onChange={(event) => onChange({ ...item, label: event.target.value })}
      />
      <Button onClick={onRemove} aria-label={`Remove ${name} from the shelf`}>
        Remove
      </Button>
    </li>
  );
}

const MINUTE_MS = 60_000;

/** How much lives in a wet spare, and for how long it counts as mature. */
function WetNote({ since, onDry }: { readonly since: string; readonly onDry: () => void }) {
  const words = useWords();
  const now = useNow(MINUTE_MS);
  if (now === null) return null;
  const seconds = Math.max(0, (Date.parse(now) - Date.parse(since)) / 1000);
  const left = MATURE_WET - seconds;
  return (
    <p className={styles.wet}>
      {left > 0
        ? `Mature if kept wet: for up to ${words.show({ kind: 'hours', si: Math.ceil(left / HOUR) * HOUR })} more.`
        : `Wet. About ${words.show({ kind: 'share', si: filmSurvival(seconds) })} of its bacteria are alive.`}{' '}
      <Button onClick={onDry}>Mark as dry</Button>
    </p>
  );
}

function sizes(item: ShelfItem, onChange: Props['onChange']): ReactNode {
  switch (item.kind) {
    case 'sheet':
      return (
        <>
          {(
            [
              ['length', 'Length', SHELF_BOUNDS.sheetLength],
              ['width', 'Width', SHELF_BOUNDS.sheetWidth],
              ['thickness', 'Thickness', SHELF_BOUNDS.sheetThickness],
            ] as const
          ).map(([side, label, bounds]) => (
            <QuantityField
              key={side}
              label={label}
              bounds={bounds}
              value={item[side]}
              onChange={(si) => si !== null && onChange({ ...item, [side]: si })}
            />
          ))}
          <FormControlLabel
            label="Off-cut"
            control={
              <Checkbox
                checked={item.offcut}
                onChange={(_, offcut) => onChange({ ...item, offcut, price: offcut ? null : item.price })}
              />
            }
          />
        </>
      );
    case 'loose':
      return (
        <>
          <QuantityField
            label="On hand"
            bounds={SHELF_BOUNDS.volume}
            value={item.volume}
            onChange={(volume) => volume !== null && onChange({ ...item, volume })}
          />
          <PiecesField
            medium={{ id: item.medium }}
            volume={item.volume}
            most={SHELF_BOUNDS.volume.max}
            onPieces={(pieces) => {
              const volume = volumeOfPieces({ id: item.medium }, pieces);
              if (volume !== null) onChange({ ...item, volume });
            }}
          />
          <QuantityField
            label="A packet holds"
            bounds={SHELF_BOUNDS.packVolume}
            value={item.packVolume}
            optional
            onChange={(packVolume) => onChange({ ...item, packVolume })}
          />
        </>
      );
    case 'bag':
      return (
        <QuantityField
          label="Holds"
          bounds={SHELF_BOUNDS.bagVolume}
          value={item.volume}
          onChange={(volume) => volume !== null && onChange({ ...item, volume })}
        />
      );
    case 'piece':
    case 'spare':
      return null;
  }
}
